import type { RunningClock } from '@sleetbrook/core/api';
import { WHOM_TO_ASK } from '@sleetbrook/core/label';
import { instant, sayDuration, sayWhen, type Instant } from '@sleetbrook/core/measure';
import { View } from 'react-native';
import { CountdownLine } from '../../ui/countdown-line';
import { Mark } from '../../ui/mark';
import { T } from '../../ui/text';

interface Props {
  readonly clock: RunningClock;
  readonly kind: 'keep-out' | 'picking';
  readonly now: Instant;
  readonly zone: string;
  /** A heading above already says "not to eat yet". */
  readonly headed?: boolean;
}

/** A clock that runs: a full-width band for keep-out, a line for not to eat. */
export function ClockBand({ clock, kind, now, zone, headed = false }: Props) {
  if (clock.until === null) return <NoDate clock={clock} />;
  const until = instant(Date.parse(clock.until));
  const from = Date.parse(clock.from);
  const share = (now - from) / Math.max(until - from, 1);
  const stop = kind === 'keep-out';
  return (
    <View className={`gap-2 px-5 py-4 ${stop ? 'bg-rowan-ground' : 'border-b border-line'}`} role="status">
      <View className="flex-row gap-3">
        <View className="pt-[1px]">
          <Mark state={stop ? 'stop' : 'wait'} />
        </View>
        <View className="min-w-0 flex-1">
          <View className="flex-row flex-wrap justify-between gap-x-3">
            <T kind="strong">
              {stop ? `Keep out: ${clock.enclosed && clock.place !== '' ? `all of ${clock.place}` : clock.plantingName}` : clock.plantingName}
            </T>
            <T kind="strong">{stop ? `to ${sayWhen(until, now, zone).replace('today ', '')}` : sayWhen(until, now, zone)}</T>
          </View>
          <View className="flex-row flex-wrap justify-between gap-x-3">
            <T kind={stop ? 'body' : 'muted'} className="text-[16px]">
              {stop
                ? [clock.controlName, clock.enclosed ? clock.plantingName : clock.place].filter(Boolean).join(', ')
                : `${headed ? '' : 'not to eat yet: '}${clock.controlName.toLowerCase()}`}
            </T>
            <T kind={stop ? 'body' : 'muted'} className="text-[16px]">{`${sayDuration(until - now)} to go`}</T>
          </View>
        </View>
      </View>
      {stop && <CountdownLine share={share} tone="stop" />}
    </View>
  );
}

/** What was done lies outside every label: no date can be given, and it says whom to ask. */
function NoDate({ clock }: Pick<Props, 'clock'>) {
  return (
    <View className="gap-1 border-b border-line px-5 py-4" role="status">
      <View className="flex-row gap-3">
        <View className="pt-[1px]">
          <Mark state="stop" />
        </View>
        <View className="min-w-0 flex-1 gap-1">
          <T kind="strong">{`${clock.plantingName}: no safe date`}</T>
          <T className="text-[16px]">{`${clock.controlName}. ${WHOM_TO_ASK}`}</T>
        </View>
      </View>
    </View>
  );
}
