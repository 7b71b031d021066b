import { findControlCard, findHost, findTroubleCard, SITE_WORDS } from '@sleetbrook/core/cards';
import { amountUnitOf } from '@sleetbrook/core/label';
import { instant, sayIn, sayWhen } from '@sleetbrook/core/measure';
import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { useCases, useGarden, usePlantings, usePlantingTreatments, useToday } from '../../api/queries';
import { useDrafts } from '../../state/drafts';
import { useNow } from '../../state/now';
import { Button } from '../../ui/button';
import { Page } from '../../ui/page';
import { Row, Section } from '../../ui/row';
import { Empty, Read } from '../../ui/states';
import { ClockBand } from '../time/clock-band';
import { sayDate, sayPicking } from './say-picking';

/** One planting: its clocks, its open cases, what was done to it. A look starts here. */
export function PlantingScreen({ id }: { readonly id: string }) {
  const router = useRouter();
  const plantings = usePlantings();
  const today = useToday().data;
  const cases = useCases('open').data ?? [];
  const treatments = usePlantingTreatments(id).data?.treatments ?? [];
  const garden = useGarden().data;
  const now = useNow();
  const draft = useDrafts((d) => d.looks[id]);
  return (
    <Read query={plantings}>
      {(list) => {
        const p = list.find((x) => x.id === id);
        if (!p || !garden || now === undefined) {
          return p ? null : (
            <Empty
              title="No such planting"
              text="It may have been removed."
              action={{ title: 'Go to the garden', onPress: () => router.navigate('/garden') }}
            />
          );
        }
        const host = findHost(p.hostId);
        return (
          <Page
            title={p.name}
            sub={[host?.name, p.place].filter((s) => s && s !== p.name).join(' · ')}
            back={{ title: 'Garden', href: '/garden' }}
            aside={<Button kind="quiet" title="Edit" onPress={() => router.navigate(`/garden/${id}/edit`)} />}
            footer={
              <View className="border-t border-line px-5 py-3">
                <Button title={draft && draft.part !== null ? 'Go on with the look' : 'Start a look'} onPress={() => router.navigate(`/look/${id}`)} />
              </View>
            }
          >
            {today?.keepOut
              .filter((c) => c.plantingId === id)
              .map((c) => (
                <ClockBand key={c.treatmentId} clock={c} kind="keep-out" now={now} zone={garden.zone} />
              ))}
            {today?.notToEat
              .filter((c) => c.plantingId === id)
              .map((c) => (
                <ClockBand key={c.treatmentId} clock={c} kind="picking" now={now} zone={garden.zone} />
              ))}
            <View className="px-5">
              <Section>As it stands</Section>
              <Row title="Stage" end={p.stage} />
              <Row
                title="Picking"
                end={p.edible && p.pickFrom ? `${sayDate(p.pickFrom)} ${p.pickUntil ? `to ${sayDate(p.pickUntil)}` : 'on'}` : sayPicking(p)}
              />
              <Row title="Area" end={sayIn(p.areaM2, 'area', garden.units)} />
              <Row title="Stands" end={SITE_WORDS[p.site]} {...(p.dense ? { endSub: 'closely planted' } : {})} />
              {cases.some((c) => c.plantingId === id) && <Section>Open cases</Section>}
              {cases
                .filter((c) => c.plantingId === id)
                .map((c) => (
                  <Row
                    key={c.id}
                    mark="wait"
                    title={findTroubleCard(c.troubleId)?.name ?? c.troubleId}
                    sub="open"
                    onPress={() => router.navigate(`/cases/${c.id}`)}
                  />
                ))}
              <View className="gap-3 pt-4">
                <Button kind="quiet" title="Against what may come" onPress={() => router.navigate(`/garden/${id}/prevent`)} />
                <Button kind="quiet" title="Write down something done" onPress={() => router.navigate(`/records/new?on=${id}`)} />
              </View>
              {treatments.length > 0 && <Section>Done here</Section>}
              {[...treatments].reverse().map((t) => (
                <Row
                  key={t.id}
                  mark="done"
                  title={findControlCard(t.controlId)?.name ?? t.controlName}
                  end={sayWhen(instant(Date.parse(t.finishedAt)), now, garden.zone)}
                  sub={
                    t.amount
                      ? `${sayIn(t.amount, amountUnitOf(t) === 'g' ? 'mass' : 'volume', garden.units)} on ${sayIn(t.areaM2, 'area', garden.units)}`
                      : 'done'
                  }
                />
              ))}
            </View>
          </Page>
        );
      }}
    </Read>
  );
}
