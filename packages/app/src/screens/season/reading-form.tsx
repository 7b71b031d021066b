import { celsiusOf, degreesOf, degreeUnit, instant, parseNumber, trim, type Instant, type UnitSystem } from '@sleetbrook/core/measure';
import { addDays, dayOf, type LocalDay } from '@sleetbrook/core/schedule';
import type { RainFell, Reading } from '@sleetbrook/core/weather';
import { useState } from 'react';
import { View } from 'react-native';
import { useRemoveReading, useSaveReading } from '../../api/mutations';
import { Button } from '../../ui/button';
import { Choice, Field } from '../../ui/field';
import { Failed } from '../../ui/states';
import { T } from '../../ui/text';

const MM_PER_INCH = 25.4;
const DAY = 86_400_000;
const FELL: readonly { readonly value: RainFell | 'unknown'; readonly label: string }[] = [
  { value: 'night', label: 'In the night' },
  { value: 'morning', label: 'Morning' },
  { value: 'afternoon', label: 'Afternoon' },
  { value: 'evening', label: 'Evening' },
  { value: 'on-and-off', label: 'On and off' },
  { value: 'unknown', label: 'Nobody knows' },
];
const rainUnit = (units: UnitSystem) => (units === 'us' ? 'in' : 'mm');
const rainOf = (mm: number, units: UnitSystem) => (units === 'us' ? trim(mm / MM_PER_INCH, 2) : trim(mm, 1));

interface Props {
  readonly readings: readonly Reading[];
  /** The day that is read for; its reading is corrected where there is one. */
  readonly day: LocalDay;
  readonly now: Instant;
  readonly zone: string;
  readonly units: UnitSystem;
  readonly onKept: () => void;
}

/** Least, most and rain: three fields side by side, in the grower's units, and when the rain fell. */
export function ReadingForm({ readings, day, now, zone, units, onKept }: Props) {
  const save = useSaveReading();
  const remove = useRemoveReading();
  const before = readings.find((r) => r.id === day);
  const [least, setLeast] = useState(before ? String(degreesOf(before.leastC, units)) : '');
  const [most, setMost] = useState(before ? String(degreesOf(before.mostC, units)) : '');
  const [rain, setRain] = useState(before?.rainMm == null ? '' : rainOf(before.rainMm, units));
  const [fell, setFell] = useState<RainFell | 'unknown'>(before?.rainFell ?? 'unknown');
  const [tried, setTried] = useState(false);
  const degrees = (text: string) => {
    const typed = parseNumber(text, '', units);
    return typed.ok ? Math.round(celsiusOf(typed.value, units) * 100) / 100 : null;
  };
  const [leastC, mostC] = [degrees(least), degrees(most)];
  const typedRain = rain.trim() === '' ? null : parseNumber(rain, '', units);
  const rainMm = typedRain?.ok ? Math.round(typedRain.value * (units === 'us' ? MM_PER_INCH : 1) * 100) / 100 : null;
  const refused = save.error as (Error & { for?: (field: string) => string | undefined }) | null;
  const crossed = leastC !== null && mostC !== null && leastC > mostC;
  const keep = () => {
    setTried(true);
    if (leastC === null || mostC === null || crossed || (typedRain && !typedRain.ok)) return;
    const today = dayOf(now, zone);
    const ago = Math.round((Date.parse(`${today}T00:00:00Z`) - Date.parse(`${day}T00:00:00Z`)) / DAY);
    const at = before?.at ?? new Date(now - ago * DAY).toISOString();
    void save
      .mutateAsync({
        id: dayOf(instant(Date.parse(at)), zone),
        revision: before?.revision ?? 0,
        at,
        leastC,
        mostC,
        rainMm,
        rainFell: rainMm !== null && rainMm > 0 && fell !== 'unknown' ? fell : null,
      })
      .then(onKept)
      .catch(() => undefined);
  };
  return (
    <View className="gap-3">
      <View className="flex-row gap-2">
        <View className="min-w-0 flex-1">
          <Field
            label="Least"
            unit={degreeUnit(units)}
            numeric
            value={least}
            onChange={setLeast}
            error={tried && leastC === null ? 'Type it.' : tried && crossed ? 'More than the most.' : refused?.for?.('leastC')}
          />
        </View>
        <View className="min-w-0 flex-1">
          <Field
            label="Most"
            unit={degreeUnit(units)}
            numeric
            value={most}
            onChange={setMost}
            error={tried && mostC === null ? 'Type it.' : refused?.for?.('mostC')}
          />
        </View>
        <View className="min-w-0 flex-1">
          <Field
            label="Rain"
            unit={rainUnit(units)}
            numeric
            value={rain}
            onChange={setRain}
            error={tried && typedRain && !typedRain.ok ? 'Figures only.' : refused?.for?.('rainMm')}
          />
        </View>
      </View>
      {rainMm !== null && rainMm > 0 && <Choice label="When it fell" value={fell} onChange={setFell} options={FELL} />}
      {rain.trim() === '' && <T kind="small">Without a gauge leave the rain empty: it counts as not known, never as dry. With one and no rain, type 0.</T>}
      {save.error && <Failed error={save.error} />}
      {remove.error && <Failed error={remove.error} />}
      <Button title={before ? 'Correct it' : 'Keep what was read'} busy={save.isPending} onPress={keep} />
      {before && (
        <Button
          kind="link"
          title="Take this reading away"
          busy={remove.isPending}
          onPress={() => void remove.mutateAsync(before.id).then(onKept, () => undefined)}
        />
      )}
    </View>
  );
}

/** A reading in a line. @example '8 to 21 °C, 3 mm of rain' */
export function sayReading(r: Reading, units: UnitSystem): string {
  const rain = r.rainMm === null ? 'rain not read' : r.rainMm === 0 ? 'no rain' : `${rainOf(r.rainMm, units)} ${rainUnit(units)} of rain`;
  return `${trim(degreesOf(r.leastC, units), 0)} to ${trim(degreesOf(r.mostC, units), 0)} ${degreeUnit(units)}, ${rain}`;
}

/** Yesterday, where it was missed by somebody who reads each day. */
export function missedDay(readings: readonly Reading[], today: LocalDay): LocalDay | null {
  const yesterday = addDays(today, -1);
  return readings.some((r) => r.id < yesterday) && !readings.some((r) => r.id === yesterday) ? yesterday : null;
}
