import { checkBordeaux, checkSoap, COPPER_SALTS, LIMES, type CopperSalt, type Lime, type LYES } from '@sleetbrook/core/bench';
import { parseNumber, parseQuantity, readSize, type Millilitres, type UnitSystem } from '@sleetbrook/core/measure';
import { View } from 'react-native';
import { useTool } from '../../state/tools';
import { Choice, Field } from '../../ui/field';
import { Mark, type MarkState } from '../../ui/mark';
import { Pick } from '../../ui/pick';
import { SizeField } from '../../ui/size-field';
import { T } from '../../ui/text';
import { gramsOf, OilFields, readOilText } from './oil-fields';
import { errorAt } from './parts';

const options = (table: Readonly<Record<string, { name: string }>>) => Object.entries(table).map(([value, { name }]) => ({ value, label: name }));

function Verdict({ mark, word, sentences }: { readonly mark: MarkState; readonly word: string; readonly sentences: readonly string[] }) {
  return (
    <View className="gap-3">
      <View className="flex-row items-center gap-3">
        <Mark state={mark} />
        <T kind="head" level={2} live>
          {word}
        </T>
      </View>
      {sentences.map((s) => (
        <T key={s}>{s}</T>
      ))}
    </View>
  );
}

const BORDEAUX = {
  usual: ['open', 'The usual strength'],
  weaker: ['wait', 'Weaker than usual'],
  stronger: ['wait', 'Stronger than usual'],
  'too-strong': ['stop', 'Too strong'],
  'little-lime': ['stop', 'Too little lime'],
} as const;

/** What somebody's copper and lime make, by its name. */
export function BordeauxRecipe({ units }: { readonly units: UnitSystem }) {
  const { values: v, set } = useTool('check-bordeaux', { copper: '', salt: 'pentahydrate', lime: '', limeKind: 'hydrated', water: '' });
  const copper = parseQuantity(v.copper, units, ['mass', 'volume'], 'copper');
  const lime = parseQuantity(v.lime, units, ['mass', 'volume'], 'lime');
  const water = v.water.trim() === '' ? null : readSize(v.water, 'mix', units, { min: 100, max: 400_000, what: 'The water' }, 'water');
  const out =
    copper.ok && lime.ok && water?.ok ? checkBordeaux(copper.value, lime.value, water.value as Millilitres, v.salt as CopperSalt, v.limeKind as Lime) : null;
  return (
    <>
      <Pick label="Copper" value={v.salt} onChange={(salt) => set({ salt })} options={options(COPPER_SALTS)} />
      <Field
        label="How much of it"
        value={v.copper}
        onChange={(t) => set({ copper: t })}
        placeholder="45 g"
        error={v.copper.trim() === '' || copper.ok ? undefined : copper.reasons[0]?.sentence}
        {...(copper.ok ? { hint: `Understood: ${copper.value.understood}` } : {})}
      />
      <Pick label="Lime" value={v.limeKind} onChange={(limeKind) => set({ limeKind })} options={options(LIMES)} />
      <Field
        label="How much lime"
        value={v.lime}
        onChange={(t) => set({ lime: t })}
        placeholder="10 tbsp"
        error={v.lime.trim() === '' || lime.ok ? undefined : lime.reasons[0]?.sentence}
        {...(lime.ok ? { hint: `Understood: ${lime.value.understood}` } : {})}
      />
      <SizeField
        label="In how much mix, all told"
        kind="mix"
        units={units}
        value={v.water}
        onChange={(t) => set({ water: t })}
        error={errorAt(water, 'water')}
      />
      {out?.ok && <Verdict mark={BORDEAUX[out.value.verdict][0]} word={BORDEAUX[out.value.verdict][1]} sentences={out.value.sentences} />}
      <T kind="small">By UC ANR Publication 7481. Where a label is on your packs, its figures go before these.</T>
    </>
  );
}

const SOAP = {
  good: ['open', 'No lye is left'],
  close: ['wait', 'Too close'],
  oily: ['wait', 'Too oily'],
  'lye-left': ['stop', 'Lye may be left over'],
  sodium: ['stop', 'Not for plants'],
} as const;

/** Whether somebody's soap recipe leaves lye over. */
export function SoapRecipe({ units }: { readonly units: UnitSystem }) {
  const { values: v, set } = useTool('check-soap', { oils: 'rapeseed:', kind: 'potassium', lye: '', purity: '90' });
  const oils = gramsOf(readOilText(v.oils), units);
  const lye = parseQuantity(v.lye, units, ['mass'], 'lyeG');
  const purity = parseNumber(v.purity, 'purity');
  const out = oils.ok && lye.ok && purity.ok ? checkSoap(oils.value, lye.value.si, purity.value, v.kind as keyof typeof LYES) : null;
  return (
    <>
      <OilFields text={v.oils} onChange={(t) => set({ oils: t })} error={(f) => errorAt(oils, f) ?? errorAt(out, f)} />
      <Choice
        label="Lye"
        value={v.kind}
        onChange={(kind) => set({ kind })}
        options={[
          { value: 'potassium', label: 'Potassium (KOH)' },
          { value: 'sodium', label: 'Sodium (NaOH)' },
        ]}
      />
      <Field
        label="How much lye"
        value={v.lye}
        onChange={(t) => set({ lye: t })}
        placeholder="190 g"
        error={v.lye.trim() === '' ? undefined : (errorAt(lye, 'lyeG') ?? errorAt(out, 'lyeG'))}
      />
      <Field
        label="Purity of the lye"
        unit="%"
        numeric
        value={v.purity}
        onChange={(t) => set({ purity: t })}
        error={errorAt(purity, 'purity') ?? errorAt(out, 'purity')}
        hint="Not printed? Reckon with 100."
      />
      {out?.ok && <Verdict mark={SOAP[out.value.verdict][0]} word={SOAP[out.value.verdict][1]} sentences={[out.value.sentence]} />}
    </>
  );
}
