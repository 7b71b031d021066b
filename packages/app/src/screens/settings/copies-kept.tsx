import type { Copy } from '@sleetbrook/core/api';
import { DateTime } from 'luxon';
import { Linking, View } from 'react-native';
import { useCopyNow } from '../../api/mutations';
import { useCopies } from '../../api/queries';
import { Button } from '../../ui/button';
import { Section } from '../../ui/row';
import { Failed } from '../../ui/states';
import { T } from '../../ui/text';

/** So many are listed; the rest lies in the folder. */
const LISTED = 5;
const MB = 1_000_000;

const KINDS: readonly (readonly [start: string, words: string])[] = [
  ['day-', 'of the day'],
  ['month-', 'of the month'],
  ['now-', 'by you'],
  ['before-restore-', 'before one was put back'],
  ['before-', 'before an update'],
];

/** "26 Nov 2026, 21:05, by you". A copy is made by the clock of the house, not by a demonstration's. */
export const sayCopy = ({ name, madeAt }: Copy): string => {
  const kind = KINDS.find(([start]) => name.startsWith(start))?.[1];
  return `${DateTime.fromISO(madeAt).setLocale('en-GB').toFormat('d LLL yyyy, HH:mm')}${kind ? `, ${kind}` : ''}`;
};

export const saySize = (bytes: number): string => (bytes < MB / 10 ? `${Math.max(1, Math.round(bytes / 1000))} kB` : `${(bytes / MB).toFixed(1)} MB`);

/** Copies of the whole garden: made each day of itself, one more on a press, and one to take away. */
export function CopiesKept() {
  const copies = useCopies();
  const make = useCopyNow();
  const list = copies.data ?? [];
  return (
    <View className="gap-3">
      <Section>Copies</Section>
      <T kind="muted">
        {
          'A copy of the whole garden, photographs too, is made once a day while this runs, and before each update. Seven days and twelve months are kept, on the same disk: take one away now and then. To put one back, stop the server and start it with npm start -- --restore and the file.'
        }
      </T>
      {make.data && <T kind="strong" live>{`Copied, and read back whole: ${saySize(make.data.bytes)}.`}</T>}
      {(make.error ?? copies.error) && <Failed error={(make.error ?? copies.error) as Error} />}
      <Button kind="quiet" title="Make a copy now" busy={make.isPending} onPress={() => make.mutate(undefined)} />
      {list.slice(0, LISTED).map((c) => (
        <View key={c.name} className="flex-row items-center justify-between gap-3 border-b border-line py-1">
          <View className="flex-1">
            <T>{sayCopy(c)}</T>
            <T kind="small">{saySize(c.bytes)}</T>
          </View>
          <Button
            kind="link"
            title="Take it away"
            label={`Take away the copy of ${sayCopy(c)}`}
            onPress={() => void Linking.openURL(`/api/v1/copies/${encodeURIComponent(c.name)}`)}
          />
        </View>
      ))}
      {copies.data?.length === 0 && <T kind="small">None yet: the first is made within minutes of the start.</T>}
    </View>
  );
}
