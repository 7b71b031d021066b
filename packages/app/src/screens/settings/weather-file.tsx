import { View } from 'react-native';
import { useDropWeather, useLoadWeather } from '../../api/mutations';
import { Button } from '../../ui/button';
import { Section } from '../../ui/row';
import { T } from '../../ui/text';
import { FileButton, FileProblem } from '../shed/file-button';

/** Loads hourly weather from a CSV file in place of the stand-in. */
export function WeatherFile() {
  const load = useLoadWeather();
  const drop = useDropWeather();
  const read = async (file: File) => load.mutateAsync(await file.text());
  return (
    <View className="gap-3">
      <Section>Weather</Section>
      <T kind="muted">
        Hours come from a built-in stand-in, not from a forecast. Load a CSV with the columns at, temperatureC, humidityPct, windMs, rainMm, cloud (hours in
        UTC, none missing) to go by real ones.
      </T>
      {load.data && (
        <T kind="strong" live>{`${load.data.hours} hours loaded, ${load.data.first?.slice(0, 16) ?? ''} to ${load.data.last?.slice(0, 16) ?? ''} UTC.`}</T>
      )}
      <FileProblem error={load.error} />
      <FileButton title="Load a CSV of hours" accept=".csv,text/csv" busy={load.isPending} onFile={(f) => void read(f).catch(() => undefined)} />
      <Button kind="quiet" title="Go back to the stand-in" busy={drop.isPending} onPress={() => drop.mutate(undefined)} />
    </View>
  );
}
