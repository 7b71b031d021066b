import { instant, sayWhen } from '@sleetbrook/core/measure';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { useGarden } from '../../api/queries';
import { useNow } from '../../state/now';
import { Button } from '../../ui/button';
import { Mark } from '../../ui/mark';
import { T } from '../../ui/text';
import { useHours } from '../decide/use-deciding';
import { SkySheet } from './sky-sheet';

/**
 * Whose weather the hours go by: said wherever hours are shown. Where nobody measured or forecast it, a look at the sky
 * is a few taps away.
 */
export function WeatherMark() {
  const router = useRouter();
  const now = useNow();
  const weather = useHours(now);
  const zone = useGarden().data?.zone;
  const [looking, setLooking] = useState(false);
  if (!weather || now === undefined || zone === undefined || weather.source === 'file') return null;
  if (weather.source === 'demonstration') return <T kind="small">The demonstration’s weather is made up.</T>;
  const sky = <SkySheet open={looking} onClose={() => setLooking(false)} />;
  const when = (iso: string | null) => (iso ? sayWhen(instant(Date.parse(iso)), now, zone) : '');
  if (weather.source === 'seen')
    return (
      <View className="flex-row flex-wrap items-center gap-x-3">
        <T kind="small">{`By your look at the sky, ${when(weather.seenAt)}. It holds until ${when(weather.holdsUntil)}.`}</T>
        <Button kind="link" title="Look again" onPress={() => setLooking(true)} />
        {sky}
      </View>
    );
  return (
    <View className="mt-2 gap-2 rounded-2xl border border-line p-3">
      <View className="flex-row gap-3">
        <Mark state="wait" />
        <View className="flex-1">
          <T kind="strong">No weather is known here</T>
          <T kind="small">What asks for dry, calm or mild hours stays closed until somebody looks.</T>
        </View>
      </View>
      <Button kind="quiet" title="Look at the sky" onPress={() => setLooking(true)} />
      <Button kind="link" title="Load hours of your own" onPress={() => router.navigate('/settings')} />
      {sky}
    </View>
  );
}
