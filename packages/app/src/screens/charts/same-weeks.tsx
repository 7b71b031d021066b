import type { ClimateView, SameWeeks } from '@sleetbrook/core/api';
import { sayDegreeDays, sayRain, sayTemperature, type UnitSystem } from '@sleetbrook/core/measure';
import { useWindowDimensions, View } from 'react-native';
import { LineChart } from 'react-native-gifted-charts';
import { Row } from '../../ui/row';
import { T } from '../../ui/text';
import { useTokens } from '../../ui/tokens';

const AXIS = 40;
const HEIGHT = 100;
const FAHRENHEIT = 1.8;
/** The chart repeats what is said below it: no key and no reader goes into it. */
const inert = (el: View | null): void => {
  if (el) (el as unknown as { inert: boolean }).inert = true;
};

/** These weeks beside the same ones of earlier years: warmth as it came together, and each year in a line. */
export function SameWeeksPart({ climate, units }: { readonly climate: ClimateView; readonly units: UnitSystem }) {
  const t = useTokens();
  const { width } = useWindowDimensions();
  const { thisYear, earlier, usualWarmth } = climate;
  if (!thisYear || earlier.length === 0) return null;
  const room = Math.min(width, 860) - 40 - AXIS - 24;
  const scale = (c: number) => Math.round(units === 'us' ? c * FAHRENHEIT : c);
  const days = Math.max(thisYear.warmth.length, usualWarmth.length);
  const text = { color: t.drift, fontFamily: 'Atkinson', fontSize: 13 };
  return (
    <View className="gap-2">
      <T kind="label">{`Warmth above ${sayTemperature(10, units)} as it came together, ${units === 'us' ? '°F' : '°C'}-days`}</T>
      <View aria-hidden ref={inert}>
        <LineChart
          data={thisYear.warmth.map((c) => ({ value: scale(c) }))}
          data2={usualWarmth.map((c) => ({ value: scale(c) }))}
          color1={t.brook}
          color2={t.drift}
          strokeDashArray2={[5, 4]}
          thickness={2.5}
          height={HEIGHT}
          width={room}
          spacing={Math.max(2, room / Math.max(1, days))}
          initialSpacing={6}
          endSpacing={0}
          noOfSections={3}
          maxValue={Math.max(3, Math.ceil(scale(Math.max(...thisYear.warmth, ...usualWarmth)) / 30) * 30)}
          hideDataPoints
          disableScroll
          yAxisLabelWidth={AXIS}
          yAxisTextStyle={text}
          xAxisLabelTextStyle={text}
          rulesColor={t.line}
          xAxisColor={t.line}
          yAxisColor={t.line}
        />
      </View>
      <T kind="small">This year drawn out; the middle one of earlier years in strokes.</T>
      {[thisYear, ...earlier].map((y) => (
        <Row key={y.year} title={y === thisYear ? 'This year' : String(y.year)} sub={sayWeeks(y, units)} />
      ))}
    </View>
  );
}

/** @example '41 mm of rain, 120 °C-days, no frost' */
export function sayWeeks(y: SameWeeks, units: UnitSystem): string {
  const rain = y.rainMm === null ? 'rain not read' : `${sayRain(y.rainMm, units)} of rain`;
  return `${rain}, ${sayDegreeDays(y.warmth.at(-1) ?? 0, units)}, ${y.frosts === 0 ? 'no frost' : `${y.frosts} with frost`}`;
}
