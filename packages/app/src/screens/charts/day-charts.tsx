import type { WeatherDayView } from '@sleetbrook/core/api';
import { degreesOf, degreeUnit, sayDegreeDays, sayRain, sayTemperature, trim, type UnitSystem } from '@sleetbrook/core/measure';
import type { LocalDay } from '@sleetbrook/core/schedule';
import { useState } from 'react';
import { useWindowDimensions, View } from 'react-native';
import { BarChart, LineChart } from 'react-native-gifted-charts';
import { Button } from '../../ui/button';
import { T } from '../../ui/text';
import { useTokens } from '../../ui/tokens';
import { sayDate } from '../garden/say-picking';

const MM_PER_INCH = 25.4;
const HEIGHT = 120;
const AXIS = 40;
/** Charts repeat what is said below them: no key and no reader goes into them. */
const inert = (el: View | null): void => {
  if (el) (el as unknown as { inert: boolean }).inert = true;
};
/** Every so many days one is named. */
const NAMED = 7;
const NAME_WIDTH = 56;

/** Least and most of each day, and its rain; the same in words below. */
export function DayCharts({ days, today, units }: { readonly days: readonly WeatherDayView[]; readonly today: LocalDay; readonly units: UnitSystem }) {
  const t = useTokens();
  const { width } = useWindowDimensions();
  const [words, setWords] = useState(false);
  const room = Math.min(width, 860) - 40 - AXIS - 24;
  const spacing = Math.max(4, room / Math.max(1, days.length));
  // a day that is not whole has extremes that nobody saw
  const whole = days.filter((d) => d.whole);
  // a name is wider than the room of its day
  const named = (i: number, day: string) =>
    i % Math.max(NAMED, Math.ceil(NAME_WIDTH / spacing)) === 0 && (days.length - i) * spacing > NAME_WIDTH
      ? {
          labelComponent: () => (
            <View style={{ width: NAME_WIDTH }}>
              <T kind="small">{sayDate(day)}</T>
            </View>
          ),
        }
      : {};
  const text = { color: t.drift, fontFamily: 'Atkinson', fontSize: 13 };
  // each line at a round figure, of warmth and of rain
  const degrees = units === 'us' ? 20 : 10;
  const above = Math.max(1, Math.ceil(Math.max(...whole.map((d) => degreesOf(d.mostC, units))) / degrees));
  const below = Math.max(0, Math.ceil(-Math.min(0, ...whole.map((d) => degreesOf(d.leastC, units))) / degrees));
  const axis = {
    yAxisLabelWidth: AXIS,
    yAxisTextStyle: text,
    xAxisLabelTextStyle: text,
    rulesColor: t.line,
    xAxisColor: t.line,
    yAxisColor: t.line,
    isAnimated: false,
  } as const;
  const step = units === 'us' ? 0.3 : 6;
  const rain = days.map((d) => (units === 'us' ? (d.rainMm ?? 0) / MM_PER_INCH : (d.rainMm ?? 0)));
  return (
    <View className="gap-2">
      <T kind="label">{`Least and most, ${degreeUnit(units)}`}</T>
      <View aria-hidden ref={inert}>
        <LineChart
          {...axis}
          data={whole.map((d, i) => ({ value: degreesOf(d.mostC, units), ...named(i, d.day) }))}
          data2={whole.map((d) => ({ value: degreesOf(d.leastC, units) }))}
          color1={t.rowan}
          color2={t.brook}
          thickness={2.5}
          height={(HEIGHT * above) / (above + below)}
          width={room}
          spacing={spacing}
          initialSpacing={6}
          endSpacing={0}
          noOfSections={above}
          maxValue={above * degrees}
          {...(below > 0 ? { mostNegativeValue: -below * degrees, noOfSectionsBelowXAxis: below } : {})}
          formatYLabel={(v: string) => trim(Number(v), 0)}
          hideDataPoints
          disableScroll
          xAxisLabelsHeight={22}
        />
      </View>
      <T kind="label">{`Rain, ${units === 'us' ? 'in' : 'mm'}`}</T>
      <View aria-hidden ref={inert}>
        <BarChart
          {...axis}
          data={days.map((d, i) => ({
            value: rain[i] ?? 0,
            ...named(i, d.day),
            frontColor: d.rainMm === null ? t.line : d.sure === 'forecast' ? t.drift : t.brook,
          }))}
          height={90}
          width={room}
          disablePress
          barWidth={Math.max(2, spacing * 0.6)}
          spacing={spacing * 0.4}
          initialSpacing={6}
          noOfSections={3}
          maxValue={Math.ceil(Math.max(0, ...rain) / step || 1) * step}
          formatYLabel={(v: string) => trim(Number(v), 1)}
          xAxisLabelsHeight={22}
          disableScroll
        />
      </View>
      <T kind="small">{`${sum(days, today, units)} Forecast days are paler.`}</T>
      <Button kind="link" title={words ? 'Hide the figures' : 'Day by day in figures'} expanded={words} onPress={() => setWords(!words)} />
      {words &&
        [...days].reverse().map((d) => (
          <T key={d.day} kind="small">
            {sayWeatherDay(d, units)}
          </T>
        ))}
    </View>
  );
}

/** A day in a line. */
export function sayWeatherDay(d: WeatherDayView, units: UnitSystem): string {
  const rain = d.rainMm === null ? 'rain not known' : d.rainMm === 0 ? 'dry' : sayRain(d.rainMm, units);
  const how = d.sure === 'forecast' ? ', forecast' : d.sure === 'reckoned' ? ', reckoned' : d.sure === 'guess' ? ', guessed' : '';
  return `${sayDate(d.day)}: ${sayTemperature(d.leastC, units)} to ${sayTemperature(d.mostC, units)}, ${rain}, leaves wet ${d.wetHours} h${d.leastC <= 0 ? ', frost' : ''}${d.whole ? how : ', not the whole day known'}`;
}

function sum(days: readonly WeatherDayView[], today: LocalDay, units: UnitSystem): string {
  const past = days.filter((d) => d.day <= today);
  const mm = past.reduce((n, d) => n + (d.rainMm ?? 0), 0);
  const unread = past.filter((d) => d.rainMm === null).length;
  const warmth = past.reduce((n, d) => n + d.warmth, 0);
  const frosts = past.filter((d) => d.leastC <= 0).length;
  return `${past.length} days to today: ${sayRain(mm, units)} of rain${unread > 0 ? ` (${unread} of them not read)` : ''}, ${sayDegreeDays(warmth, units)} above ${sayTemperature(10, units)}, ${frosts === 0 ? 'no frost' : `${frosts} with frost`}.`;
}
