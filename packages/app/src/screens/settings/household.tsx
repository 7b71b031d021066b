import type { Device, Pairing } from '@sleetbrook/core/api';
import { DateTime } from 'luxon';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { ApiProblem } from '../../api/client';
import { useChangePasscode, useDrawWords, useGoOut, useTurnAway } from '../../api/mutations';
import { useDevices, useDoor } from '../../api/queries';
import { Button } from '../../ui/button';
import { Field } from '../../ui/field';
import { Section } from '../../ui/row';
import { Sheet } from '../../ui/sheet';
import { Failed } from '../../ui/states';
import { T } from '../../ui/text';
import { Trust } from '../door/trust';
import { ShedCode } from '../shed/shed-code';

/** "26 Nov 2026, 21:05": by the clock of the house, not by a demonstration's. */
const sayAt = (iso: string): string => DateTime.fromISO(iso).setLocale('en-GB').toFormat('d LLL yyyy, HH:mm');

/** Who may come in: devices one by one, words for one more, and the passcode. */
export function Household() {
  const door = useDoor().data;
  if (!door) return null;
  return (
    <View className="gap-3">
      <Section>Devices</Section>
      {door.guarded ? (
        <>
          <Devices passcodeIsOurs={door.passcodeIsOurs} />
          {(door.encrypted || door.better !== null) && <Trust />}
        </>
      ) : (
        <T kind="muted">
          Only this machine can open the garden. For the phones of the house start it with npm start -- --household: it asks for a passcode then, and shows a
          code to hold a phone to.
        </T>
      )}
    </View>
  );
}

function Devices({ passcodeIsOurs }: { readonly passcodeIsOurs: boolean }) {
  const devices = useDevices();
  const [away, setAway] = useState<Device | null>(null);
  const [changing, setChanging] = useState(false);
  return (
    <>
      <T kind="muted">Each was let in once and has a key of its own. What is on a device stays on it when it is turned away: it only comes in no more.</T>
      {devices.error && <Failed error={devices.error} />}
      {(devices.data ?? []).map((d) => (
        <View key={d.id} className="flex-row items-center justify-between gap-3 border-b border-line py-1">
          <View className="min-w-0 flex-1">
            <T>{d.here ? `${d.name}, this one` : d.name}</T>
            <T kind="small">{`Let in ${sayAt(d.pairedAt)}, last seen ${sayAt(d.seenAt)}`}</T>
          </View>
          <Button kind="link" title={d.here ? 'Go out' : 'Take away'} label={`${d.here ? 'Go out on' : 'Take away'} ${d.name}`} onPress={() => setAway(d)} />
        </View>
      ))}
      <OneMore />
      {passcodeIsOurs ? (
        <Button kind="quiet" title="Change the passcode" onPress={() => setChanging(true)} />
      ) : (
        <T kind="small">The passcode is set where the server is started, as SLEETBROOK_PASSCODE.</T>
      )}
      <TurnAway device={away} onClose={() => setAway(null)} />
      <Sheet open={changing} title="Change the passcode" onClose={() => setChanging(false)}>
        <Change onDone={() => setChanging(false)} />
      </Sheet>
    </>
  );
}

function TurnAway({ device, onClose }: { readonly device: Device | null; readonly onClose: () => void }) {
  const router = useRouter();
  const turnAway = useTurnAway();
  const goOut = useGoOut();
  if (!device) return null;
  const go = async () => {
    if (device.here) {
      await goOut.mutateAsync(undefined);
      router.replace('/door');
    } else await turnAway.mutateAsync(device.id);
    onClose();
  };
  const error = turnAway.error ?? goOut.error;
  return (
    <Sheet open title={device.here ? 'Go out on this device?' : `Take ${device.name} away?`} onClose={onClose}>
      {error && <Failed error={error} />}
      <T>It has to be let in anew before it sees the garden again. What it wrote and has not brought home stays on it until then.</T>
      <Button
        kind="stop"
        title={device.here ? 'Go out' : 'Take it away'}
        busy={turnAway.isPending || goOut.isPending}
        onPress={() => void go().catch(() => undefined)}
      />
    </Sheet>
  );
}

function OneMore() {
  const draw = useDrawWords();
  const [pairing, setPairing] = useState<Pairing | null>(null);
  return (
    <>
      {draw.error && <Failed error={draw.error} />}
      <Button
        kind="quiet"
        title="Let one more in"
        busy={draw.isPending}
        onPress={() =>
          void draw
            .mutateAsync()
            .then(setPairing)
            .catch(() => undefined)
        }
      />
      <Sheet open={pairing !== null} title="Let one more in" onClose={() => setPairing(null)}>
        {pairing && (
          <>
            <T>{`Hold its camera to this, or open ${new URL(pairing.url).origin} on it and type:`}</T>
            <ShedCode code={pairing} />
            <T className="font-bold text-[28px] leading-[36px]">{pairing.words}</T>
            <T kind="muted">{`They let in one device, until ${DateTime.fromISO(pairing.until).toFormat('HH:mm')}. How it comes to trust this house is said there.`}</T>
          </>
        )}
      </Sheet>
    </>
  );
}

function Change({ onDone }: { readonly onDone: () => void }) {
  const change = useChangePasscode();
  const [now, setNow] = useState('');
  const [next, setNext] = useState('');
  const problem = change.error instanceof ApiProblem ? change.error : null;
  return (
    <View className="gap-4">
      {change.error && !problem?.problem.errors && <Failed error={change.error} />}
      <Field label="The passcode as it is now" value={now} onChange={setNow} error={problem?.for('now')} />
      <Field
        label="The new one"
        value={next}
        onChange={setNext}
        error={problem?.for('next')}
        hint="8 letters or more. Six words that nobody would put together are good, and can be told over the fence."
      />
      <T kind="muted">Every other device has to be let in anew.</T>
      <Button
        title="Change it"
        busy={change.isPending}
        onPress={() =>
          void change
            .mutateAsync({ now, next })
            .then(onDone)
            .catch(() => undefined)
        }
      />
    </View>
  );
}
