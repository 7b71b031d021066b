import {
  checkBordeaux,
  checkSoap,
  COPPER_SALTS,
  LIMES,
  sayStock,
  STOCK_G_PER_L,
  type BordeauxPart,
  type CopperSalt,
  type Lime,
  type LYES,
} from '@sleetbrook/core/bench';
import { readRate } from '@sleetbrook/core/label';
import { done, parseNumber, parseQuantity, readSize, refused, type Millilitres, type Outcome, type UnitSystem } from '@sleetbrook/core/measure';
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

/** How copper or lime goes in, as the fields have it. */
interface PartFields {
  readonly as: string;
  readonly amount: string;
  readonly strength: string;
}

/** @returns null while something is still empty */
function readPart(v: PartFields, units: UnitSystem, field: 'copper' | 'lime'): Outcome<BordeauxPart> | null {
  if (v.amount.trim() === '') return null;
  if (v.as === 'dry') {
    const amount = parseQuantity(v.amount, units, ['mass', 'volume'], field);
    return amount.ok ? done({ as: 'dry', amount: amount.value }) : amount;
  }
  const ml = readSize(v.amount, 'mix', units, { min: 1, max: 100_000, what: 'The stock' }, field);
  if (!ml.ok) return ml;
  const strength = v.strength.trim() === '' ? done({ max: STOCK_G_PER_L }) : readStrength(v.strength, units, `${field}Stock`);
  return strength.ok ? done({ as: 'stock', ml: ml.value, gPerL: strength.value.max }) : strength;
}

/** "1 lb per gallon", "100 g in a litre". */
function readStrength(text: string, units: UnitSystem, field: string): Outcome<{ readonly max: number }> {
  const read = readRate(text, units, { state: 'dry', product: null }, field);
  if (!read.ok) return read;
  const { form, unit, max } = read.value;
  return form === 'per-litre' && unit === 'g'
    ? done({ max })
    : refused('not-a-strength', 'Say the weight in so much water, such as 1 lb per gallon or 100 g per litre.', field);
}

interface PartProps {
  readonly title: string;
  readonly value: PartFields;
  readonly onChange: (more: Partial<PartFields>) => void;
  readonly units: UnitSystem;
  readonly read: Outcome<BordeauxPart> | null;
  readonly error: string | undefined;
  readonly strengthError: string | undefined;
  readonly placeholder: string;
}

function PartField({ title, value, onChange, units, read, error, strengthError, placeholder }: PartProps) {
  const stock = value.as === 'stock';
  return (
    <>
      <Choice
        label={`${title} goes in`}
        value={value.as as 'dry' | 'stock'}
        onChange={(as) => onChange({ as })}
        options={[
          { value: 'dry', label: 'Dry' },
          { value: 'stock', label: 'From a stock' },
        ]}
      />
      {stock ? (
        <View className="flex-row gap-3">
          <View className="flex-1">
            <SizeField label={`${title} stock`} kind="mix" units={units} value={value.amount} onChange={(amount) => onChange({ amount })} error={error} />
          </View>
          <View className="flex-1">
            <Field
              label={`Strength of the ${title.toLowerCase()} stock`}
              value={value.strength}
              onChange={(strength) => onChange({ strength })}
              error={strengthError}
              hint={`Such as 1 lb per gallon. Empty: the usual, ${sayStock(STOCK_G_PER_L)}.`}
            />
          </View>
        </View>
      ) : (
        <Field
          label={title === 'Copper' ? 'How much of it' : 'How much lime'}
          value={value.amount}
          onChange={(amount) => onChange({ amount })}
          placeholder={placeholder}
          error={error}
          {...(read?.ok && read.value.as === 'dry' ? { hint: `Understood: ${read.value.amount.understood}` } : {})}
        />
      )}
    </>
  );
}

/** What somebody's copper and lime make, by its name. */
export function BordeauxRecipe({ units }: { readonly units: UnitSystem }) {
  const { values: v, set } = useTool('check-bordeaux', {
    copper: '',
    copperAs: 'dry',
    copperStock: '',
    salt: 'pentahydrate',
    lime: '',
    limeAs: 'dry',
    limeStock: '',
    limeKind: 'hydrated',
    water: '',
  });
  const parts = {
    copper: { as: v.copperAs, amount: v.copper, strength: v.copperStock },
    lime: { as: v.limeAs, amount: v.lime, strength: v.limeStock },
  };
  const copper = readPart(parts.copper, units, 'copper');
  const lime = readPart(parts.lime, units, 'lime');
  const water = v.water.trim() === '' ? null : readSize(v.water, 'mix', units, { min: 100, max: 400_000, what: 'The water' }, 'water');
  const out =
    copper?.ok && lime?.ok && water?.ok
      ? checkBordeaux(copper.value, lime.value, water.value as Millilitres, v.salt as CopperSalt, v.limeKind as Lime, units)
      : null;
  return (
    <>
      <Pick label="Copper" value={v.salt} onChange={(salt) => set({ salt })} options={options(COPPER_SALTS)} />
      <PartField
        title="Copper"
        value={parts.copper}
        onChange={(m) =>
          set({
            ...(m.as ? { copperAs: m.as, copper: '' } : {}),
            ...(m.amount === undefined ? {} : { copper: m.amount }),
            ...(m.strength === undefined ? {} : { copperStock: m.strength }),
          })
        }
        units={units}
        read={copper}
        error={errorAt(copper, 'copper') ?? errorAt(out, 'copper')}
        strengthError={errorAt(copper, 'copperStock') ?? errorAt(out, 'copperStock')}
        placeholder="45 g"
      />
      <Pick label="Lime" value={v.limeKind} onChange={(limeKind) => set({ limeKind })} options={options(LIMES)} />
      <PartField
        title="Lime"
        value={parts.lime}
        onChange={(m) =>
          set({
            ...(m.as ? { limeAs: m.as, lime: '' } : {}),
            ...(m.amount === undefined ? {} : { lime: m.amount }),
            ...(m.strength === undefined ? {} : { limeStock: m.strength }),
          })
        }
        units={units}
        read={lime}
        error={errorAt(lime, 'lime') ?? errorAt(out, 'lime')}
        strengthError={errorAt(lime, 'limeStock') ?? errorAt(out, 'limeStock')}
        placeholder="10 tbsp"
      />
      <SizeField
        label="In how much mix, all told"
        kind="mix"
        units={units}
        value={v.water}
        onChange={(t) => set({ water: t })}
        error={errorAt(water, 'water') ?? errorAt(out, 'water')}
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
