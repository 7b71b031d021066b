import { HOSTS, TROUBLE_CARDS } from '@sleetbrook/core/cards';
import { lineFor, quoteLine, type LabelLine } from '@sleetbrook/core/label';
import { parseQuantity, type Dimension } from '@sleetbrook/core/measure';
import { checkRecipe } from '@sleetbrook/core/mix';
import { useState } from 'react';
import { View } from 'react-native';
import { useGarden, useSheets } from '../../api/queries';
import { Field } from '../../ui/field';
import { Mark } from '../../ui/mark';
import { Page } from '../../ui/page';
import { Pick } from '../../ui/pick';
import { Loading } from '../../ui/states';
import { T } from '../../ui/text';
import { Why } from '../../ui/why';
import { PoisonHelp } from '../help/poison-help';

const BACK = { title: 'Bench', href: '/bench' } as const;
const VERDICTS = {
  within: { mark: 'open', word: 'Within the label' },
  below: { mark: 'wait', word: 'Weaker than the label' },
  above: { mark: 'stop', word: 'Above the label' },
} as const;
/** What a rate goes by, as the second field asks for it. */
const OVER: Readonly<Record<LabelLine['rate']['form'], { label: string; dimension: Dimension; example: string }>> = {
  'per-litre': { label: 'In how much mix, all told', dimension: 'volume', example: '5 l' },
  'per-m2': { label: 'On how much ground', dimension: 'area', example: '20 m²' },
  'per-cm-trunk': { label: 'Round the trunk', dimension: 'length', example: '40 cm' },
  'per-m-height': { label: 'Height of the plant', dimension: 'length', example: '1.8 m' },
};

/** "Check my recipe": what somebody has, or was told, beside the label. */
export function CheckRecipe() {
  const garden = useGarden().data;
  const sheets = useSheets().data;
  const [sheetId, setSheetId] = useState('potassium-soap');
  const [hostId, setHostId] = useState('broad-bean');
  const [pest, setPest] = useState('');
  const [product, setProduct] = useState('');
  const [over, setOver] = useState('');
  const sheet = sheets?.find((s) => s.id === sheetId);
  const host = HOSTS.find((h) => h.id === hostId);
  if (!garden || !sheet || !host)
    return (
      <Page back={BACK}>
        <Loading />
      </Page>
    );
  const pests = TROUBLE_CARDS.filter((t) => lineFor(sheet, host, t).ok);
  const trouble = pests.find((t) => t.id === pest) ?? pests[0];
  const line = trouble ? lineFor(sheet, host, trouble) : null;
  return (
    <Page title="Check my recipe" sub="What you have, or were told, beside the label" back={BACK} aside={<PoisonHelp />}>
      <View className="gap-5 px-5 pt-4">
        <Pick label="Product" value={sheetId} onChange={setSheetId} options={(sheets ?? []).map((s) => ({ value: s.id, label: s.name }))} />
        <Pick label="On" value={hostId} onChange={setHostId} options={HOSTS.map((h) => ({ value: h.id, label: h.name }))} />
        {trouble && pests.length > 1 && (
          <Pick label="Against" value={trouble.id} onChange={setPest} options={pests.map((t) => ({ value: t.id, label: t.name }))} />
        )}
        {!line?.ok ? (
          <T kind="strong">{`${sheet.name} is not for ${host.name.toLowerCase()}: whatever the strength, do not use it there.`}</T>
        ) : (
          <Check sheet={sheet} line={line.value} units={garden.units} product={product} over={over} onProduct={setProduct} onOver={setOver} />
        )}
      </View>
    </Page>
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
  const o = parseQuantity(over, units, [asked.dimension], 'over');
  const check = p.ok && o.ok ? checkRecipe({ sheet, line, product: p.value, over: o.value }) : null;
  const refusal = check && !check.ok ? check.reasons[0] : null;
  // what is still empty is no mistake yet
  const wrong = (text: string, read: typeof p, field: string) =>
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
        hint={o.ok ? `Understood: ${o.value.understood}` : `With its unit, such as ${asked.example}`}
      />
      {check?.ok && (
        <View className="gap-3">
          <View className="flex-row items-center gap-3">
            <Mark state={VERDICTS[check.value.verdict].mark} />
            <T kind="head" level={2} live>
              {VERDICTS[check.value.verdict].word}
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
