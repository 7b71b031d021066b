import { COURSE_ON, freshLap } from '@sleetbrook/core/api';
import { useQuery } from '@tanstack/react-query';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { v7 } from 'uuid';
import { useSaveCase } from '../../api/mutations';
import { useCases, useGarden, usePlantings } from '../../api/queries';
import { useNow } from '../../state/now';
import { Choice, Field } from '../../ui/field';
import { Page } from '../../ui/page';
import { Row, Section } from '../../ui/row';
import { Failed, Loading } from '../../ui/states';
import { T } from '../../ui/text';
import { core } from '../../workers/core';
import type { MayCome } from '../../workers/tasks';
import { sayDate } from './say-picking';
import { useCameBefore } from './use-came-before';

const SHOWN = 12;
const TIMELY = 6;
type Purpose = 'prevent' | 'upkeep';

const sayTimely = (t: NonNullable<MayCome['timely']>) => `${t.control}: ${t.text}.`;

/**
 * The door for what is not there yet: last year's trouble, a dormant spray, upkeep. It opens a case without a look.
 * @param asked the trouble it was opened for, from the almanac or an earlier case; null for any
 */
export function PreventScreen({ id, asked }: { readonly id: string; readonly asked: string | null }) {
  const router = useRouter();
  const planting = usePlantings().data?.find((p) => p.id === id);
  const open = useCases('open').data ?? [];
  const now = useNow();
  const save = useSaveCase();
  const [purpose, setPurpose] = useState<Purpose>('prevent');
  const [find, setFind] = useState('');
  const [caseId] = useState(() => v7());
  const garden = useGarden().data;
  const list = useQuery({
    queryKey: ['may-come', planting?.hostId, planting?.stage, garden?.country, garden?.region],
    enabled: planting !== undefined && garden !== undefined,
    queryFn: () =>
      core().mayCome(
        planting?.hostId ?? '',
        planting?.stage ?? 'growing',
        garden?.country ? { latitude: garden.latitude, longitude: garden.longitude, country: garden.country, region: garden.region || null } : null,
      ),
  });
  const came = useCameBefore().filter((c) => c.plantingId === id);
  const back = { title: planting?.name ?? 'Garden', href: `/garden/${id}` } as const;
  if (!planting || !list.data || now === undefined)
    return (
      <Page title="Against what may come" back={back}>
        <Loading />
      </Page>
    );
  const wanted = find.trim().toLowerCase();
  const shown = asked === null ? list.data : list.data.filter((t) => t.id === asked);
  const matching = (shown.length > 0 ? shown : list.data).filter((t) => wanted === '' || t.name.toLowerCase().includes(wanted));
  const before = matching.filter((t) => came.some((c) => c.troubleId === t.id));
  const timely = matching.filter((t) => t.timely && !before.includes(t)).slice(0, wanted === '' ? TIMELY : SHOWN);
  const rest = matching.filter((t) => !before.includes(t) && !timely.includes(t));
  const begin = async (troubleId: string) => {
    const already = open.find((c) => c.plantingId === id && c.troubleId === troubleId);
    if (already) return router.replace(`/cases/${already.id}`);
    await save.mutateAsync({
      id: caseId,
      revision: 0,
      plantingId: id,
      troubleId,
      confidence: 1,
      lookId: null,
      purpose,
      stageSeen: null,
      openedAt: new Date(now).toISOString(),
      status: 'open',
      closedAt: null,
      laps: [freshLap()],
      course: COURSE_ON,
    });
    router.replace(`/cases/${caseId}`);
  };
  const line = (t: MayCome, sub: string | undefined) => <Row key={t.id} title={t.name} sub={sub} onPress={() => void begin(t.id).catch(() => undefined)} />;
  return (
    <Page title="Against what may come" sub={planting.name} back={back}>
      <View className="gap-4 px-5 pt-4">
        {save.error && <Failed error={save.error} />}
        <T>Nothing need be seen yet: what came last year, what the weather will bring, or what you do each season.</T>
        <Choice
          label="What for"
          value={purpose}
          onChange={setPurpose}
          options={[
            { value: 'prevent', label: 'To keep it away' },
            { value: 'upkeep', label: 'Upkeep, as each year' },
          ]}
        />
        <Field label="Find a trouble" value={find} onChange={setFind} />
        <View>
          {before.length > 0 && <Section>Came about now in earlier years</Section>}
          {before.map((t) => line(t, `Seen ${sayDate(came.find((c) => c.troubleId === t.id)?.on ?? '')}.${t.timely ? ` ${sayTimely(t.timely)}` : ''}`))}
          {timely.length > 0 && <Section>Its time may be now</Section>}
          {timely.map((t) => line(t, t.timely ? sayTimely(t.timely) : undefined))}
          {rest.length > 0 && before.length + timely.length > 0 && <Section>All that may come</Section>}
          {rest.slice(0, wanted === '' ? SHOWN : 40).map((t) => line(t, undefined))}
        </View>
        {matching.length === 0 && (
          <T kind="muted">Nothing of that name comes to this plant, as far as the almanac knows. What was done can still be written down in Records.</T>
        )}
        {wanted === '' && rest.length > SHOWN && <T kind="muted">{`${rest.length - SHOWN} more: type a part of the name.`}</T>}
      </View>
    </Page>
  );
}
