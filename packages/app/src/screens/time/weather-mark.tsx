import type { Weather } from '@sleetbrook/core/api';
import { instant, sayWhen, type Instant } from '@sleetbrook/core/measure';
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

const HOUR = 3_600_000;
/** With fewer hours than this ahead, some materials find none that is open: more are a tap away. */
const RUNS_OUT_H = 48;

/** What of a station or a loaded file was measured, and what it foretells. */
function sayFile({ hours, source }: Weather, now: Instant, zone: string): string {
  const by = source === 'station' ? 'By your station' : 'By the hours you loaded';
  const last = hours.at(-1);
  const when = (ms: number) => sayWhen(instant(ms), now, zone);
  const ahead = hours.filter((h) => h.certainty === 'forecast');
  if (!last || ahead.length === 0) return `${by}, as measured.`;
  const end = Date.parse(last.at) + HOUR;
  const measured = hours.findLast((h) => h.certainty === 'known');
  const from = measured ? `measured to ${when(Math.min(now, Date.parse(measured.at) + HOUR))}, ` : '';
  return `${by}: ${from}forecast to ${when(end)}. Look at the sky before you mix.`;
}

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
  if (!weather || now === undefined || zone === undefined) return null;
  if (weather.source === 'demonstration') return <T kind="small">The demonstration’s weather is made up.</T>;
  const sky = <SkySheet open={looking} onClose={() => setLooking(false)} />;
  if (weather.source === 'file' || weather.source === 'station') {
    const last = weather.hours.at(-1);
    const runsOut = !last || Date.parse(last.at) + HOUR < now + RUNS_OUT_H * HOUR;
    return (
      <View className="flex-row flex-wrap items-center gap-x-3">
        <T kind="small">{sayFile(weather, now, zone)}</T>
        {runsOut && <Button kind="link" title="Look at the sky" onPress={() => setLooking(true)} />}
        {runsOut && <Button kind="link" title="Load hours anew" onPress={() => router.navigate('/settings')} />}
        {sky}
      </View>
    );
  }
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
