import { CASES_A_PAGE, caseSchema, type Case } from '@sleetbrook/core/api';
import { findControlCard, findTroubleCard } from '@sleetbrook/core/cards';
import { usePathname, useRouter } from 'expo-router';
import { View } from 'react-native';
import { useCases, usePlantings, useToday } from '../../api/queries';
import { useOlder } from '../../api/older';
import { Button } from '../../ui/button';
import { Page } from '../../ui/page';
import { Row, Section } from '../../ui/row';
import { Empty, Failed, Read } from '../../ui/states';
import { sayDate } from '../garden/say-picking';
import { Unreadable } from '../reach/unreadable';
import { stationOf, STATION_WORDS } from './station';

/** Open cases first, cleared ones below. */
export function CaseList() {
  const open = useCases('open');
  const cleared = useCases('cleared').data ?? [];
  const older = useOlder({ path: '/cases?status=cleared', schema: caseSchema, at: (c) => c.openedAt, aPage: CASES_A_PAGE }, cleared);
  const plantings = usePlantings().data ?? [];
  const today = useToday().data;
  const router = useRouter();
  const path = usePathname();
  const place = (c: Case) => plantings.find((p) => p.id === c.plantingId)?.name ?? 'Removed planting';
  const row = (c: Case) => {
    const out = today?.keepOut.some((k) => k.plantingId === c.plantingId);
    const lap = c.laps.at(-1);
    const station = stationOf(c);
    const sub =
      c.status === 'cleared'
        ? (findControlCard(lap?.controlId ?? '')?.name ?? 'cleared')
        : out
          ? 'keep out'
          : station === 'again' && lap?.lookAgainOn
            ? `look again ${sayDate(lap.lookAgainOn)}`
            : STATION_WORDS[station];
    return (
      <Row
        key={c.id}
        mark={c.status === 'cleared' ? 'done' : out ? 'stop' : 'wait'}
        title={findTroubleCard(c.troubleId)?.name ?? c.troubleId}
        sub={`${place(c)} · ${sub}`}
        selected={path.startsWith(`/cases/${c.id}`)}
        onPress={() => router.navigate(`/cases/${c.id}`)}
      />
    );
  };
  return (
    <Page title="Cases">
      <Unreadable kinds={['cases', 'looks']} />
      <Read query={open}>
        {(list) =>
          list.length + cleared.length === 0 ? (
            <Empty
              title="No cases yet"
              text="A case opens when a look has a name. Go to a planting and start a look."
              action={{ title: 'Go to the garden', onPress: () => router.navigate('/garden') }}
            />
          ) : (
            <View className="px-5 pt-2">
              {list.map(row)}
              {cleared.length > 0 && <Section>Cleared</Section>}
              {[...cleared, ...older.list].map(row)}
              {older.error && <Failed error={older.error} />}
              {older.more && <Button kind="quiet" title="Older cases" busy={older.busy} onPress={older.next} />}
            </View>
          )
        }
      </Read>
    </Page>
  );
}
