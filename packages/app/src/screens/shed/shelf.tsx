import type { ShedItem } from '@sleetbrook/core/api';
import { instant, sayIn, sayWhen, type Instant, type UnitSystem } from '@sleetbrook/core/measure';
import { sayRateIn } from '@sleetbrook/core/mix';
import { useRouter } from 'expo-router';
import { DateTime } from 'luxon';
import { View } from 'react-native';
import { Button } from '../../ui/button';
import { Row } from '../../ui/row';
import { T } from '../../ui/text';

/** Says of an item what matters first: past its life, empty, or what it is. */
function say(i: ShedItem, now: Instant, zone: string, units: UnitSystem): { mark: 'open' | 'wait' | 'stop'; sub: string } {
  if (i.useBy !== null) {
    return Date.parse(i.useBy) <= now
      ? { mark: 'stop', sub: 'past its life: waste, do not spray it' }
      : { mark: 'wait', sub: `left-over mix, good until ${sayWhen(instant(Date.parse(i.useBy)), now, zone)}` };
  }
  if (i.goodUntil !== null && i.goodUntil < (DateTime.fromMillis(now, { zone }).toISODate() ?? ''))
    return { mark: 'stop', sub: `too old since ${i.goodUntil}` };
  if (i.kind === 'stock') return { mark: 'open', sub: i.strength ? `stock, ${sayRateIn(i.strength.gPerL, 'g', 'per-litre', units)}` : 'stock' };
  if (i.kind === 'soap') return { mark: 'open', sub: 'soap that you made' };
  return { mark: 'open', sub: i.where || 'product' };
}

interface Props {
  readonly items: readonly ShedItem[];
  readonly now: Instant;
  readonly zone: string;
  readonly units: UnitSystem;
}

/** Packs, stocks and batches, with what is left of each. What is used up stands last. */
export function Shelf({ items, now, zone, units }: Props) {
  const router = useRouter();
  const sorted = [...items].sort((a, b) => Number(a.amount === 0) - Number(b.amount === 0) || a.name.localeCompare(b.name));
  return (
    <View>
      {items.length === 0 && <T kind="muted">Nothing written down yet. What is here is not bought twice, and old product is noticed.</T>}
      {sorted.map((i) => {
        const said = say(i, now, zone, units);
        return (
          <Row
            key={i.id}
            mark={i.amount === 0 ? 'done' : said.mark}
            title={i.name}
            end={i.amount === 0 ? 'used up' : sayIn(i.amount, i.unit === 'ml' ? 'volume' : 'mass', units)}
            sub={said.sub}
            tone={i.amount === 0 ? 'stop' : 'plain'}
            onPress={() => router.navigate(`/shed/item/${i.id}`)}
          />
        );
      })}
      <View className="pt-3">
        <Button kind="quiet" title="Put a pack in the shed" onPress={() => router.navigate('/shed/item/new')} />
      </View>
    </View>
  );
}
