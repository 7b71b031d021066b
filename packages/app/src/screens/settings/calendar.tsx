import { instant } from '@sleetbrook/core/measure';
import { dayOf } from '@sleetbrook/core/schedule';
import { useState } from 'react';
import { View } from 'react-native';
import { useEndCalendar, useMakeCalendar } from '../../api/mutations';
import { useCalendar, useGarden } from '../../api/queries';
import { usePreferences } from '../../state/preferences';
import { Button } from '../../ui/button';
import { Row, Section } from '../../ui/row';
import { Failed } from '../../ui/states';
import { T } from '../../ui/text';
import { sayDate } from '../garden/say-picking';

/** The garden in a calendar that the household has: rounds, looks and clocks, by an address that can be ended. */
export function CalendarFeed() {
  const feed = useCalendar().data;
  const zone = useGarden().data?.zone;
  const make = useMakeCalendar();
  const end = useEndCalendar();
  const [path, setPath] = useState<string | null>(null);
  const [copied, setCopied] = useState(false);
  const { rings, setRings } = usePreferences();
  const [refused, setRefused] = useState(false);
  if (!feed || !zone) return null;
  const address = path === null ? null : `${window.location.origin}${path}`;
  const renew = () =>
    void make
      .mutateAsync()
      .then((f) => {
        setPath(f.path);
        setCopied(false);
      })
      .catch(() => undefined);
  return (
    <View>
      <Section>Calendar</Section>
      <T kind="muted">
        Rounds, looks and clocks in a calendar of yours, with a ring an hour before. Whoever has the address reads the garden by it: give it to nobody.
      </T>
      {feed.madeAt !== null && (
        <Row mark="done" title="A calendar may read it" sub={`Since ${sayDate(dayOf(instant(Date.parse(feed.madeAt)), zone))}. Its address was told once.`} />
      )}
      {address !== null && (
        <View className="gap-2 py-3">
          <T kind="label">Its address: put it into your calendar as a subscription</T>
          <T className="break-all">{address}</T>
          {/* only pages that came encrypted, or from this very machine, may copy */}
          {window.isSecureContext && (
            <Button
              kind="quiet"
              title={copied ? 'Copied' : 'Copy the address'}
              onPress={() =>
                void navigator.clipboard
                  .writeText(address)
                  .then(() => setCopied(true))
                  .catch(() => undefined)
              }
            />
          )}
        </View>
      )}
      {(make.error ?? end.error) && <Failed error={make.error ?? end.error} />}
      {typeof Notification !== 'undefined' && (
        <View className="gap-1 pt-3">
          <Button
            kind="quiet"
            title={rings ? 'Do not ring in this browser' : 'Ring in this browser, too'}
            onPress={() => {
              if (rings) return setRings(false);
              void Notification.requestPermission().then((answer) => {
                setRings(answer === 'granted');
                setRefused(answer !== 'granted');
              });
            }}
          />
          {rings && <T kind="muted">An hour before an evening begins, while Sleetbrook is open here.</T>}
          {refused && <T>The browser does not let it ring: allow notifications for this page in the browser’s own settings, then press again.</T>}
        </View>
      )}
      <View className="flex-row flex-wrap gap-2 pt-3">
        <Button kind="quiet" title={feed.madeAt === null ? 'Make an address' : 'Make a new address'} busy={make.isPending} onPress={renew} />
        {feed.madeAt !== null && (
          <Button
            kind="quiet"
            title="End it"
            busy={end.isPending}
            onPress={() =>
              void end
                .mutateAsync()
                .then(() => setPath(null))
                .catch(() => undefined)
            }
          />
        )}
      </View>
    </View>
  );
}
