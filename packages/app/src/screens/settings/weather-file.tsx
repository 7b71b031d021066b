import { View } from 'react-native';
import { instant, sayWhen } from '@sleetbrook/core/measure';
import { useDropWeather, useLoadWeather } from '../../api/mutations';
import { useGarden, useStation } from '../../api/queries';
import { Button } from '../../ui/button';
import { Row, Section } from '../../ui/row';
import { T } from '../../ui/text';
import { useNow } from '../../state/now';
import { useHours } from '../decide/use-deciding';
import { FileButton, FileProblem } from '../shed/file-button';

/** Where the hours come from now. */
const FROM = {
  none: 'No weather is known here: look at the sky when you decide, or load hours.',
  seen: 'Hours come from your look at the sky.',
  reading: 'Hours come from what you read off by hand.',
  station: 'Hours come from your station, and from files where it says nothing.',
  file: 'Hours come from your file, as far as it reaches.',
  demonstration: 'The demonstration makes its weather up.',
} as const;

/** Loads hourly weather from a CSV file, beside what is there. */
export function WeatherFile() {
  const load = useLoadWeather();
  const drop = useDropWeather();
  const now = useNow();
  const source = useHours(now)?.source;
  const station = useStation().data;
  const zone = useGarden().data?.zone ?? 'utc';
  const read = async (file: File) => load.mutateAsync(await file.text());
  return (
    <View className="gap-3">
      <Section>Weather</Section>
      <T kind="muted">
        {FROM[source ?? 'none']} Load a CSV with the columns at, temperatureC, humidityPct, windMs, rainMm, cloud (hours in UTC, none missing) to go by real
        ones. They are added to those that are there: what was measured takes the place of what was forecast. What lies ahead counts for five days: no forecast
        tells hours further off. Load the next ones for the days after.
      </T>
      {station?.asked && (
        <Row
          mark={station.fault ? 'wait' : 'done'}
          title="Your weather station"
          end={station.fault ? 'silent' : 'answers'}
          tone={station.fault ? 'wait' : 'plain'}
          sub={`${station.fault ?? 'It is asked every quarter of an hour.'}${station.lastGoodAt && now !== undefined ? ` Last heard ${sayWhen(instant(Date.parse(station.lastGoodAt)), now, zone)}.` : ''}${station.dropped > 0 ? ` ${station.dropped} of its hours could not be, and were left out.` : ''}`}
        />
      )}
      {load.data && (
        <T
          kind="strong"
          live
        >{`${load.data.added} hours loaded. ${load.data.hours} are there now, ${load.data.first?.slice(0, 16) ?? ''} to ${load.data.last?.slice(0, 16) ?? ''} UTC.`}</T>
      )}
      <FileProblem error={load.error} />
      <FileButton title="Load a CSV of hours" accept=".csv,text/csv" busy={load.isPending} onFile={(f) => void read(f).catch(() => undefined)} />
      <Button kind="quiet" title="Drop the loaded hours" busy={drop.isPending} onPress={() => drop.mutate(undefined)} />
    </View>
  );
}
