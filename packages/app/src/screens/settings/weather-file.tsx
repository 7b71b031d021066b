import { useRef } from 'react';
import { View } from 'react-native';
import { ApiProblem } from '../../api/client';
import { useDropWeather, useLoadWeather } from '../../api/mutations';
import { Button } from '../../ui/button';
import { Section } from '../../ui/row';
import { T } from '../../ui/text';

/** Loads hourly weather from a CSV file in place of the stand-in. */
export function WeatherFile() {
  const load = useLoadWeather();
  const drop = useDropWeather();
  const input = useRef<HTMLInputElement | null>(null);
  const problem = load.error instanceof ApiProblem ? load.error.problem : null;
  const choose = () => {
    if (typeof document === 'undefined') return;
    input.current ??= Object.assign(document.createElement('input'), { type: 'file', accept: '.csv,text/csv' });
    const field = input.current;
    field.value = '';
    field.onchange = () => {
      const file = field.files?.[0];
      if (file)
        void file
          .text()
          .then((text) => load.mutateAsync(text))
          .catch(() => undefined);
    };
    field.click();
  };
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
      {problem && (
        <View role="alert" className="gap-1">
          <T kind="strong" className="text-rowan">
            {problem.title}
          </T>
          {(problem.errors ?? []).slice(0, 5).map((e) => (
            <T key={`${e.line}${e.field}`} className="text-rowan">
              {e.message}
            </T>
          ))}
          {!problem.errors?.length && problem.detail && <T className="text-rowan">{problem.detail}</T>}
        </View>
      )}
      <Button kind="quiet" title="Load a CSV of hours" busy={load.isPending} onPress={choose} />
      <Button kind="quiet" title="Go back to the stand-in" busy={drop.isPending} onPress={() => drop.mutate(undefined)} />
    </View>
  );
}
