import type { Case, Lap } from '@sleetbrook/core/api';
import { findControl } from '@sleetbrook/core/cards';
import type { Verdict } from '@sleetbrook/core/decide';
import { instant, sayWhen, type Instant } from '@sleetbrook/core/measure';
import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { useDrafts } from '../../state/drafts';
import { Button } from '../../ui/button';
import { Mark } from '../../ui/mark';
import { T } from '../../ui/text';

interface Props {
  readonly found: Case;
  readonly lap: Lap;
  readonly now: Instant;
  readonly zone: string;
  readonly verdict: Verdict | undefined;
}

/** Do it: how, whether the hour is open, and the way to measuring or recording. */
export function KeepStation({ found, lap, now, zone, verdict }: Props) {
  const router = useRouter();
  const control = findControl(lap.controlId ?? '');
  const begun = useDrafts((d) => (d.mixes[found.id]?.step ?? -1) >= 0);
  if (!control) return null;
  const openNow = verdict?.status === 'usable';
  return (
    <View className="gap-4">
      <T kind="head" level={2}>
        {control.name}
      </T>
      <View className="flex-row items-center gap-3">
        <Mark state={openNow ? 'open' : 'wait'} />
        <T className="flex-1">
          {openNow
            ? 'The hour is open now.'
            : `Not now: ${verdict?.reasons[0]?.sentence ?? 'the hour is closed.'}${lap.plannedFor ? ` Planned for ${sayWhen(instant(Date.parse(lap.plannedFor)), now, zone)}.` : ''}`}
        </T>
      </View>
      {!control.sheet && control.how.map((step, i) => <T key={step}>{`${i + 1}. ${step}`}</T>)}
      {control.cautions.map((c) => (
        <T key={c.text} kind="muted">
          {c.text}
        </T>
      ))}
      {!control.sheet && <Button title="Done: write it down" onPress={() => router.navigate(`/cases/${found.id}/done`)} />}
      {/* nothing is opened in a closed hour, on flowers or inside a wait; what is already in the tank is seen through */}
      {control.sheet && (openNow || begun) && (
        <Button title={begun ? 'Go on measuring' : 'Start measuring'} onPress={() => router.navigate(`/cases/${found.id}/mix`)} />
      )}
    </View>
  );
}
