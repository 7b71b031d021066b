import { perLitreFor, rescale, type Product, type Strength, type Wanted } from '@sleetbrook/core/bench';
import {
  parseBounded,
  parseNumber,
  parseQuantity,
  readSize,
  refused,
  sayBoth,
  type Kind,
  type Outcome,
  type UnitSystem,
  type Working,
} from '@sleetbrook/core/measure';
import { sayRateIn } from '@sleetbrook/core/mix';
import { levelDensityOf, readRate, teaspoonMl, type RateForm } from '@sleetbrook/core/label';
import { View } from 'react-native';
import { useGarden } from '../../api/queries';
import { useTool } from '../../state/tools';
import { Choice, Field, Tick } from '../../ui/field';
import { SizeField, SizeOrCount } from '../../ui/size-field';
import { T } from '../../ui/text';
import { Why } from '../../ui/why';
import { Big, errorAt, InMyMeasures, Refused, ToolLoading, ToolPage } from './parts';

const GIVEN = [
  { value: 'rate', label: 'An amount per …' },
  { value: 'percent-volume', label: '% by volume' },
  { value: 'percent-active', label: '% of active' },
  { value: 'ppm', label: 'ppm' },
  { value: 'makes', label: 'A pack makes' },
] as const;
type Given = (typeof GIVEN)[number]['value'];

const FOR: Readonly<Record<RateForm, { label: string; kind: Kind | null; perSi: number }>> = {
  'per-litre': { label: 'Mix to make', kind: 'mix', perSi: 1 / 1000 },
  'per-m2': { label: 'Area to treat', kind: 'area', perSi: 1 },
  'per-plant': { label: 'Plants', kind: null, perSi: 1 },
  'per-m-row': { label: 'Row to treat', kind: 'row', perSi: 1 },
  'per-litre-soil': { label: 'Potting mix', kind: 'soil', perSi: 1 / 1000 },
  'per-cm-trunk': { label: 'Round the trunk', kind: 'trunk', perSi: 100 },
  'per-m-height': { label: 'Height of the plant', kind: 'height', perSi: 1 },
};
const USUAL = {
  given: 'rate',
  rate: '',
  percent: '',
  amount: '',
  makes: '',
  state: 'liquid',
  strength: '',
  spoonsG: '',
  strengthBy: 'volume',
  density: '',
  size: '',
  other: '',
  from: '',
  to: '',
};
type Values = typeof USUAL;
/** What was said of one product's other strength says nothing of the next one. */
const NEXT_PRODUCT = { other: '', from: '', to: '', spoonsG: '' };

interface Worked {
  readonly form: RateForm;
  readonly unit: 'ml' | 'g';
  readonly value: number;
  readonly understood: string;
  readonly working: readonly Working[];
}

/** Any rate that a label or an article prints, as an amount in the grower's own measures. */
export function RateScreen() {
  const garden = useGarden().data;
  const { values, set } = useTool('rate', USUAL);
  if (!garden) return <ToolLoading />;
  const { units } = garden;
  const given = values.given as Given;
  const worked = workOut(values, units);
  const form = worked.ok ? worked.value.form : 'per-litre';
  const { kind } = FOR[form];
  const bounds = { min: 1e-6, max: 1e9, what: FOR[form].label };
  const over =
    values.size.trim() === ''
      ? null
      : kind === null
        ? parseBounded(values.size, { ...bounds, unit: '' }, 'size')
        : readSize(values.size, kind, units, bounds, 'size');
  const amount = worked.ok && over?.ok ? worked.value.value * over.value * FOR[form].perSi : null;
  const typed = (field: keyof Values) => (values[field].trim() === '' ? undefined : errorAt(worked, field));
  const spoons = parseNumber(values.spoonsG, 'spoonsG');
  const weighed = values.spoonsG.trim() === '' ? null : spoons.ok ? levelDensityOf(spoons.value, teaspoonMl(units)) : spoons;
  const needsStrength = given === 'percent-active' || given === 'ppm';
  return (
    <ToolPage title="A rate in your measures" sub="What a label prints, as spoons and grams">
      <Choice label="It is given as" value={given} onChange={(g) => set({ given: g })} options={GIVEN} />
      {given === 'rate' && (
        <Field
          label="Rate"
          value={values.rate}
          onChange={(rate) => set({ rate, ...NEXT_PRODUCT })}
          placeholder="2 fl oz/gal"
          error={typed('rate')}
          hint={worked.ok ? `Understood: ${worked.value.understood}` : 'As printed: 8 lb per 100 gal, 15 ml per litre, 1 oz per inch of trunk'}
        />
      )}
      {(given === 'percent-volume' || needsStrength) && (
        <Field
          label={given === 'ppm' ? 'Parts in a million' : given === 'percent-volume' ? 'Product in the mix' : 'Active ingredient in the mix'}
          unit={given === 'ppm' ? 'ppm' : '%'}
          numeric
          value={values.percent}
          onChange={(percent) => set({ percent, ...NEXT_PRODUCT })}
          error={typed('percent') ?? errorAt(worked, 'rate')}
        />
      )}
      {given === 'makes' && (
        <View className="gap-4">
          <Field label="The pack, or part of it" value={values.amount} onChange={(a) => set({ amount: a })} placeholder="100 ml" error={typed('amount')} />
          <SizeField label="Makes" kind="mix" units={units} value={values.makes} onChange={(makes) => set({ makes })} error={typed('makes')} />
        </View>
      )}
      {needsStrength && <StrengthFields values={values} set={set} error={(f) => errorAt(worked, f)} />}
      <Refused out={worked} shown={['rate', 'percent', 'amount', 'makes', 'strength', 'density', 'empty']} />
      {worked.ok && (
        <>
          <SizeOrCount
            label={FOR[form].label}
            kind={kind}
            units={units}
            value={values.size}
            onChange={(size) => set({ size })}
            error={over && !over.ok ? over.reasons[0]?.sentence : undefined}
          />
          <T kind="muted">
            {[
              ...new Set([sayRateIn(worked.value.value, worked.value.unit, form, units), sayRateIn(worked.value.value, worked.value.unit, form, 'metric')]),
            ].join(', ')}
          </T>
        </>
      )}
      {worked.ok && amount !== null && (
        <View className="gap-4">
          <Big title="Product" si={amount} dimension={worked.value.unit === 'ml' ? 'volume' : 'mass'} units={units} />
          <InMyMeasures amount={amount} unit={worked.value.unit} kit={garden.measures} gPerMl={weighed?.ok ? weighed.value.gPerMl : null} />
          {worked.value.unit === 'g' && (
            <Field
              label="Ten level teaspoons weigh"
              unit="g"
              numeric
              value={values.spoonsG}
              onChange={(spoonsG) => set({ spoonsG })}
              error={weighed && !weighed.ok ? weighed.reasons[0]?.sentence : undefined}
              hint="Weigh them once, and it can be measured by the spoon."
            />
          )}
          {worked.value.working.length > 0 && <Why working={worked.value.working} />}
          <Other values={values} set={set} amount={amount} unit={worked.value.unit} units={units} />
        </View>
      )}
      <T kind="small">
        This is arithmetic only. Whether your plant, your pest and this rate are on the label of the product in your hand is for you to read there.
      </T>
    </ToolPage>
  );
}

interface FieldsProps {
  readonly values: Values;
  readonly set: (change: Partial<Values>) => void;
}

function StrengthFields({ values, set, error }: FieldsProps & { readonly error: (field: string) => string | undefined }) {
  const dry = values.state === 'dry';
  return (
    <View className="gap-4">
      <Choice
        label="The product is"
        value={values.state}
        onChange={(state) => set({ state, ...NEXT_PRODUCT })}
        options={[
          { value: 'liquid', label: 'Liquid' },
          { value: 'dry', label: 'Dry' },
        ]}
      />
      {!dry && (
        <Choice
          label="Its strength goes by"
          value={values.strengthBy}
          onChange={(strengthBy) => set({ strengthBy })}
          options={[
            { value: 'volume', label: 'g in a litre' },
            { value: 'weight', label: '% by weight' },
          ]}
        />
      )}
      <Field
        label="Strength of the product"
        unit={dry || values.strengthBy === 'weight' ? '%' : 'g/l'}
        numeric
        value={values.strength}
        onChange={(strength) => set({ strength })}
        error={values.strength.trim() === '' ? undefined : error('strength')}
      />
      {!dry && values.strengthBy === 'weight' && (
        <Field
          label="What a ml of it weighs"
          unit="g"
          numeric
          value={values.density}
          onChange={(density) => set({ density })}
          error={error('density')}
          hint="The label calls it density or specific gravity."
        />
      )}
    </View>
  );
}

/** The same active at another strength than the rate was made for. */
function Other({ values, set, amount, unit, units }: FieldsProps & { readonly amount: number; readonly unit: 'ml' | 'g'; readonly units: UnitSystem }) {
  const on = values.other === 'yes';
  const from = parseNumber(values.from, 'from');
  const to = parseNumber(values.to, 'to');
  const of = (n: number): Product =>
    unit === 'g'
      ? { state: 'dry', strength: { by: 'weight', percent: n }, gPerMl: null }
      : { state: 'liquid', strength: { by: 'volume', gPerL: n }, gPerMl: null };
  const out = from.ok && to.ok ? rescale(amount, of(from.value), of(to.value)) : null;
  const at = (read: Outcome<number>, text: string, field: string) =>
    text.trim() === '' ? undefined : !read.ok ? read.reasons[0]?.sentence : errorAt(out, field);
  const label = unit === 'g' ? '%' : 'g/l';
  return (
    <View className="gap-4">
      <Tick label="Mine has another strength" checked={on} onChange={(yes) => set({ other: yes ? 'yes' : '' })} />
      {on && (
        <>
          <View className="flex-row gap-3">
            <View className="flex-1">
              <Field
                label="The rate is for"
                unit={label}
                numeric
                value={values.from}
                onChange={(t) => set({ from: t })}
                error={at(from, values.from, 'from')}
              />
            </View>
            <View className="flex-1">
              <Field label="Mine has" unit={label} numeric value={values.to} onChange={(t) => set({ to: t })} error={at(to, values.to, 'to')} />
            </View>
          </View>
          {out?.ok && (
            <>
              <T kind="strong" live>{`Of yours: ${sayBoth(out.value.amount, unit === 'ml' ? 'volume' : 'mass', units)}`}</T>
              <T kind="small">As much of the same active. Only if your own label carries this use.</T>
              <Why title="Why this strength" working={[out.value.working]} />
            </>
          )}
        </>
      )}
    </View>
  );
}

function productOf(v: Values): Outcome<Product> {
  const n = parseNumber(v.strength, 'strength');
  if (!n.ok) return n;
  const strength: Strength = v.state === 'dry' || v.strengthBy === 'weight' ? { by: 'weight', percent: n.value } : { by: 'volume', gPerL: n.value };
  const density = v.density.trim() === '' ? null : parseNumber(v.density, 'density');
  if (density && !density.ok) return density;
  return { ok: true, value: { state: v.state === 'dry' ? 'dry' : 'liquid', strength, gPerMl: density?.value ?? null } };
}

function workOut(v: Values, units: UnitSystem): Outcome<Worked> {
  const given = v.given as Given;
  if (given === 'rate') {
    const read = readRate(v.rate, units);
    // the upper figure of a range: what is worked out is never more than the label bears
    return read.ok ? { ok: true, value: { ...read.value, value: read.value.max, working: [] } } : read;
  }
  let wanted: Wanted;
  let product: Product = { state: 'liquid', strength: { by: 'volume', gPerL: 1 }, gPerMl: null };
  if (given === 'makes') {
    const amount = parseQuantity(v.amount, units, ['volume', 'mass'], 'amount');
    if (!amount.ok) return amount;
    const makes = readSize(v.makes, 'mix', units, { min: 10, max: 400_000, what: 'What it makes' }, 'makes');
    if (!makes.ok) return makes;
    if (amount.value.dimension === 'mass') product = { state: 'dry', strength: { by: 'weight', percent: 1 }, gPerMl: null };
    wanted = { as: 'makes', amount: amount.value.si, makesMl: makes.value };
  } else {
    if (v.percent.trim() === '') return refused('empty', 'Type a figure.', 'empty');
    const n = parseNumber(v.percent, 'percent');
    if (!n.ok) return n;
    wanted = given === 'ppm' ? { as: 'ppm', ppm: n.value } : { as: given, percent: n.value };
    if (given !== 'percent-volume') {
      const p = productOf(v);
      if (!p.ok) return p;
      product = p.value;
    }
  }
  const out = perLitreFor(wanted, product);
  if (!out.ok) return out;
  const unit = product.state === 'dry' ? 'g' : 'ml';
  return { ok: true, value: { form: 'per-litre', unit, value: out.value.perLitre, understood: out.value.working.result, working: [out.value.working] } };
}
