import type { Look } from '@sleetbrook/core/api';
import { instant, sayDay } from '@sleetbrook/core/measure';
import { View } from 'react-native';
import { BarChart } from 'react-native-gifted-charts';
import { T } from '../../ui/text';
import { useTokens } from '../../ui/tokens';

/** Share affected at each count, as bars, with the same figures in words. */
export function CountsBars({ looks, unit, zone }: { readonly looks: readonly Look[]; readonly unit: string; readonly zone: string }) {
  const t = useTokens();
  const rows = looks.flatMap((l) =>
    l.count ? [{ day: sayDay(instant(Date.parse(l.at)), zone), share: Math.round((l.count.affected / l.count.looked) * 100), count: l.count }] : [],
  );
  return (
    <View className="gap-1">
      <View aria-hidden>
        <BarChart
          data={rows.map((r) => ({ value: r.share, label: r.day.replace(/^\w+ /, ''), frontColor: t.brook }))}
          width={230}
          height={110}
          barWidth={34}
          spacing={26}
          initialSpacing={14}
          maxValue={100}
          noOfSections={4}
          yAxisLabelWidth={34}
          disableScroll
          yAxisTextStyle={{ color: t.drift, fontFamily: 'Atkinson', fontSize: 13 }}
          xAxisLabelTextStyle={{ color: t.drift, fontFamily: 'Atkinson', fontSize: 13 }}
          rulesColor={t.line}
          xAxisColor={t.line}
          yAxisColor={t.line}
          barBorderRadius={4}
          isAnimated={false}
        />
      </View>
      {rows.map((r) => (
        <T key={r.day} kind="small">{`${r.day}: ${r.count.affected} of ${r.count.looked} ${unit}, ${r.share} in 100`}</T>
      ))}
    </View>
  );
}
