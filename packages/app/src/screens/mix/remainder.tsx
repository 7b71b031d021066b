import type { Planting, ShedItem } from '@sleetbrook/core/api';
import { readSize, sayWhen, type Instant } from '@sleetbrook/core/measure';
import type { MixPlan } from '@sleetbrook/core/mix';
import { DateTime } from 'luxon';
import { useState } from 'react';
import { View } from 'react-native';
import { v7 } from 'uuid';
import { useRemoveShedItem, useSaveShedItem } from '../../api/mutations';
import { useNow } from '../../state/now';
import { Button } from '../../ui/button';
import { SizeField } from '../../ui/size-field';
import { Failed } from '../../ui/states';
import { T } from '../../ui/text';
import { sayMl } from '../../ui/say-ml';

interface Props {
  readonly plan: MixPlan;
  readonly planting: Planting;
  /** When its life ends; null when the first card that mixes was passed before this was kept. */
  readonly life: Instant | null;
  readonly zone: string;
  /** Mix that was spoilt and not put out, ml; 0 for none. */
  readonly proposed: number;
}

/** Mix that was not needed: it is written down with the end of its life, and Today reminds of it. */
export function Remainder({ plan, planting, life, zone, proposed }: Props) {
  const now = useNow();
  const save = useSaveShedItem();
  const remove = useRemoveShedItem();
  const [text, setText] = useState(proposed > 0 ? sayMl(proposed, plan.units) : '');
  const [error, setError] = useState<string>();
  const [kept, setKept] = useState<ShedItem | null>(null);
  if (now === undefined) return null;
  const until = life ?? ((now + plan.sheet.mixLifeHours * 3_600_000) as Instant);
  if (kept)
    return (
      <View className="gap-2">
        <T
          kind="strong"
          live
        >{`${sayMl(kept.amount, plan.units)} ${until > now ? `left over, good until ${sayWhen(until, now, zone)}. Today reminds you.` : 'is waste now: closed, marked and locked away until the hazardous-waste day. It stands in the shed.'}`}</T>
        <Button
          kind="link"
          title="Take it back"
          onPress={() =>
            void remove
              .mutateAsync(kept.id)
              .then(() => setKept(null))
              .catch(() => undefined)
          }
        />
      </View>
    );
  const keep = async () => {
    const left = readSize(text, 'mix', plan.units, { min: 1, max: plan.water, what: 'What is left' });
    setError(left.ok ? undefined : left.reasons[0]?.sentence);
    if (!left.ok) return;
    const saved = await save.mutateAsync({
      id: v7(),
      revision: 0,
      kind: 'mix',
      name: `${plan.sheet.name}, mixed for ${planting.name.toLowerCase()}`.slice(0, 80),
      sheetId: plan.sheet.id,
      unit: 'ml',
      amount: Math.round(left.value),
      packSize: null,
      price: null,
      strength: null,
      hazards: [],
      on: DateTime.fromMillis(now, { zone }).toISODate() ?? '',
      goodUntil: null,
      useBy: new Date(until).toISOString(),
      plantingId: planting.id,
      where: '',
      note: '',
    });
    setKept(saved);
  };
  return (
    <View className="gap-3">
      {save.error && <Failed error={save.error} />}
      <SizeField label={proposed > 0 ? 'Spoilt mix to put by' : 'Mix left over'} kind="mix" units={plan.units} value={text} onChange={setText} error={error} />
      <Button
        kind="quiet"
        title={until > now ? 'Remind me of it' : 'Keep it in the shed as waste'}
        busy={save.isPending}
        onPress={() => void keep().catch(() => undefined)}
      />
    </View>
  );
}
