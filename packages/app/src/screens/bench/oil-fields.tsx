import { SOAP_OILS } from '@sleetbrook/core/bench';
import { parseQuantity, type Outcome, type UnitSystem } from '@sleetbrook/core/measure';
import { View } from 'react-native';
import { Button } from '../../ui/button';
import { Field } from '../../ui/field';
import { Pick } from '../../ui/pick';

/** Oils of a soap as they are typed: "rapeseed:1 kg;olive:200 g". One string, so that it is kept as one. */
export interface OilText {
  readonly oilId: string;
  readonly amount: string;
}
export const readOilText = (text: string): OilText[] =>
  text.split(';').map((part) => {
    const cut = part.indexOf(':');
    return { oilId: part.slice(0, Math.max(cut, 0)), amount: part.slice(cut + 1) };
  });
const writeOilText = (list: readonly OilText[]) => list.map((o) => `${o.oilId}:${o.amount.replace(/[;:]/g, '')}`).join(';');

/** Grams of each oil; the first that can not be read refuses at `oils.<row>`. A volume goes by the oil's density. */
export function gramsOf(list: readonly OilText[], units: UnitSystem): Outcome<{ oilId: string; g: number }[]> {
  const out: { oilId: string; g: number }[] = [];
  for (const [i, o] of list.entries()) {
    const read = parseQuantity(o.amount, units, ['mass', 'volume'], `oils.${i}`);
    if (!read.ok) return read;
    const density = SOAP_OILS.find((x) => x.id === o.oilId)?.gPerMl ?? 0.92;
    out.push({ oilId: o.oilId, g: read.value.dimension === 'mass' ? read.value.si : read.value.si * density });
  }
  return { ok: true, value: out };
}

interface Props {
  readonly text: string;
  readonly onChange: (text: string) => void;
  readonly error: (field: string) => string | undefined;
}

/** One oil or a blend, each with its amount. */
export function OilFields({ text, onChange, error }: Props) {
  const list = readOilText(text);
  const put = (next: readonly OilText[]) => onChange(writeOilText(next));
  const change = (i: number, c: Partial<OilText>) => put(list.map((o, j) => (j === i ? { ...o, ...c } : o)));
  return (
    <View className="gap-4">
      {list.map((o, i) => (
        <View key={i} className="gap-2">
          <Pick
            label={list.length > 1 ? `Oil ${i + 1}` : 'Oil'}
            value={o.oilId}
            onChange={(oilId) => change(i, { oilId })}
            options={SOAP_OILS.map((x) => ({ value: x.id, label: x.name }))}
          />
          <Field
            label={list.length > 1 ? `How much of oil ${i + 1}` : 'How much oil'}
            value={o.amount}
            onChange={(amount) => change(i, { amount })}
            placeholder="1 kg"
            error={o.amount.trim() === '' ? undefined : error(`oils.${i}`)}
          />
          {list.length > 1 && <Button kind="link" title={`Leave oil ${i + 1} out`} onPress={() => put(list.filter((_, j) => j !== i))} />}
        </View>
      ))}
      {list.length < 4 && <Button kind="quiet" title="Blend another oil in" onPress={() => put([...list, { oilId: 'sunflower', amount: '' }])} />}
    </View>
  );
}
