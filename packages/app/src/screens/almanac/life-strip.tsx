import { View } from 'react-native';
import { T } from '../../ui/text';
import type { AlmanacPage } from '../../workers/almanac';

const LETTERS = ['J', 'F', 'M', 'A', 'M', 'J', 'J', 'A', 'S', 'O', 'N', 'D'];
const OPEN_WORDS: Readonly<Record<string, string>> = {
  hand: 'hand',
  water: 'a jet of water',
  soap: 'soap',
  oil: 'oil',
  contact: 'contact sprays',
  stomach: 'what it eats',
  systemic: 'systemics',
  enemies: 'helpers',
  'egg-parasites': 'egg wasps',
  nematodes: 'nematodes',
  bait: 'bait',
  cover: 'covers',
  protectant: 'guards put on before',
  kickback: 'what stops a young infection',
  eradicant: 'what stops one that shows',
  clearing: 'clearing up',
  none: 'nothing',
};

/** A life as a strip of stages over the year: where it is, and what each stage is open to. */
export function LifeStrip({ life, month, south }: { readonly life: AlmanacPage['life']; readonly month: number; readonly south: boolean }) {
  const turned = (m: number) => (south ? ((m + 5) % 12) + 1 : m);
  return (
    <View className="gap-3">
      {life.map((stage) => {
        const months = stage.months.map(turned);
        const closed = stage.open.every((o) => o === 'none');
        return (
          <View key={stage.stage} className="gap-1">
            <View className="flex-row flex-wrap items-baseline gap-x-2">
              <T kind="strong">{stage.stage}</T>
              <T kind="muted">{stage.where}</T>
            </View>
            <View className="flex-row gap-[2px]" aria-label={`Months: ${months.join(', ')}`}>
              {LETTERS.map((letter, i) => {
                const on = months.includes(i + 1);
                return (
                  <View
                    key={i}
                    className={`h-[26px] flex-1 items-center justify-center rounded-md ${on ? (closed ? 'bg-drift' : 'bg-moss') : 'border border-line bg-slate'} ${i + 1 === month ? 'border-2 border-ink' : ''}`}
                  >
                    <T kind="small" className={`text-[12px] ${on ? 'text-on-moss' : ''}`}>
                      {letter}
                    </T>
                  </View>
                );
              })}
            </View>
            <T kind="small">{`Open to ${stage.open.map((o) => OPEN_WORDS[o] ?? o).join(', ')}`}</T>
          </View>
        );
      })}
    </View>
  );
}
