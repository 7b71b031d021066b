import type { Garden } from '@sleetbrook/core/api';
import { useRouter } from 'expo-router';
import { useForm } from 'react-hook-form';
import { View } from 'react-native';
import { useSaveGarden } from '../../api/mutations';
import { useGarden, usePlantings } from '../../api/queries';
import { usePreferences } from '../../state/preferences';
import { ActionBar, Button } from '../../ui/button';
import { Page } from '../../ui/page';
import { Failed, Read } from '../../ui/states';
import { GardenFields } from './garden-fields';
import { gardenFormOf, gardenResolver, readGarden } from './garden-form';

/** The first run: where the garden is and what its grower owns. Can be left for later. */
export function SetupScreen() {
  return <Read query={useGarden()}>{(g) => <Form garden={g} />}</Read>;
}

function Form({ garden }: { readonly garden: Garden }) {
  const router = useRouter();
  const save = useSaveGarden();
  const planted = (usePlantings().data ?? []).length > 0;
  const postpone = usePreferences((p) => p.postponeSetUp);
  const { control, handleSubmit } = useForm({ defaultValues: gardenFormOf(garden), resolver: gardenResolver(garden), mode: 'onTouched' });
  const submit = handleSubmit(async (form) => {
    const read = readGarden(form, garden);
    if (!('garden' in read)) return;
    await save.mutateAsync(read.garden);
    router.replace(planted ? '/' : '/garden/new');
  });
  return (
    <Page
      title="Your garden"
      sub="Two minutes, and it can be changed later"
      footer={
        <ActionBar>
          <Button
            title={planted ? 'Keep this' : 'Keep this and add the first planting'}
            busy={save.isPending}
            onPress={() => void submit().catch(() => undefined)}
          />
          <Button
            kind="quiet"
            title="Later"
            onPress={() => {
              postpone();
              router.replace('/');
            }}
          />
        </ActionBar>
      }
    >
      {save.error && <Failed error={save.error} />}
      <View className="px-5 pt-5">
        <GardenFields control={control} />
      </View>
    </Page>
  );
}
