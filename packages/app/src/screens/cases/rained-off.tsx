import { View } from 'react-native';
import { useToday } from '../../api/queries';
import { Mark } from '../../ui/mark';
import { T } from '../../ui/text';

/** Rain that took off what was put on in this case, as Today says it. */
export function RainedOff({ caseId }: { readonly caseId: string }) {
  const rain = useToday().data?.reminders.find((r) => r.kind === 'rain' && r.caseId === caseId);
  if (!rain) return null;
  return (
    <View className="flex-row gap-3 rounded-2xl border border-line p-3" aria-live="polite">
      <Mark state="wait" />
      <T className="flex-1">{rain.text}</T>
    </View>
  );
}
