import type { WeatherDayView } from '@sleetbrook/core/api';
import { addDays } from '@sleetbrook/core/schedule';
import type { Season } from '@sleetbrook/core/season';
import { useState } from 'react';
import { View } from 'react-native';
import Svg, { Circle, Path, Rect, Text as Label } from 'react-native-svg';
import { T } from '../../ui/text';
import { useTokens } from '../../ui/tokens';
import { fitName } from './fit-name';
import { STRIP_HEIGHT } from './fortnight-room';

interface Props {
  readonly season: Season;
  /** Of the coming days, as far as anybody foretells them. */
  readonly days: readonly WeatherDayView[];
  /** Days on which the weather is about to let something in. */
  readonly warned: readonly string[];
}

const HEIGHT = STRIP_HEIGHT;
const FLAG = 24;
/** A day with so much rain fills the strip, mm. */
const FULL_MM = 30;
/** Letters on a flag. */
const LETTER = 7.4;

/** The coming fortnight at a glance: warmth and rain as far as they are foretold, a flag for every evening out. What it shows stands in words below it. */
export function Fortnight({ season, days, warned }: Props) {
  const t = useTokens();
  const [width, setWidth] = useState(350);
  const room = width / season.days;
  const dates = Array.from({ length: season.days }, (_, i) => addDays(season.today, i));
  const told = dates.map((d) => days.find((x) => x.day === d));
  const known = told.flatMap((d, i) => (d?.whole || (d && i === 0) ? [{ i, c: d.mostC }] : []));
  const warmest = Math.max(...known.map((k) => k.c), 10);
  const coldest = Math.min(...known.map((k) => k.c), warmest - 6);
  const y = (c: number) => FLAG + 10 + (1 - (c - coldest) / Math.max(1, warmest - coldest)) * 30;
  const line = known.map((k, n) => `${n === 0 ? 'M' : 'L'}${(k.i + 0.5) * room} ${y(k.c)}`).join(' ');
  const last = told.findLastIndex((d) => d !== undefined);
  const flags = season.evenings.map((e) => {
    const i = dates.indexOf(e.day);
    const names = [...new Set(e.rounds.map((r) => season.courses.find((c) => c.caseId === r.caseId)?.plantingName ?? ''))];
    return { i, text: names.length > 1 ? `${String(names.length)} jobs` : fitName(names[0] ?? '') };
  });
  // a flag has the room up to the next one, or to the edge
  const room_ = (n: number) => ((flags[n + 1]?.i ?? season.days) - (flags[n]?.i ?? 0)) * room - 3;
  return (
    <View onLayout={(e) => setWidth(Math.max(280, e.nativeEvent.layout.width))} aria-hidden>
      <Svg width={width} height={HEIGHT}>
        {dates.map((d, i) => (
          <Rect
            key={d}
            x={i * room + 1}
            y={0}
            width={room - 2}
            height={HEIGHT}
            fill={season.evenings.some((e) => e.day === d) ? t.leaf : t.slate}
            opacity={i > last ? 0.55 : 1}
          />
        ))}
        {told.map((d, i) =>
          d && (d.rainMm ?? 0) >= 0.2 ? (
            <Rect
              key={d.day}
              x={i * room + room * 0.3}
              y={HEIGHT - Math.min(1, (d.rainMm ?? 0) / FULL_MM) * 80}
              width={room * 0.4}
              height={Math.min(1, (d.rainMm ?? 0) / FULL_MM) * 80}
              rx={2}
              fill={t.brook}
            />
          ) : null,
        )}
        {line !== '' && <Path d={line} stroke={t.rowan} strokeWidth={2.2} fill="none" strokeLinejoin="round" />}
        {last < season.days - 3 && (
          <Label x={(last + 1) * room + 6} y={HEIGHT - 8} fill={t.drift} fontSize={13} fontFamily="Atkinson">
            not foretold yet
          </Label>
        )}
        {flags.map(({ i, text }, n) => {
          const wide = Math.min(room_(n), text.length * LETTER + 18);
          const shown = wide < text.length * LETTER + 14 ? '' : text;
          const w = shown === '' ? 12 : wide;
          return <Path key={`f${String(i)}`} d={`M${i * room + 1} 1 h${w} l-6 ${FLAG / 2 - 1} l6 ${FLAG / 2 - 1} h${-w + 3} v${FLAG} h-3 Z`} fill={t.moss} />;
        })}
        {flags.map(({ i, text }, n) =>
          Math.min(room_(n), text.length * LETTER + 18) < text.length * LETTER + 14 ? null : (
            <Label key={`t${String(i)}`} x={i * room + 7} y={17} fill={t.onMoss} fontSize={13} fontFamily="AtkinsonSemi">
              {text}
            </Label>
          ),
        )}
        {dates.map((d, i) =>
          warned.includes(d) ? <Circle key={`w${d}`} cx={(i + 0.5) * room} cy={HEIGHT - 44} r={8} fill={t.frost} stroke={t.ochre} strokeWidth={2.6} /> : null,
        )}
        {dates.map((d, i) =>
          warned.includes(d) ? <Rect key={`e${d}`} x={(i + 0.5) * room - 1.2} y={HEIGHT - 49} width={2.4} height={10} rx={1.2} fill={t.ochre} /> : null,
        )}
      </Svg>
      <View className="flex-row pt-1">
        {dates.map((d, i) => (
          <View key={d} style={{ width: room }} className="items-center">
            <T kind={i === 0 ? 'label' : 'small'} className={i === 0 ? 'text-ink' : ''}>
              {String(Number(d.slice(8)))}
            </T>
          </View>
        ))}
      </View>
    </View>
  );
}
