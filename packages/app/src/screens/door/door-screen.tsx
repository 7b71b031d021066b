import type { Door } from '@sleetbrook/core/api';
import { useRouter } from 'expo-router';
import { useEffect, useState } from 'react';
import { Linking, View } from 'react-native';
import { ApiProblem } from '../../api/client';
import { useKnock } from '../../api/mutations';
import { useDoor } from '../../api/queries';
import { pulse } from '../../reach/sender';
import { ActionBar, Button } from '../../ui/button';
import { Field } from '../../ui/field';
import { Page } from '../../ui/page';
import { Row } from '../../ui/row';
import { Failed, Read } from '../../ui/states';
import { T } from '../../ui/text';
import { Trust } from './trust';

/** What this device is, for the list of those that are in; somebody may say it better. */
function usualName(): string {
  if (typeof window === 'undefined') return 'Phone';
  const touch = navigator.maxTouchPoints > 0;
  return !touch ? 'Computer' : Math.min(window.innerWidth, window.innerHeight) < 600 ? 'Phone' : 'Tablet';
}

/** Words that came with the code: behind a #, so that they were sent to nobody. */
const wordsOf = (hash: string): string => (/^#[a-z]+(-[a-z]+)+$/.test(hash) ? hash.slice(1).split('-').join(' ') : '');

/** Where a device is let in, by words from one that is in, or by the household's passcode. */
export function DoorScreen() {
  return <Read query={useDoor()}>{(door) => (door.in ? <Inside /> : <Knocking door={door} />)}</Read>;
}

function Inside() {
  const router = useRouter();
  return (
    <Page title="This device is in">
      <View className="px-5 pt-5">
        <Button title="To the garden" onPress={() => router.replace('/')} />
      </View>
    </Page>
  );
}

function Knocking({ door }: { readonly door: Door }) {
  const router = useRouter();
  const knock = useKnock();
  const [secret, setSecret] = useState(() => (typeof window === 'undefined' ? '' : wordsOf(window.location.hash)));
  const [name, setName] = useState(usualName);
  // they stay in no address bar, and in no history
  useEffect(() => {
    if (window.location.hash) window.history.replaceState(window.history.state, '', window.location.pathname);
  }, []);
  const problem = knock.error instanceof ApiProblem ? knock.error : null;
  const atField = problem?.for('secret') ?? problem?.for('name');
  const letIn = async () => {
    await knock.mutateAsync({ secret, name });
    await pulse();
    router.replace('/');
  };
  return (
    <Page
      title="Let this device in"
      sub="The garden is behind its household’s passcode"
      footer={
        <ActionBar>
          <Button title="Let it in" busy={knock.isPending} onPress={() => void letIn().catch(() => undefined)} />
        </ActionBar>
      }
    >
      <View className="gap-5 px-5 pt-5">
        {knock.error && !atField && <Failed error={knock.error} />}
        {!door.encrypted && (
          <Row
            mark="stop"
            title="This line is not encrypted"
            sub="Whoever is on your network can read along, the passcode too. Words serve once: take those."
          />
        )}
        <Field
          label="Words or passcode"
          value={secret}
          onChange={setSecret}
          error={problem?.for('secret')}
          hint="Three words from a device that is in (Settings, Devices) or from where the house was started; or the household’s passcode."
        />
        <Field
          label="This device is"
          value={name}
          onChange={setName}
          error={problem?.for('name')}
          hint="So that it can be told from the others, and turned away alone."
        />
        <T kind="muted">It stays in until somebody turns it away in Settings, or changes the passcode.</T>
        {door.better !== null && <Plain better={door.better} />}
        {(door.better !== null || door.encrypted) && <Trust />}
      </View>
    </Page>
  );
}

/** Over a line without encryption: what that means, and the way to the other one. */
function Plain({ better }: { readonly better: string }) {
  return (
    <View className="gap-3">
      <T kind="muted">Here the application does not stay on the device, and the light kept on and the tilt of the phone are not to be had.</T>
      <Button kind="quiet" title="Open the encrypted address" onPress={() => void Linking.openURL(`${better}/door`)} />
    </View>
  );
}
