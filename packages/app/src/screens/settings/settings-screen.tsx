import type { Garden } from '@sleetbrook/core/api';
import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { View } from 'react-native';
import { useMoveClock, useSaveGarden } from '../../api/mutations';
import { useGarden, useHealth } from '../../api/queries';
import { useNow } from '../../state/now';
import { usePreferences } from '../../state/preferences';
import { ActionBar, Button } from '../../ui/button';
import { Choice } from '../../ui/field';
import { Page } from '../../ui/page';
import { Section } from '../../ui/row';
import { Failed, Read } from '../../ui/states';
import { T } from '../../ui/text';
import { CalendarFeed } from './calendar';
import { CopiesKept } from './copies-kept';
import { Household } from './household';
import { OutOfReach } from './out-of-reach';
import { GardenFields } from './garden-fields';
import { gardenFormOf, gardenResolver, readGarden } from './garden-form';
import { WeatherFile } from './weather-file';

/** Units, place, policy, numbers to call, appearance, weather. */
export function SettingsScreen() {
  // the form starts anew with what was kept, so that it was kept is remembered here
  const [kept, setKept] = useState<number | null>(null);
  return <Read query={useGarden()}>{(g) => <Form key={g.revision} garden={g} kept={kept === g.revision} onKept={setKept} />}</Read>;
}

const LOOKS = [
  { value: 'system', label: 'As the device' },
  { value: 'light', label: 'Light' },
  { value: 'dark', label: 'Dark' },
] as const;

interface FormProps {
  readonly garden: Garden;
  readonly kept: boolean;
  readonly onKept: (revision: number) => void;
}

function Form({ garden, kept, onKept }: FormProps) {
  const save = useSaveGarden();
  const appearance = usePreferences((p) => p.appearance);
  const setAppearance = usePreferences((p) => p.setAppearance);
  const demo = useHealth().data?.demo ?? false;
  const { control, handleSubmit, formState } = useForm({ defaultValues: gardenFormOf(garden), resolver: gardenResolver(garden), mode: 'onTouched' });
  const submit = handleSubmit(async (form) => {
    const read = readGarden(form, garden);
    if (!('garden' in read)) return;
    onKept((await save.mutateAsync(read.garden)).revision);
  });
  return (
    <Page
      title="Settings"
      footer={
        <ActionBar>
          <Button
            title={kept && !formState.isDirty ? 'Kept' : 'Keep these settings'}
            busy={save.isPending}
            onPress={() => void submit().catch(() => undefined)}
          />
        </ActionBar>
      }
    >
      {save.error && <Failed error={save.error} />}
      <View className="gap-5 px-5 pt-5">
        <GardenFields control={control} />
        <Choice label="Appearance" value={appearance} onChange={setAppearance} options={LOOKS} />
        <WeatherFile />
        <OutOfReach />
        <CalendarFeed />
        <Household />
        <CopiesKept />
        {demo && <DemoClock />}
      </View>
    </Page>
  );
}

/** Moves the demonstration's clock on, to see clocks run out and looks fall due. */
function DemoClock() {
  const move = useMoveClock();
  const now = useNow();
  if (now === undefined) return null;
  const by = (hours: number) => move.mutate(new Date(now + hours * 3_600_000).toISOString());
  return (
    <View className="gap-3">
      <Section>Demonstration clock</Section>
      <T kind="muted">{`It stands at ${new Date(now).toISOString().slice(0, 16).replace('T', ' ')} UTC. It only moves on.`}</T>
      {move.error && <Failed error={move.error} />}
      <View className="flex-row flex-wrap gap-3">
        <Button kind="quiet" title="2 hours on" busy={move.isPending} onPress={() => by(2)} />
        <Button kind="quiet" title="1 day on" busy={move.isPending} onPress={() => by(24)} />
        <Button kind="quiet" title="3 days on" busy={move.isPending} onPress={() => by(72)} />
      </View>
    </View>
  );
}
