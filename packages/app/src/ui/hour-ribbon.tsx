import { sayTime, trim, type Instant } from '@sleetbrook/core/measure';
import { SLOT_MS, type Conditions, type Span } from '@sleetbrook/core/weather';
import { DateTime } from 'luxon';
import { useId, useMemo, useRef, useState } from 'react';
import { Pressable, ScrollView, View } from 'react-native';
import Svg, { Defs, G, Line, LinearGradient, Path, Pattern, Rect, Stop, Text as SvgText } from 'react-native-svg';
import { HOUR_PX, rainBars, runs, SKY_HEIGHT, SKY_TOP, skyLight, SLOT_PX, trace } from './ribbon-paths';
import { T } from './text';
import { useTokens, type Tokens } from './tokens';
import { useWords } from './words';

interface Props {
  /** Quarter hours from now on. */
  readonly ahead: readonly Conditions[];
  readonly open: readonly Span[];
  readonly zone: string;
  /** Called with the moment that was tapped. */
  readonly onPick?: (at: Instant) => void;
  readonly picked?: Instant | null;
}

/**
 * The coming hours as one strip: sky by the sun's height, warmth and wind as two traces, rain from below,
 * bee hours hatched at the foot, open hours as gates with a flag. A list of the same facts always follows it.
 */
export function HourRibbon({ ahead, open, zone, onPick, picked }: Props) {
  const t = useTokens();
  const scroller = useRef<ScrollView>(null);
  const [away, setAway] = useState(false);
  const first = ahead[0];
  if (!first) return null;
  const width = ahead.length * SLOT_PX;
  const slotOf = (at: number) => (at - first.at) / SLOT_MS;

  const pick = (event: { nativeEvent: object }) => {
    const e = event.nativeEvent as { locationX?: number; offsetX?: number };
    const x = e.offsetX ?? e.locationX ?? 0;
    const slot = ahead[Math.min(Math.max(Math.floor(x / SLOT_PX), 0), ahead.length - 1)];
    if (slot) onPick?.(slot.at);
  };

  return (
    <View>
      <ScrollView
        ref={scroller}
        horizontal
        // the arrow keys scroll it, so it takes the focus
        tabIndex={0}
        role="group"
        aria-label="The coming hours; the same facts follow as a list"
        showsHorizontalScrollIndicator={false}
        scrollEventThrottle={64}
        onScroll={(e) => setAway(e.nativeEvent.contentOffset.x > 40)}
      >
        <Pressable aria-hidden tabIndex={-1} onPress={pick} style={{ width, height: SKY_TOP + SKY_HEIGHT + 26 }}>
          <View pointerEvents="none">
            <Strip ahead={ahead} open={open} zone={zone} t={t} width={width} slotOf={slotOf} picked={picked ?? null} />
          </View>
        </Pressable>
      </ScrollView>
      {away && (
        <Pressable
          role="button"
          onPress={() => scroller.current?.scrollTo({ x: 0, animated: false })}
          className="absolute left-3 top-0 min-h-[36px] justify-center rounded-full border border-line bg-slate px-3"
        >
          <T kind="label" className="text-ink">
            Back to now
          </T>
        </Pressable>
      )}
    </View>
  );
}

interface StripProps {
  readonly ahead: readonly Conditions[];
  readonly open: readonly Span[];
  readonly zone: string;
  readonly t: Tokens;
  readonly width: number;
  readonly slotOf: (at: number) => number;
  readonly picked: Instant | null;
}

function Strip({ ahead, open, zone, t, width, slotOf, picked }: StripProps) {
  const id = useId().replace(/\W/g, '');
  const foot = SKY_TOP + SKY_HEIGHT;
  const drawn = useMemo(() => {
    const warmth = ahead.map((c) => c.temperature);
    const wind = ahead.map((c) => c.wind * 3.6);
    return {
      warmth,
      wind,
      warmthPath: trace(warmth, SKY_TOP + 14, SKY_TOP + 84, Math.min(...warmth), Math.max(...warmth)),
      windPath: trace(wind, SKY_TOP + 92, SKY_TOP + 122, 0, Math.max(20, ...wind)),
      rain: rainBars(ahead),
      bees: runs(ahead, (c) => c.beesFlying),
      stops: ahead.filter((_, i) => i % 4 === 0).map((c, i, all) => ({ offset: i / Math.max(all.length - 1, 1), light: skyLight(c.sunAltitude) })),
    };
  }, [ahead]);
  return (
    <Svg width={width} height={foot + 26}>
      <Defs>
        <LinearGradient id={`sky${id}`} x1="0" y1="0" x2="1" y2="0">
          {drawn.stops.map((s) => (
            <Stop key={s.offset} offset={s.offset} stopColor={blend(t.skyNight, t.skyDay, s.light)} />
          ))}
        </LinearGradient>
        <Pattern id={`bee${id}`} width={8} height={8} patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <Rect width={8} height={8} fill={t.ochreGround} />
          <Rect width={3.5} height={8} fill={t.ochre} />
        </Pattern>
      </Defs>
      <Rect x={0} y={SKY_TOP} width={width} height={SKY_HEIGHT} fill={`url(#sky${id})`} />
      {drawn.bees.map((b) => (
        <Rect key={b.from} x={b.from * SLOT_PX} y={foot - 13} width={(b.to - b.from) * SLOT_PX} height={13} fill={`url(#bee${id})`} />
      ))}
      {drawn.rain.map((r) => {
        const h = Math.min(60, 8 + r.mm * 14);
        return (
          <Rect key={r.slot} x={r.slot * SLOT_PX + 3} y={foot - 15 - h} width={HOUR_PX - 6} height={h} rx={3} fill={t.brook} stroke={t.halo} strokeWidth={1} />
        );
      })}
      {open.map((o) => (
        <Gate key={o.from} from={slotOf(o.from)} to={slotOf(o.to)} label={`${sayTime(o.from, zone)} open`} t={t} foot={foot} />
      ))}
      <Trace d={drawn.warmthPath} colour={t.rowan} halo={t.halo} />
      <Trace d={drawn.windPath} colour={t.drift} halo={t.halo} />
      <Extreme values={drawn.warmth} unit="°C" top={SKY_TOP + 14} bottom={SKY_TOP + 84} low={Math.min(...drawn.warmth)} t={t} colour={t.rowan} both />
      <Extreme values={drawn.wind} unit="km/h" top={SKY_TOP + 92} bottom={SKY_TOP + 122} low={0} t={t} colour={t.drift} />
      <HourLabels ahead={ahead} zone={zone} t={t} y={foot} />
      {picked !== null && (
        <Line x1={slotOf(picked) * SLOT_PX} x2={slotOf(picked) * SLOT_PX} y1={SKY_TOP} y2={foot} stroke={t.ink} strokeWidth={2} strokeDasharray="4 3" />
      )}
      <Line x1={6} x2={6} y1={SKY_TOP - 8} y2={foot} stroke={t.ink} strokeWidth={3} />
      <Path d={`M0 ${SKY_TOP - 8}a6 6 0 1 0 12 0a6 6 0 1 0 -12 0`} fill={t.ink} />
    </Svg>
  );
}

function Trace({ d, colour, halo }: { readonly d: string; readonly colour: string; readonly halo: string }) {
  return (
    <G>
      <Path d={d} stroke={halo} strokeOpacity={0.75} strokeWidth={6} fill="none" strokeLinejoin="round" />
      <Path d={d} stroke={colour} strokeWidth={2.6} fill="none" strokeLinejoin="round" />
    </G>
  );
}

interface ExtremeProps {
  readonly values: readonly number[];
  readonly unit: string;
  readonly top: number;
  readonly bottom: number;
  readonly low: number;
  readonly t: Tokens;
  readonly colour: string;
  readonly both?: boolean;
}

/** Figures at the highest (and lowest) point of a trace, day by day. */
function Extreme({ values, unit, top, bottom, low, t, colour, both = false }: ExtremeProps) {
  const words = useWords();
  const high = unit === 'km/h' ? Math.max(20, ...values) : Math.max(...values);
  const y = (v: number) => bottom - ((v - low) / Math.max(high - low, 1e-6)) * (bottom - top);
  const marks: { i: number; v: number; above: boolean }[] = [];
  for (let day = 0; day < values.length; day += 96) {
    const part = values.slice(day, day + 96);
    const most = part.indexOf(Math.max(...part)) + day;
    const least = part.indexOf(Math.min(...part)) + day;
    marks.push({ i: most, v: values[most] ?? 0, above: true });
    if (both) marks.push({ i: least, v: values[least] ?? 0, above: false });
  }
  return (
    <G>
      {marks.map((m) => {
        const x = Math.min(Math.max(m.i * SLOT_PX, 44), values.length * SLOT_PX - 34);
        const place = { x, y: m.above ? y(m.v) - 7 : y(m.v) + 18, fontSize: 13, fontFamily: 'AtkinsonSemi', textAnchor: 'middle' as const };
        const text = words(`${trim(m.v, unit === '°C' ? 0 : 1)} ${unit}`);
        return (
          <G key={`${m.i}${m.above}`}>
            <SvgText {...place} fill={t.halo} stroke={t.halo} strokeWidth={4} strokeLinejoin="round">
              {text}
            </SvgText>
            <SvgText {...place} fill={colour}>
              {text}
            </SvgText>
          </G>
        );
      })}
    </G>
  );
}

/** An opening: two posts, and a flag with a word in it. */
function Gate({ from, to, label, t, foot }: { readonly from: number; readonly to: number; readonly label: string; readonly t: Tokens; readonly foot: number }) {
  const x0 = Math.max(from, 0) * SLOT_PX + 2;
  const x1 = to * SLOT_PX - 2;
  const flag = 98;
  return (
    <G>
      <Rect x={x0} y={SKY_TOP} width={Math.max(x1 - x0, 2)} height={SKY_HEIGHT} fill={t.moss} fillOpacity={0.12} />
      <Path d={`M${x0} ${SKY_TOP - 28}V${foot}M${x1} ${SKY_TOP}V${foot}`} stroke={t.moss} strokeWidth={4} />
      <Path d={`M${x0 - 2} ${SKY_TOP - 34}h${flag}l-8 13l8 13h${-flag}z`} fill={t.moss} />
      <SvgText x={x0 + 7} y={SKY_TOP - 16} fontSize={14} fontFamily="AtkinsonSemi" fill={t.onMoss}>
        {label}
      </SvgText>
    </G>
  );
}

function HourLabels({ ahead, zone, t, y }: { readonly ahead: readonly Conditions[]; readonly zone: string; readonly t: Tokens; readonly y: number }) {
  return (
    <G>
      {ahead.map((c, i) => {
        const local = DateTime.fromMillis(c.at, { zone, locale: 'en-GB' });
        if (local.minute !== 0 || local.hour % 3 !== 0) return null;
        const midnight = local.hour === 0;
        return (
          <G key={c.at}>
            <Line x1={i * SLOT_PX} x2={i * SLOT_PX} y1={y} y2={y + 5} stroke={t.drift} strokeWidth={1.5} />
            <SvgText
              x={Math.max(i * SLOT_PX, 14)}
              y={y + 20}
              fontSize={14}
              textAnchor="middle"
              fontFamily={midnight ? 'AtkinsonBold' : 'Atkinson'}
              fill={midnight ? t.ink : t.drift}
            >
              {midnight ? local.toFormat('ccc') : local.toFormat('HH')}
            </SvgText>
          </G>
        );
      })}
    </G>
  );
}

/** Between two #RRGGBB colours. */
function blend(a: string, b: string, share: number): string {
  const part = (i: number) => {
    const [x, y] = [a, b].map((c) => parseInt(c.slice(i, i + 2), 16)) as [number, number];
    return Math.round(x + (y - x) * share)
      .toString(16)
      .padStart(2, '0');
  };
  return `#${part(1)}${part(3)}${part(5)}`;
}

/** What the strip's marks mean. */
export function RibbonKey() {
  const t = useTokens();
  const item = (key: string, drawing: React.ReactNode) => (
    <View key={key} className="flex-row items-center gap-2">
      <Svg width={16} height={14} aria-hidden>
        {drawing}
      </Svg>
      <T kind="small">{key}</T>
    </View>
  );
  return (
    <View className="flex-row flex-wrap gap-x-4 gap-y-1 px-5 pt-2">
      {item('warmth', <Line x1={0} x2={16} y1={7} y2={7} stroke={t.rowan} strokeWidth={2.5} />)}
      {item('wind', <Line x1={0} x2={16} y1={7} y2={7} stroke={t.drift} strokeWidth={2.5} />)}
      {item('rain', <Rect x={4} y={0} width={8} height={14} rx={2} fill={t.brook} />)}
      {item(
        'bees flying',
        <>
          <Rect width={16} height={14} fill={t.ochreGround} />
          <Path d="M-2 14L8 0M4 16L16 0M12 16L20 4" stroke={t.ochre} strokeWidth={3} />
        </>,
      )}
    </View>
  );
}
