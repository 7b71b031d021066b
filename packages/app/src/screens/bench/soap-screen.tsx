import { LYES, oilForLye, PURITY, soapRecipe, SURPLUS, vesselRefusal, VESSELS, type SoapRecipe, type Vessel } from '@sleetbrook/core/bench';
import {
  celsiusOf,
  degreesOf,
  degreeUnit,
  done,
  parseNumber,
  parseQuantity,
  refused,
  sayBoth,
  sayWeighed,
  trim,
  type Outcome,
  type UnitSystem,
} from '@sleetbrook/core/measure';
import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { useBatches, useGarden } from '../../api/queries';
import { useDrafts } from '../../state/drafts';
import { useTool } from '../../state/tools';
import { ActionBar, Button } from '../../ui/button';
import { Choice, Field, Tick } from '../../ui/field';
import { Pick } from '../../ui/pick';
import { Row, Section } from '../../ui/row';
import { T } from '../../ui/text';
import { Why } from '../../ui/why';
import { gramsOf, OilFields, readOilText } from './oil-fields';
import { HomeMadeLaw } from './law';
import { errorAt, Refused, Weighed, ToolLoading, ToolPage } from './parts';

export const SOAP_KEY = 'soap';
export const SOAP_USUAL = {
  oils: 'rapeseed:1 kg',
  lye: 'potassium',
  purity: '90',
  unknown: '',
  surplus: '5',
  scale: '1',
  vessel: 'steel',
  second: 'steel',
  mine: '',
  tempC: '',
};
type Values = typeof SOAP_USUAL;

/** The recipe that was filled in, or the first thing that is wrong with it. */
export function readSoap(v: Values, units: UnitSystem): Outcome<{ recipe: SoapRecipe; purity: number; tempC: number }> {
  const oils = gramsOf(readOilText(v.oils), units);
  if (!oils.ok) return oils;
  const purity = v.unknown === 'yes' ? done(100) : parseNumber(v.purity, 'purity');
  if (!purity.ok) return purity;
  const surplus = parseNumber(v.surplus, 'surplus');
  if (!surplus.ok) return surplus;
  const scale = parseNumber(v.scale, 'scale');
  if (!scale.ok) return scale;
  const temp = parseNumber(v.tempC || String(degreesOf(20, units)), 'tempC');
  if (!temp.ok) return temp;
  const tempC = celsiusOf(temp.value, units);
  if (tempC < 5 || tempC > 45) return refused('temp', 'It stands at 5 to 45 °C: colder it does not go on.', 'tempC');
  let list = oils.value;
  if (v.mine.trim() !== '') {
    const mine = parseQuantity(v.mine, units, ['mass'], 'mine');
    if (!mine.ok) return mine;
    const fit = oilForLye(mine.value.si, list, purity.value, surplus.value);
    if (!fit.ok) return fit;
    list = fit.value;
  }
  const recipe = soapRecipe({ oils: list, lye: v.lye as keyof typeof LYES, purity: purity.value, surplus: surplus.value, scaleStepG: scale.value });
  if (!recipe.ok) return recipe;
  const bad = vesselRefusal(v.vessel as Vessel);
  if (bad) return refused('vessel', bad, 'vessel');
  const second = vesselRefusal(v.second as Vessel);
  return second ? refused('vessel', second, 'second') : done({ recipe: recipe.value, purity: purity.value, tempC });
}

const FIELDS = ['purity', 'surplus', 'scale', 'tempC', 'mine', 'vessel', 'second', 'lye', 'lyeG'];

/** Potassium soap from oil and lye: the recipe, and the batches that stand about. */
export function SoapScreen() {
  const router = useRouter();
  const garden = useGarden().data;
  const batches = useBatches().data;
  const { values: v, set } = useTool(SOAP_KEY, SOAP_USUAL);
  const setMix = useDrafts((d) => d.setMix);
  if (!garden || !batches) return <ToolLoading />;
  const { units } = garden;
  const out = readSoap(v, units);
  const at = (...fields: string[]) => errorAt(out, ...fields);
  return (
    <ToolPage
      title="Potassium soap"
      sub="Cold blend, from oil and lye"
      footer={
        <ActionBar>
          <Button
            title="Begin, card by card"
            disabled={!out.ok}
            onPress={() => {
              setMix(SOAP_KEY, { step: 0, ticked: [], timers: {}, madeAt: null });
              router.navigate('/bench/soap/start');
            }}
          />
        </ActionBar>
      }
    >
      <HomeMadeLaw garden={garden} instead="Soap may still be made for washing tools and bark; on plants against pests use a labelled one." />
      {batches.length > 0 && (
        <View>
          <Section>Batches</Section>
          {batches.map((b) => (
            <Row
              key={b.id}
              mark={b.readyAt ? 'done' : 'wait'}
              title={b.name}
              sub={b.readyAt ? 'ready, in the shed' : b.thinnedAt ? 'being stirred' : 'resting'}
              onPress={() => router.navigate(`/bench/soap/${b.id}`)}
            />
          ))}
        </View>
      )}
      <OilFields text={v.oils} onChange={(oils) => set({ oils })} error={(f) => at(f)} />
      <Choice
        label="Lye"
        value={v.lye}
        onChange={(lye) => set({ lye })}
        error={at('lye')}
        options={[
          { value: 'potassium', label: 'Potassium (KOH)' },
          { value: 'sodium', label: 'Sodium (NaOH)' },
        ]}
      />
      <Tick label="How pure it is stands nowhere" checked={v.unknown === 'yes'} onChange={(yes) => set({ unknown: yes ? 'yes' : '' })} />
      {v.unknown === 'yes' ? (
        <T kind="muted">Then it is reckoned as 100 %, so that no lye is left over. The soap may turn out oily.</T>
      ) : (
        <Field
          label="Purity of the lye"
          unit="%"
          numeric
          value={v.purity}
          onChange={(purity) => set({ purity })}
          error={at('purity')}
          hint={`Most flakes have ${PURITY.usual} %.`}
        />
      )}
      <Field
        label="Oil to leave over"
        unit="%"
        numeric
        value={v.surplus}
        onChange={(surplus) => set({ surplus })}
        error={at('surplus')}
        hint={`${SURPLUS.min} to ${SURPLUS.max} %: it makes sure that no lye is left.`}
      />
      <Field label="Your scale shows steps of" unit="g" numeric value={v.scale} onChange={(scale) => set({ scale })} error={at('scale')} />
      <Field
        label="Lye to use up, if you have just so much"
        value={v.mine}
        onChange={(mine) => set({ mine })}
        placeholder="250 g"
        error={v.mine.trim() === '' ? undefined : at('mine', 'lyeG')}
        hint="The oils are then worked out to it."
      />
      <Pick<Vessel>
        label="Lye is dissolved in"
        value={v.vessel as Vessel}
        onChange={(vessel) => set({ vessel })}
        error={at('vessel')}
        options={VESSELS.map((x) => ({ value: x.id, label: x.label }))}
      />
      <Pick<Vessel>
        label="It goes from there, cooled, into"
        value={v.second as Vessel}
        onChange={(second) => set({ second })}
        error={at('second')}
        options={VESSELS.map((x) => ({ value: x.id, label: x.label }))}
      />
      <Field
        label="Where it will stand"
        unit={degreeUnit(units)}
        numeric
        value={v.tempC || String(degreesOf(20, units))}
        onChange={(tempC) => set({ tempC })}
        error={at('tempC')}
        hint="It is ready in about 3 days at 30 °C, in 7 to 8 at 21 °C."
      />
      <Refused out={out} shown={[...FIELDS, 'oils.0', 'oils.1', 'oils.2', 'oils.3']} />
      {out.ok && <Recipe recipe={out.value.recipe} units={units} />}
    </ToolPage>
  );
}

function Recipe({ recipe: r, units }: { readonly recipe: SoapRecipe; readonly units: UnitSystem }) {
  return (
    <View className="gap-4">
      <Weighed title="Lye, not a gram more" text={sayWeighed(r.lye, r.scaleStepG)} />
      <View>
        {r.oils.map((o) => (
          <Row key={o.oil.id} title={o.oil.name} end={sayBoth(o.g, 'mass', units)} />
        ))}
        <Row title="Cold water for the lye" end={sayBoth(r.water, 'mass', units)} />
        <Row title="The second vessel holds at least" end={sayBoth(r.potAtLeast, 'volume', units)} />
        <Row title="Water to thin it, after two days" end={sayBoth(r.thinWith, 'volume', units)} />
        <Row title="Thin soap in the end" end={sayBoth(r.yield, 'volume', units)} />
        <Row title="Oil left over" end={`${trim(r.surplusLow, 1)} to ${trim(r.surplusHigh, 1)} %`} sub="from the least to the most that the oils take up" />
      </View>
      <Why working={r.working} />
    </View>
  );
}
