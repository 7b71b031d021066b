import { sayScoop, type Scoop } from '@sleetbrook/core/measure';
import { View } from 'react-native';
import { Spoons } from './spoons';
import { T } from './text';

interface Props {
  readonly title: string;
  /** The figure alone, and its unit. */
  readonly amount: string;
  readonly unit: string;
  readonly scoops: readonly Scoop[];
  /** Exact value, rounding, label range: one line each. */
  readonly fine: readonly string[];
}

/** One act: the amount as the largest thing on the screen, the spoons that make it, then the exact figures. */
export function MeasureCard({ title, amount, unit, scoops, fine }: Props) {
  return (
    <View className="gap-5 rounded-3xl border border-line bg-slate px-5 py-6">
      <View>
        <T kind="head" level={2}>
          {title}
        </T>
        <View className="flex-row items-baseline gap-2 pt-1">
          <T className="font-bold text-[64px] leading-[72px]">{amount}</T>
          <T className="font-medium text-[30px] leading-[36px]">{unit}</T>
        </View>
      </View>
      {scoops.length > 0 && <Spoons scoops={scoops} />}
      <View>
        {scoops.map((s) => (
          <T key={s.measure.id} kind="strong">
            {sayScoop(s)}
          </T>
        ))}
        {fine.map((line) => (
          <T key={line} kind="muted">
            {line}
          </T>
        ))}
      </View>
    </View>
  );
}
