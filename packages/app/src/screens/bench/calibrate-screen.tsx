import type { Calibration, Sprayer } from '@sleetbrook/core/api';
import { calibrate, meanOf, oneOf128, PLOT_128, PLOT_128_SIDE_M, type Calibrated } from '@sleetbrook/core/bench';
import { done, parseNumber, parseQuantity, readSize, refused, sayBoth, sayIn, trim, UNITS, type Outcome, type UnitSystem } from '@sleetbrook/core/measure';
import { nozzleDrift, sayRateIn } from '@sleetbrook/core/mix';
import { DateTime } from 'luxon';
import { useState } from 'react';
import { View } from 'react-native';
import { v7 } from 'uuid';
import { useSaveSprayer } from '../../api/mutations';
import { useGarden, useSprayers } from '../../api/queries';
import { useNow } from '../../state/now';
import { useTool } from '../../state/tools';
import { ActionBar, Button } from '../../ui/button';
import { Choice, Field } from '../../ui/field';
import { Mark } from '../../ui/mark';
import { Row, Section } from '../../ui/row';
import { SizeField } from '../../ui/size-field';
import { Empty, Failed } from '../../ui/states';
import { T } from '../../ui/text';
import { Why } from '../../ui/why';
import { Big, errorAt, ToolLoading, ToolPage } from './parts';
import { Stopwatch } from './stopwatch';

const METHODS = [
  { value: 'walk', label: 'Walk a plot' },
  { value: 'plot128', label: '1/128 acre' },
  { value: 'flow', label: 'Nozzle only' },
] as const;
const STYLES = [
  { value: 'wetted', label: 'Just wetted' },
  { value: 'run-off', label: 'Until it drips' },
  { value: 'drenched', label: 'Drenched' },
] as const;
const USUAL = { sprayerId: '', method: 'walk', style: 'wetted', area: '', used: '', seconds: '', walks: '', caught: '' };
type Values = typeof USUAL;

/** What a sprayer and its walker put on, kept for the sprayer; a nozzle that drifts is noticed. */
export function CalibrateScreen() {
  const garden = useGarden().data;
  const sprayers = useSprayers().data;
  const now = useNow();
  const save = useSaveSprayer();
  const { values: v, set } = useTool('calibrate', USUAL);
  const [kept, setKept] = useState(false);
  if (!garden || !sprayers || now === undefined) return <ToolLoading />;
  const clean = sprayers.filter((s) => !s.forWeedkiller);
  const sprayer = clean.find((s) => s.id === v.sprayerId) ?? [...clean].sort((a, b) => b.capacityMl - a.capacityMl)[0];
  if (!sprayer)
    return (
      <ToolPage title="Calibrate a sprayer" sub="With plain water">
        <Empty title="No clean sprayer" text="Add the sprayer you own in the Shed. The one for weed-killer is never used here." />
      </ToolPage>
    );
  const { units } = garden;
  const change = (c: Partial<Values>) => {
    setKept(false);
    set(c);
  };
  const read = readWalk(v, units);
  const keep = async () => {
    if (!read.ok) return;
    const entry: Calibration = { id: v7(), at: new Date(now).toISOString(), style: v.style as Calibration['style'], ...read.value.kept };
    await save.mutateAsync({ ...sprayer, calibrations: [...sprayer.calibrations, entry].slice(-60) });
    set({ used: '', seconds: '', walks: '', caught: '' });
    setKept(true);
  };
  return (
    <ToolPage
      title="Calibrate a sprayer"
      sub="With plain water, at the pace and pressure you spray with"
      footer={
        <ActionBar>
          <Button
            title={`Keep it for the ${sprayer.name.toLowerCase()}`}
            disabled={!read.ok}
            busy={save.isPending}
            onPress={() => void keep().catch(() => undefined)}
          />
        </ActionBar>
      }
    >
      {save.error && <Failed error={save.error} />}
      {clean.length > 1 && (
        <Choice
          label="Sprayer"
          value={sprayer.id}
          onChange={(sprayerId) => change({ sprayerId })}
          options={clean.map((s) => ({ value: s.id, label: s.name }))}
        />
      )}
      <Choice label="How" value={v.method as (typeof METHODS)[number]['value']} onChange={(method) => change({ method })} options={METHODS} />
      {v.method !== 'flow' && <Choice label="Sprayed" value={v.style as Calibration['style']} onChange={(style) => change({ style })} options={STYLES} />}
      <Guide values={v} set={change} units={units} error={(f) => errorAt(read, f)} />
      {read.ok && read.value.made && (
        <Big title={perArea(units).title} si={read.value.made.mlPerM2 * perArea(units).m2} dimension="volume" units={units}>
          <T kind="muted">{`${units === 'us' ? `${trim(read.value.made.galPerAcre, 1)} US gallons an acre` : `${trim(read.value.made.mlPerM2 * 10, 0)} l a hectare`}${read.value.made.mlPerMinute === null ? '' : `; the nozzle gives ${trim(read.value.made.mlPerMinute, 0)} ml a minute`}`}</T>
          <T kind="muted">{`A full ${sprayer.name.toLowerCase()} covers ${sayBoth(sprayer.capacityMl / read.value.made.mlPerM2, 'area', units)}.`}</T>
          <View className="pt-3">
            <Why working={[read.value.made.working]} />
          </View>
        </Big>
      )}
      {read.ok && !read.value.made && (
        <Big title="The nozzle gives, a minute" si={(read.value.kept.ml / (read.value.kept.seconds ?? 60)) * 60} dimension="volume" units={units} />
      )}
      {kept && (
        <T kind="strong" live>
          Kept. Mixes for this sprayer now offer this walk.
        </T>
      )}
      <History sprayer={sprayer} zone={garden.zone} units={units} />
    </ToolPage>
  );
}

interface GuideProps {
  readonly values: Values;
  readonly set: (change: Partial<Values>) => void;
  readonly units: UnitSystem;
  readonly error: (field: string) => string | undefined;
}

/** The acts of the chosen way, in order, with what is measured. */
function Guide({ values: v, set, units, error }: GuideProps) {
  const typed = (text: string, field: string) => (text.trim() === '' ? undefined : error(field));
  const caught = <Field label="Water caught" value={v.caught} onChange={(t) => set({ caught: t })} placeholder="900 ml" error={typed(v.caught, 'ml')} />;
  const seconds = <Field label="Time" unit="s" numeric value={v.seconds} onChange={(t) => set({ seconds: t })} error={typed(v.seconds, 'seconds')} />;
  if (v.method === 'flow')
    return (
      <View className="gap-4">
        <T>1. Pump up as always. Hold the nozzle into a jug, start the clock, and stop after half a minute or so.</T>
        <Stopwatch onSeconds={(s) => set({ seconds: String(s) })} />
        {seconds}
        <T>2. Read the jug.</T>
        {caught}
      </View>
    );
  if (v.method === 'plot128')
    return (
      <View className="gap-4">
        <T>{`1. Mark a square of ${sayBoth(PLOT_128_SIDE_M, 'length', units)} a side: ${sayBoth(PLOT_128, 'area', units)}, one 128th of an acre.`}</T>
        <T>2. Spray it with water as you would your plants, by the clock. Twice, or three times.</T>
        <Stopwatch onSeconds={(s) => set({ walks: [v.walks.trim(), String(s)].filter(Boolean).join(' ') })} />
        <Field label="Seconds of each walk" value={v.walks} onChange={(t) => set({ walks: t })} placeholder="61.5 63" error={typed(v.walks, 'seconds')} />
        <T>{`3. Run the nozzle into a jug for ${meanText(v.walks)}. US fluid ounces in the jug are US gallons an acre.`}</T>
        {caught}
      </View>
    );
  return (
    <View className="gap-4">
      <T>1. Mark a plot like your beds: 20 m² is plenty.</T>
      <SizeField label="Plot" kind="area" units={units} value={v.area} onChange={(t) => set({ area: t })} error={typed(v.area, 'areaM2')} />
      <T>2. Fill with water to a mark. Spray the plot, by the clock.</T>
      <Stopwatch onSeconds={(s) => set({ seconds: String(s) })} />
      {seconds}
      <T>3. Fill up to the mark again, from a jug: that much went on.</T>
      <Field label="Water used" value={v.used} onChange={(t) => set({ used: t })} placeholder="1.9 l" error={typed(v.used, 'ml')} />
    </View>
  );
}

const secondsIn = (text: string): number[] =>
  text
    .split(/[\s;]+/)
    .filter(Boolean)
    .map((t) => Number(t.replace(',', '.')));

function meanText(text: string): string {
  const list = secondsIn(text);
  return list.length > 0 && list.every((n) => n > 0) ? `${trim(meanOf(list), 1)} seconds, the mean of your walks` : 'as long as the mean of your walks';
}

interface Walk {
  readonly made: Calibrated | null;
  readonly kept: Pick<Calibration, 'areaM2' | 'ml' | 'seconds'>;
}

function readWalk(v: Values, units: UnitSystem): Outcome<Walk> {
  const volume = parseQuantity(v.method === 'walk' ? v.used : v.caught, units, ['volume'], 'ml');
  if (v.method === 'walk') {
    const area = readSize(v.area, 'area', units, { min: 1, max: 1000, what: 'The plot' }, 'areaM2');
    if (!area.ok) return area;
    const s = v.seconds.trim() === '' ? done(null) : parseNumber(v.seconds, 'seconds');
    if (!s.ok) return s;
    if (!volume.ok) return volume;
    const kept = { areaM2: area.value, ml: volume.value.si, seconds: s.value };
    const made = calibrate(kept);
    return made.ok ? done({ made: made.value, kept }) : made;
  }
  if (v.method === 'plot128') {
    const walks = secondsIn(v.walks);
    if (walks.some((n) => !(n > 0))) return refused('bad-walk', 'Type the seconds of each walk with a space between, such as 61.5 63.', 'seconds');
    if (!volume.ok) return volume;
    const made = oneOf128(walks, volume.value.si);
    return made.ok ? done({ made: made.value, kept: { areaM2: PLOT_128, ml: volume.value.si, seconds: meanOf(walks) } }) : made;
  }
  const s = parseNumber(v.seconds, 'seconds');
  if (!s.ok) return s;
  if (!(s.value >= 3)) return refused('bad-walk', 'At least 3 seconds.', 'seconds');
  return volume.ok ? done({ made: null, kept: { areaM2: null, ml: volume.value.si, seconds: s.value } }) : volume;
}

function History({ sprayer, zone, units }: { readonly sprayer: Sprayer; readonly zone: string; readonly units: UnitSystem }) {
  if (sprayer.calibrations.length === 0) return null;
  const flows = sprayer.calibrations.flatMap((c) => (c.seconds === null ? [] : [(c.ml / c.seconds) * 60]));
  const drift = nozzleDrift(flows);
  return (
    <View>
      <Section>{`Kept for the ${sprayer.name.toLowerCase()}`}</Section>
      {drift && (
        <View className="flex-row items-start gap-3 py-2">
          <Mark state={drift.state === 'steady' ? 'open' : 'stop'} />
          <T className="min-w-0 flex-1">{drift.sentence}</T>
        </View>
      )}
      {[...sprayer.calibrations].reverse().map((c) => (
        <Row
          key={c.id}
          title={DateTime.fromISO(c.at, { zone, locale: 'en-GB' }).toFormat('d MMM yyyy')}
          end={c.areaM2 === null ? `${trim((c.ml / (c.seconds ?? 60)) * 60, 0)} ml a minute` : sayRateIn(c.ml / c.areaM2, 'ml', 'per-m2', units)}
          sub={c.areaM2 === null ? 'nozzle only' : `${STYLES.find((s) => s.value === c.style)?.label.toLowerCase() ?? ''}, ${sayIn(c.areaM2, 'area', units)}`}
        />
      ))}
    </View>
  );
}

/** The ground that what is put on is said for. */
const perArea = (units: UnitSystem) =>
  units === 'us' || units === 'imperial' ? { title: 'You put on, per 100 sq ft', m2: 100 * UNITS.ft2.si } : { title: 'You put on, a square metre', m2: 1 };
