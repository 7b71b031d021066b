import type { Garden } from '@sleetbrook/core/api';
import { HOSTS, TROUBLE_CARDS } from '@sleetbrook/core/cards';
import { lineFor, quoteLine, type LabelLine } from '@sleetbrook/core/label';
import { parseBounded, parseQuantity, type Dimension, type Outcome, type Quantity, inSentence } from '@sleetbrook/core/measure';
import { checkRecipe } from '@sleetbrook/core/mix';
import { View } from 'react-native';
import { useGarden, useSheets } from '../../api/queries';
import { useTool } from '../../state/tools';
import { Choice, Field } from '../../ui/field';
import { Mark } from '../../ui/mark';
import { Pick } from '../../ui/pick';
import { T } from '../../ui/text';
import { Why } from '../../ui/why';
import { BordeauxRecipe, SoapRecipe } from './check-made';
import { SheetLaw, sheetLaw } from './law';
import { ToolLoading, ToolPage } from './parts';
import { PLANT_SEARCH, usePlantOptions } from '../plant-options';

/** Beside a specimen, which informs and does not forbid. */
const OURS = { within: 'Within our specimen', below: 'Weaker than our specimen', above: 'More than our specimen' } as const;
const VERDICTS = {
  within: { mark: 'open', word: 'Within the label' },
  below: { mark: 'wait', word: 'Weaker than the label' },
  above: { mark: 'stop', word: 'Above the label' },
} as const;
/** What a rate goes by, as the second field asks for it. */
const OVER: Readonly<Record<LabelLine['rate']['form'], { label: string; dimension: Dimension | null; example: string }>> = {
  'per-litre': { label: 'In how much mix, all told', dimension: 'volume', example: '5 l' },
  'per-m2': { label: 'On how much ground', dimension: 'area', example: '20 m²' },
  'per-plant': { label: 'On how many plants', dimension: null, example: '6' },
  'per-m-row': { label: 'On how long a row', dimension: 'length', example: '3 m' },
  'per-litre-soil': { label: 'In how much potting mix', dimension: 'volume', example: '10 l' },
  'per-cm-trunk': { label: 'Round the trunk', dimension: 'length', example: '40 cm' },
  'per-m-height': { label: 'Height of the plant', dimension: 'length', example: '1.8 m' },
};

const KINDS = [
  { value: 'product', label: 'A product' },
  { value: 'bordeaux', label: 'Bordeaux' },
  { value: 'soap', label: 'Soap from lye' },
] as const;

/** "Check my recipe": what somebody has, or was told, beside the label or the formula it is meant to be. */
export function CheckRecipe() {
  const garden = useGarden().data;
  const { values, set } = useTool('check', { kind: 'product', sheetId: 'potassium-soap', hostId: 'broad-bean', pest: '', product: '', over: '' });
  if (!garden) return <ToolLoading />;
  return (
    <ToolPage title="Check my recipe" sub="What you have, or were told, beside the label">
      <Choice label="It is" value={values.kind as (typeof KINDS)[number]['value']} onChange={(kind) => set({ kind })} options={KINDS} />
      {values.kind === 'product' && <ProductRecipe values={values} set={set} garden={garden} />}
      {values.kind === 'bordeaux' && <BordeauxRecipe units={garden.units} />}
      {values.kind === 'soap' && <SoapRecipe units={garden.units} />}
    </ToolPage>
  );
}

interface ProductProps {
  readonly values: Readonly<Record<'sheetId' | 'hostId' | 'pest' | 'product' | 'over', string>>;
  readonly set: (change: Partial<ProductProps['values']>) => void;
  readonly garden: Garden;
}

function ProductRecipe({ values, set, garden }: ProductProps) {
  const { units } = garden;
  const plants = usePlantOptions();
  const sheets = useSheets().data;
  const sheet = sheets?.find((s) => s.id === values.sheetId) ?? sheets?.find((s) => s.id === 'potassium-soap');
  const host = HOSTS.find((h) => h.id === values.hostId);
  if (!sheet || !host) return null;
  const pests = TROUBLE_CARDS.filter((t) => lineFor(sheet, host, t).ok);
  const trouble = pests.find((t) => t.id === values.pest) ?? pests[0];
  const line = trouble ? lineFor(sheet, host, trouble) : null;
  return (
    <>
      <Pick label="Product" value={sheet.id} onChange={(sheetId) => set({ sheetId })} options={(sheets ?? []).map((s) => ({ value: s.id, label: s.name }))} />
      <Pick label="On" value={values.hostId} onChange={(hostId) => set({ hostId })} options={plants} {...PLANT_SEARCH} />
      {trouble && pests.length > 1 && (
        <Pick label="Against" value={trouble.id} onChange={(pest) => set({ pest })} options={pests.map((t) => ({ value: t.id, label: t.name }))} />
      )}
      <SheetLaw law={sheetLaw(sheet, garden, { edible: host.edible, site: 'outdoors', hostId: host.id })} />
      {!line?.ok ? (
        <T kind="strong">{`${sheet.name} is not for ${inSentence(host.name)}: whatever the strength, do not use it there.`}</T>
      ) : (
        <Check
          sheet={sheet}
          line={line.value}
          units={units}
          product={values.product}
          over={values.over}
          onProduct={(product) => set({ product })}
          onOver={(over) => set({ over })}
        />
      )}
    </>
  );
}

interface CheckProps {
  readonly sheet: NonNullable<ReturnType<typeof useSheets>['data']>[number];
  readonly line: LabelLine;
  readonly units: Parameters<typeof parseQuantity>[1];
  readonly product: string;
  readonly over: string;
  readonly onProduct: (text: string) => void;
  readonly onOver: (text: string) => void;
}

function Check({ sheet, line, units, product, over, onProduct, onOver }: CheckProps) {
  const asked = OVER[line.rate.form];
  const p = parseQuantity(product, units, ['volume', 'mass'], 'product');
  const o: Outcome<Quantity | number> =
    asked.dimension === null
      ? parseBounded(over, { min: 0.01, max: 1e5, unit: '', what: 'The number' }, 'over')
      : parseQuantity(over, units, [asked.dimension], 'over');
  const check = p.ok && o.ok ? checkRecipe({ sheet, line, product: p.value, over: o.value, units }) : null;
  const refusal = check && !check.ok ? check.reasons[0] : null;
  // what is still empty is no mistake yet
  const wrong = (text: string, read: Outcome<unknown>, field: string) =>
    text.trim() === '' ? undefined : !read.ok ? read.reasons[0]?.sentence : refusal?.field === field ? refusal.sentence : undefined;
  const example = line.rate.unit === 'g' ? '20 g' : '2 tbsp';
  return (
    <View className="gap-5">
      <Field
        label="How much of it"
        value={product}
        onChange={onProduct}
        placeholder={example}
        error={wrong(product, p, 'product')}
        hint={p.ok ? `Understood: ${p.value.understood}` : `With its unit, such as ${example}`}
      />
      <Field
        label={asked.label}
        value={over}
        onChange={onOver}
        placeholder={asked.example}
        error={wrong(over, o, 'over')}
        hint={
          o.ok && typeof o.value !== 'number'
            ? `Understood: ${o.value.understood}`
            : asked.dimension === null
              ? undefined
              : `With its unit, such as ${asked.example}`
        }
      />
      {check?.ok && (
        <View className="gap-3">
          <View className="flex-row items-center gap-3">
            <Mark state={VERDICTS[check.value.verdict].mark} />
            <T kind="head" level={2} live>
              {sheet.specimen ? OURS[check.value.verdict] : VERDICTS[check.value.verdict].word}
            </T>
          </View>
          {check.value.sentences.map((s) => (
            <T key={s}>{s}</T>
          ))}
          <Why working={[check.value.working]} />
        </View>
      )}
      <T kind="small">{`${sheet.specimen ? 'Specimen, check against your own label' : 'Your own label sheet'}. ${quoteLine(sheet, line)}.`}</T>
    </View>
  );
}
