import type { Planting } from '@sleetbrook/core/api';
import { sayDay } from '@sleetbrook/core/measure';
import { addDays, dayOf, dayStart } from '@sleetbrook/core/schedule';
import type { CourseAhead, Season } from '@sleetbrook/core/season';
import { useState } from 'react';
import { Pressable, View } from 'react-native';
import Svg, { Circle, Line, Path, Rect } from 'react-native-svg';
import { Button } from '../../ui/button';
import { pebblePath } from '../../ui/stone';
import { T } from '../../ui/text';
import { useTokens } from '../../ui/tokens';
import type { RoundRef } from './round-sheet';
import { ordinal } from './say-round';

interface Props {
  readonly season: Season;
  readonly plantings: readonly Planting[];
  readonly warned: readonly string[];
  readonly zone: string;
  readonly onRound: (round: RoundRef) => void;
}

const ZOOMS = [
  { title: 'Fortnight', back: 7, ahead: 14 },
  { title: 'Month', back: 21, ahead: 28 },
  { title: 'Season', back: 42, ahead: 90 },
] as const;
const NAMES = 190;
const ROW = 74;
const HEAD = 34;
const MID = 30;
/** Half the width of the brook where all of a round is there, and where nothing is. */
const FULL = 8;
const THREAD = 1.2;
const DAY = 86_400_000;

const daysBetween = (from: string, to: string): number => Math.round((Date.parse(`${to}T00:00:00Z`) - Date.parse(`${from}T00:00:00Z`)) / DAY);

/** The season as brooks: a row a course, as wide as what is left of it, a stone for each round done and an open one for each to come. */
export function Board({ season, plantings, warned, zone, onRound }: Props) {
  const t = useTokens();
  const [width, setWidth] = useState(800);
  const [zoom, setZoom] = useState(0);
  const { back, ahead } = ZOOMS[zoom] ?? ZOOMS[0];
  const first = addDays(season.today, -back);
  const room = Math.max(200, width - NAMES);
  const x = (day: string, part = 0.5) => ((daysBetween(first, day) + part) / (back + ahead)) * room;
  const seen = (day: string) => day >= first && day < addDays(first, back + ahead);
  const weeks = Array.from({ length: Math.ceil((back + ahead) / 7) }, (_, i) => addDays(first, i * 7));
  const height = HEAD + season.courses.length * ROW;
  return (
    <View className="pt-4">
      <View className="flex-row gap-2 pb-2">
        {ZOOMS.map((z, i) => (
          <Button key={z.title} kind={zoom === i ? 'main' : 'quiet'} title={z.title} onPress={() => setZoom(i)} />
        ))}
      </View>
      <View onLayout={(e) => setWidth(e.nativeEvent.layout.width)} style={{ height }}>
        <View aria-hidden style={{ position: 'absolute', left: NAMES, top: 0 }}>
          <Svg width={room} height={height}>
            <Rect
              x={x(season.today, 0)}
              y={HEAD}
              width={Math.max(0, Math.min(room, x(addDays(season.today, season.days), 0)) - x(season.today, 0))}
              height={height - HEAD}
              fill={t.slate}
            />
            {weeks.map((w) => (
              <Line key={w} x1={x(w, 0)} x2={x(w, 0)} y1={HEAD - 8} y2={height} stroke={t.line} strokeWidth={1} />
            ))}
            {season.courses.map((c, row) => (
              <Brook
                key={c.caseId}
                course={c}
                y={HEAD + row * ROW + MID}
                x={x}
                room={room}
                zone={zone}
                today={season.today}
                planting={plantings.find((p) => p.id === c.plantingId)}
                seen={seen}
              />
            ))}
            {warned.filter(seen).map((d) => (
              <Circle key={d} cx={x(d)} cy={HEAD - 2} r={6} fill={t.frost} stroke={t.ochre} strokeWidth={2.4} />
            ))}
            <Line x1={x(season.today, 0.5)} x2={x(season.today, 0.5)} y1={HEAD - 10} y2={height} stroke={t.ink} strokeWidth={2} />
          </Svg>
        </View>
        {weeks.map((w) => (
          <View key={w} style={{ position: 'absolute', left: NAMES + x(w, 0) + 3, top: 4 }}>
            <T kind="small">{sayDay(dayStart(w, zone), zone).replace(/^\S+ /, '')}</T>
          </View>
        ))}
        {season.courses.map((c, row) => (
          <View key={c.caseId} style={{ position: 'absolute', left: 0, top: HEAD + row * ROW + 6, width: NAMES - 10 }}>
            <T kind="strong">{c.plantingName}</T>
            <T kind="small">{`${c.troubleName}${c.state === 'on' ? '' : `, ${c.state === 'over' ? 'done' : c.state}`}`}</T>
          </View>
        ))}
        {season.courses.flatMap((c, row) =>
          c.rounds
            .filter((r) => seen(r.day))
            .map((r) => (
              <Handle
                key={`${c.caseId}${r.day}`}
                label={`${c.plantingName}, ${ordinal(r.number)} round, ${sayDay(dayStart(r.day, zone), zone)}`}
                left={NAMES + x(r.day) - 15}
                top={HEAD + row * ROW + MID - 24}
                dayWidth={room / (back + ahead)}
                onOpen={(days) => {
                  const last = addDays(season.today, season.days - 1);
                  const wanted = addDays(r.day, days);
                  const to = wanted < season.today ? season.today : wanted > last ? last : wanted;
                  onRound({ caseId: c.caseId, day: r.day, ...(days === 0 ? {} : { to }) });
                }}
              />
            )),
        )}
      </View>
      <T kind="small">
        Width: what is left of it. Stone: done. Open stone: to come. Green: picking. Hatched: in flower, bees on it. Ring: weather that lets something in.
      </T>
    </View>
  );
}

interface HandleProps {
  readonly label: string;
  readonly left: number;
  readonly top: number;
  readonly dayWidth: number;
  /** Opened, or drawn so many days along. */
  readonly onOpen: (days: number) => void;
}

/** A stone to be pressed, drawn along by hand, or moved with the arrow keys. */
function Handle({ label, left, top, dayWidth, onOpen }: HandleProps) {
  const t = useTokens();
  const [from, setFrom] = useState<number | null>(null);
  const [dx, setDx] = useState(0);
  const days = Math.round(dx / dayWidth);
  const keys = (e: { readonly key: string; preventDefault(): void }) => {
    const step = e.key === 'ArrowRight' ? 1 : e.key === 'ArrowLeft' ? -1 : 0;
    if (step === 0) return;
    e.preventDefault();
    onOpen(step);
  };
  const web = {
    onKeyDown: keys,
    onPointerDown: (e: PointerEvent) => {
      (e.currentTarget as Element).setPointerCapture(e.pointerId);
      setFrom(e.clientX);
    },
    onPointerMove: (e: PointerEvent) => {
      if (from !== null) setDx(e.clientX - from);
    },
    onPointerUp: () => {
      if (days !== 0) onOpen(days);
      setFrom(null);
      setDx(0);
    },
  };
  return (
    <Pressable
      role="button"
      aria-label={label}
      onPress={() => onOpen(0)}
      style={{ position: 'absolute', left, top, width: 30, height: 48, transform: [{ translateX: dx }], alignItems: 'center', justifyContent: 'center' }}
      {...(web as object)}
    >
      {days !== 0 && <View style={{ width: 18, height: 14, borderRadius: 8, backgroundColor: t.ochre }} />}
    </Pressable>
  );
}

interface BrookProps {
  readonly course: CourseAhead;
  readonly planting: Planting | undefined;
  readonly y: number;
  readonly x: (day: string, part?: number) => number;
  readonly room: number;
  readonly zone: string;
  readonly today: string;
  readonly seen: (day: string) => boolean;
}

/** Water from full at one stone to a thread at the next. */
const piece = (from: number, to: number, y: number): string => {
  const mid = (from + to) / 2;
  return `M${from} ${y - FULL} C${mid} ${y - FULL} ${mid} ${y - THREAD} ${to} ${y - THREAD} L${to} ${y + THREAD} C${mid} ${y + THREAD} ${mid} ${y + FULL} ${from} ${y + FULL} Z`;
};

function Brook({ course: c, planting, y, x, room, zone, today, seen }: BrookProps) {
  const t = useTokens();
  const now = x(today, 0.5);
  const done = c.done.map((d) => dayOf(d.at, zone));
  const stones = [...done, ...c.rounds.map((r) => r.day)];
  // what is laid out holds until the next round, the last one as long as the one before it did
  const until = (i: number) =>
    stones[i + 1] ?? (i === done.length - 1 && c.dueOn !== null && c.dueOn > (stones[i] ?? '') ? c.dueOn : addDays(stones[i] ?? today, 7));
  const wander = `M0 ${y} C${room * 0.25} ${y - 3} ${room * 0.4} ${y + 3} ${room * 0.55} ${y} S${room * 0.85} ${y - 3} ${room} ${y}`;
  return (
    <>
      <Path d={wander} stroke={t.drift} strokeWidth={2} fill="none" opacity={0.6} />
      {stones.map((d, i) => (
        <Path key={`w${d}${String(i)}`} d={piece(x(d), x(until(i)), y)} fill={t.brook} opacity={i < done.length ? 1 : 0.5} />
      ))}
      {planting?.pickFrom && planting.pickUntil && (
        <Rect
          x={Math.max(0, x(planting.pickFrom, 0))}
          y={y - 28}
          width={Math.max(0, Math.min(room, x(planting.pickUntil, 1)) - Math.max(0, x(planting.pickFrom, 0)))}
          height={9}
          rx={4}
          fill={t.leaf}
          stroke={t.moss}
          strokeWidth={0.6}
        />
      )}
      {planting?.stage === 'flowering' &&
        Array.from({ length: 9 }, (_, i) => (
          <Line key={i} x1={now - 40 + i * 9} x2={now - 34 + i * 9} y1={y + 26} y2={y + 18} stroke={t.ochre} strokeWidth={3} />
        ))}
      {done.filter(seen).map((d, i) => (
        <Path key={`d${d}${String(i)}`} d={pebblePath(i + 3, x(d), y, 11, 8)} fill={t.brook} />
      ))}
      {c.rounds
        .filter((r) => seen(r.day))
        .map((r, i) => (
          <Path
            key={r.day}
            d={pebblePath(i + 11, x(r.day), y, 10, 7.5)}
            fill={t.frost}
            stroke={r.fixed ? t.ochre : t.brook}
            strokeWidth={i === 0 ? 3.4 : 2.2}
          />
        ))}
      {c.later.filter(seen).map((d, i) => (
        <Path key={`l${d}`} d={pebblePath(i + 21, x(d), y, 7, 5.5)} fill={t.frost} stroke={t.drift} strokeWidth={1.6} />
      ))}
    </>
  );
}
