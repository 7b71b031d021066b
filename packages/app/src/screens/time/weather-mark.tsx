import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { useHealth } from '../../api/queries';
import { useNow } from '../../state/now';
import { Button } from '../../ui/button';
import { Mark } from '../../ui/mark';
import { T } from '../../ui/text';
import { useHours } from '../decide/use-deciding';

/**
 * Whose weather the hours go by, where nobody measured or forecast it: said wherever hours are shown. What is made up
 * is never taken for a forecast.
 */
export function WeatherMark() {
  const router = useRouter();
  const source = useHours(useNow())?.source;
  const demo = useHealth().data?.demo;
  if (source === undefined || source === 'file' || demo === undefined) return null;
  if (demo) return <T kind="small">The demonstration’s weather is made up.</T>;
  return (
    <View className="mt-2 gap-1 rounded-2xl border border-line p-3">
      <View className="flex-row gap-3">
        <Mark state="wait" />
        <View className="flex-1">
          <T kind="strong">{source === 'mixed' ? 'Some of these hours are made up' : 'These hours are made up'}</T>
          <T kind="small">
            {source === 'mixed' ? 'Your weather file does not reach so far.' : 'No weather is known here.'} Look at the sky, the leaves and a thermometer before
            you go by them.
          </T>
        </View>
      </View>
      <Button kind="link" title="Load hours of your own" onPress={() => router.navigate('/settings')} />
    </View>
  );
}
