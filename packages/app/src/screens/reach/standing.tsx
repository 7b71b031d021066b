import { usePathname, useRouter } from 'expo-router';
import { useEffect, useState } from 'react';
import { Pressable, View } from 'react-native';
import { instant, sayWhen } from '@sleetbrook/core/measure';
import { useGarden } from '../../api/queries';
import { useNow } from '../../state/now';
import { needsHand, type Entry } from '../../reach/entry';
import { openNewer, useInstalled } from '../../reach/installed';
import { useReach } from '../../reach/reach';
import { unsentWalks, useWalking } from '../../state/walking';
import { Button } from '../../ui/button';
import { T } from '../../ui/text';

const LATE_MS = 4000;

/** True once something has been so for a while: a save under way is no news. */
function useLate(so: boolean): boolean {
  const [late, setLate] = useState(false);
  useEffect(() => {
    const timer = setTimeout(() => setLate(so), so ? LATE_MS : 0);
    return () => clearTimeout(timer);
  }, [so]);
  return so && late;
}

/** How it stands between here and home, in one line; null where there is nothing to say. */
export function sayStanding(of: {
  readonly away: boolean;
  readonly why: string | null;
  readonly shut: boolean;
  readonly asOf: string | null;
  readonly waiting: number;
  readonly hands: number;
  readonly late: boolean;
}): string | null {
  const { away, why, shut, asOf, waiting, hands, late } = of;
  if (shut) return `Home does not let this device in.${waiting > 0 ? ` ${waiting} kept here waits for that.` : ''}`;
  if (hands > 0) return `${hands === 1 ? '1 thing' : `${hands} things`} kept here can not go home as it is: it is for you to say how.`;
  const seen = asOf === null ? '' : ` You see the garden as of ${asOf}, and what you did since.`;
  if (away && waiting > 0) return `${waiting} kept on this device, not yet at home`;
  if (away) return `${why ?? 'No answer from home.'}${seen}`;
  return waiting > 0 && late ? `${waiting} kept on this device, on the way home` : null;
}

const counted = (entries: readonly Entry[]) => ({
  waiting: entries.filter((e) => e.state.is === 'waiting').length,
  hands: entries.filter(needsHand).length,
});

/** What is not at home yet is never a secret; nor that nobody answers there. */
export function Standing() {
  const router = useRouter();
  const path = usePathname();
  const { entries, away, why, shut, asOf } = useReach();
  const walks = useWalking(unsentWalks);
  const newer = useInstalled((i) => i.newer);
  const zone = useGarden().data?.zone;
  const now = useNow();
  const { waiting, hands } = counted(entries);
  const some = waiting + walks;
  const late = useLate(some > 0);
  const line = sayStanding({
    away,
    why,
    shut,
    asOf: asOf && zone && now !== undefined ? sayWhen(instant(Date.parse(asOf)), now, zone) : null,
    waiting: some,
    hands,
    late,
  });
  // the screen itself says it all
  if (path === (shut ? '/door' : '/kept')) return null;
  if (line === null) return newer && path === '/' ? <Newer /> : null;
  return (
    <Pressable
      role="link"
      aria-label={`${line}: ${shut ? 'let it in' : 'show'}`}
      onPress={() => router.navigate(shut ? '/door' : '/kept')}
      className="border-t border-line bg-slate px-5 py-2"
    >
      <View role="status" className="min-h-[32px] flex-row items-center justify-between gap-3">
        <T kind="small" className="min-w-0 flex-1">
          {line}
        </T>
        <T kind="small" className="underline">
          {shut ? 'Let it in' : 'Show'}
        </T>
      </View>
    </Pressable>
  );
}

/** Offered where no mix is under way. */
function Newer() {
  return (
    <View role="status" className="flex-row items-center justify-between gap-3 border-t border-line bg-slate px-5 py-1">
      <T kind="small" className="min-w-0 flex-1">
        A newer Sleetbrook is on this device.
      </T>
      <Button kind="link" title="Open it" onPress={openNewer} />
    </View>
  );
}
