import { instant, sayWhen } from '@sleetbrook/core/measure';
import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { useGarden } from '../../api/queries';
import { notHome } from '../../reach/entry';
import { openNewer, useInstalled } from '../../reach/installed';
import { useReach } from '../../reach/reach';
import { useNow } from '../../state/now';
import { Button } from '../../ui/button';
import { Row, Section } from '../../ui/row';
import { T } from '../../ui/text';

/** What this device can do where home does not answer, and what it keeps for home. */
export function OutOfReach() {
  const router = useRouter();
  const { ready, newer, barred } = useInstalled();
  const { opened, asOf, entries, lasting } = useReach();
  const zone = useGarden().data?.zone;
  const now = useNow();
  const waiting = entries.filter(notHome).length;
  return (
    <View>
      <Section>Out of reach of home</Section>
      <Row
        mark={ready ? 'done' : 'wait'}
        title="The application"
        sub={ready ? 'Is on this device: it opens without home. Put it on your home screen by the browser’s menu.' : (barred ?? 'Is being put on this device.')}
      />
      <Row
        mark={asOf === null ? 'wait' : 'done'}
        title="The garden"
        sub={
          asOf === null || !zone || now === undefined
            ? 'No copy is on this device yet.'
            : `As of ${sayWhen(instant(Date.parse(asOf)), now, zone)}: looks, decisions, mixes and what you did are kept here and go home by themselves.`
        }
      />
      <Row
        title="Kept here"
        sub={!opened ? 'Being read' : waiting === 0 ? 'Everything that was written here is at home.' : `${waiting} not yet at home`}
        onPress={() => router.navigate('/kept')}
      />
      {!lasting && <T kind="muted">This window keeps nothing when it is closed: a private window, or a browser without room. Stay in reach of home with it.</T>}
      {newer && <Button kind="quiet" title="Open the newer Sleetbrook" onPress={openNewer} />}
    </View>
  );
}
