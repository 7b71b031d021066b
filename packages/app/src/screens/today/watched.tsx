import type { Planting } from '@sleetbrook/core/api';
import { instant } from '@sleetbrook/core/measure';
import { dayOf } from '@sleetbrook/core/schedule';
import { useRouter } from 'expo-router';
import { useDrafts } from '../../state/drafts';
import { Row, Section } from '../../ui/row';
import { sayDate } from '../garden/say-picking';

/** Looks that were not settled and are watched, the one that is due first. */
export function Watched({ plantings, zone }: { readonly plantings: readonly Planting[]; readonly zone: string }) {
  const router = useRouter();
  const looks = useDrafts((d) => d.looks);
  const watched = plantings
    .flatMap((p) => {
      const watch = looks[p.id]?.watch;
      return watch ? [{ p, watch }] : [];
    })
    .sort((a, b) => a.watch.lookAgainOn.localeCompare(b.watch.lookAgainOn));
  if (watched.length === 0) return null;
  return (
    <>
      <Section>Not settled, and watched</Section>
      {watched.map(({ p, watch }) => (
        <Row
          key={p.id}
          mark="wait"
          title={`Look again: ${p.name}`}
          end={sayDate(watch.lookAgainOn)}
          tone="wait"
          sub={`Looked at on ${sayDate(dayOf(instant(Date.parse(watch.since)), zone))}; the look goes on from what you saw.`}
          onPress={() => router.navigate(`/look/${p.id}`)}
        />
      ))}
    </>
  );
}
