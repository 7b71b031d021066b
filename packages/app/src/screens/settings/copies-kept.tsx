import type { Copy, Holds, Looked } from '@sleetbrook/core/api';
import { DateTime } from 'luxon';
import { useState } from 'react';
import { View } from 'react-native';
import { useBringGarden, useCopyNow, usePutBack } from '../../api/mutations';
import { useCopies, useCopyHolds } from '../../api/queries';
import { Button } from '../../ui/button';
import { Section } from '../../ui/row';
import { Sheet } from '../../ui/sheet';
import { Failed, Loading } from '../../ui/states';
import { T } from '../../ui/text';
import { takeFile } from '../../ui/take-file';
import { FileButton, FileProblem } from '../shed/file-button';

/** So many are listed at first. */
const LISTED = 5;
const MB = 1_000_000;

const KINDS: readonly (readonly [start: string, words: string])[] = [
  ['day-', 'of the day'],
  ['month-', 'of the month'],
  ['now-', 'by you'],
  ['brought-', 'brought here'],
  ['before-restore-', 'before one was put back'],
  ['before-', 'before an update'],
];

/** "26 Nov 2026, 21:05, by you". A copy is made by the clock of the house, not by a demonstration's. */
export const sayCopy = ({ name, madeAt }: Copy): string => {
  const kind = KINDS.find(([start]) => name.startsWith(start))?.[1];
  return `${DateTime.fromISO(madeAt).setLocale('en-GB').toFormat('d LLL yyyy, HH:mm')}${kind ? `, ${kind}` : ''}`;
};

export const saySize = (bytes: number): string => (bytes < MB / 10 ? `${Math.max(1, Math.round(bytes / 1000))} kB` : `${(bytes / MB).toFixed(1)} MB`);

/** "3 plantings, 1 case, 12 treatments, the last on 24 May 2026". */
export const sayHolds = ({ plantings, cases, treatments, lastTreatment }: Holds): string => {
  const some = (n: number, one: string) => `${n} ${one}${n === 1 ? '' : 's'}`;
  const last = lastTreatment === null ? '' : `, the last on ${DateTime.fromISO(lastTreatment).setLocale('en-GB').toFormat('d LLL yyyy')}`;
  return `${some(plantings, 'planting')}, ${some(cases, 'case')}, ${some(treatments, 'treatment')}${last}`;
};

/** What was put on since a copy was made has clocks that the copy does not know of; null where there is none of it. */
export const sayNotInIt = ({ copy, here }: Looked): string | null => {
  const later = here.lastTreatment !== null && (copy.lastTreatment === null || here.lastTreatment > copy.lastTreatment);
  if (!later && here.treatments <= copy.treatments) return null;
  return 'Treatments recorded here are not in it: their keep-out and picking waits run on, and will not be shown. Write their dates down first.';
};

/** Copies of the whole garden: made each day of itself, one more on a press, one taken away, brought, or put back. */
export function CopiesKept() {
  const copies = useCopies();
  const make = useCopyNow();
  const bring = useBringGarden();
  const putBack = usePutBack();
  const [open, setOpen] = useState<Copy | null>(null);
  const [all, setAll] = useState(false);
  const list = copies.data ?? [];
  const before = putBack.data?.before ?? null;
  const put = (name: string) =>
    void putBack
      .mutateAsync(name)
      .then(() => setOpen(null))
      .catch(() => undefined);
  return (
    <View className="gap-3">
      <Section>Copies</Section>
      <T kind="muted">
        A copy of the whole garden, photographs too, is made once a day while this runs, and before each update. Seven days and twelve months are kept, on the
        same disk: take one away now and then.
      </T>
      {make.data && <T kind="strong" live>{`Copied, and read back whole: ${saySize(make.data.bytes)}.`}</T>}
      {bring.data && (
        <T kind="strong" live>{`It was read through and is a copy now: ${sayCopy(bring.data)}. Nothing else was changed: open it to put it back.`}</T>
      )}
      {putBack.data && (
        <View className="gap-2">
          <T kind="strong" live>
            It is put back. What was here before is a copy.
          </T>
          {before !== null && <Button kind="quiet" title="Take that back" busy={putBack.isPending} onPress={() => put(before)} />}
        </View>
      )}
      {(make.error ?? copies.error) && <Failed error={(make.error ?? copies.error) as Error} />}
      <FileProblem error={bring.error} />
      <Button kind="quiet" title="Make a copy now" busy={make.isPending} onPress={() => make.mutate(undefined)} />
      {list.slice(0, all ? undefined : LISTED).map((c) => (
        <View key={c.name} className="flex-row items-center justify-between gap-3 border-b border-line py-1">
          <View className="min-w-0 flex-1">
            <T>{sayCopy(c)}</T>
            <T kind="small">{saySize(c.bytes)}</T>
          </View>
          <Button kind="link" title="Open" label={`Open the copy of ${sayCopy(c)}`} onPress={() => setOpen(c)} />
        </View>
      ))}
      {!all && list.length > LISTED && <Button kind="link" title={`All ${list.length} of them`} onPress={() => setAll(true)} />}
      {copies.data?.length === 0 && <T kind="small">None yet: the first is made within minutes of the start.</T>}
      <Section>The garden as a file</Section>
      <T kind="muted">
        Open formats for whatever comes after: JSON, photographs, and tables for a spreadsheet, in one ZIP. It comes in again here, as does a copy that was
        taken away.
      </T>
      <Button kind="quiet" title="Take the garden along" onPress={() => takeFile('/api/v1/garden-file')} />
      <FileButton title="Bring a garden" accept=".zip,.db" busy={bring.isPending} onFile={(f) => bring.mutate(f)} />
      <Sheet open={open !== null} title="A copy" onClose={() => setOpen(null)}>
        {open && <Opened copy={open} putting={putBack.isPending} error={putBack.error} onPut={() => put(open.name)} />}
      </Sheet>
    </View>
  );
}

interface OpenedProps {
  readonly copy: Copy;
  readonly putting: boolean;
  readonly error: Error | null;
  readonly onPut: () => void;
}

/** What a copy holds beside what is here, before it takes its place. */
function Opened({ copy, putting, error, onPut }: OpenedProps) {
  const looked = useCopyHolds(copy.name);
  return (
    <>
      <T kind="strong">{sayCopy(copy)}</T>
      <FileProblem error={looked.error ?? error} />
      {looked.isPending && <Loading />}
      {looked.data && (
        <>
          <View>
            <T kind="label">It holds</T>
            <T>{sayHolds(looked.data.copy)}</T>
          </View>
          <View>
            <T kind="label">The garden here holds</T>
            <T>{sayHolds(looked.data.here)}</T>
          </View>
          {sayNotInIt(looked.data) !== null && (
            <T kind="strong" className="text-rowan">
              {sayNotInIt(looked.data)}
            </T>
          )}
          <T kind="muted">Put back, it takes the place of the garden on every device. What is here now is copied first, so that this can be taken back.</T>
          <Button kind="stop" title="Put it back" busy={putting} onPress={onPut} />
        </>
      )}
      <Button
        kind="quiet"
        title="Take it away"
        label={`Take away the copy of ${sayCopy(copy)}`}
        onPress={() => takeFile(`/api/v1/copies/${encodeURIComponent(copy.name)}`)}
      />
    </>
  );
}
