import type { Garden } from '@sleetbrook/core/api';
import { inSentence, type Instant } from '@sleetbrook/core/measure';
import { addDays } from '@sleetbrook/core/schedule';
import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { useWarnings, useWeatherDays } from '../../api/queries';
import { Row, Section } from '../../ui/row';
import { Failed } from '../../ui/states';
import { Fortnight } from './fortnight';
import { FortnightRoom } from './fortnight-room';
import { ordinal, sayBegin } from './say-round';
import { warnedDays } from './say-warning';
import { useProgramme } from './use-programme';

/** Rounds of so many days stand on Today. */
const DAYS = 3;

export interface DueProps {
  readonly garden: Garden;
  readonly now: Instant;
  /** Whether any course was begun: there will be something to show then. */
  readonly begun: boolean;
}

/** The coming fortnight, and what of it is due in the next days: one row a round. */
export function DueRounds({ garden, now, begun: some }: DueProps) {
  const { view, season, error, again } = useProgramme();
  const days = useWeatherDays(0).data;
  const told = useWarnings().data;
  const router = useRouter();
  if (error) return <Failed error={error} again={again} />;
  // what was decided and is not done yet, the first time or again, has its hours above: one row a matter
  const waiting = new Set(view?.courses.filter((f) => f.case.laps.at(-1)?.treatmentId === null).map((f) => f.case.id));
  const begun = season?.courses.filter((c) => c.done.length > 0 && !waiting.has(c.caseId)) ?? [];
  if (!season && some) return <FortnightRoom />;
  if (!season || begun.length === 0) return null;
  const soon = addDays(season.today, DAYS);
  const due = begun.flatMap((c) => c.rounds.filter((r) => r.day < soon).map((r) => ({ c, r }))).sort((a, b) => a.r.from - b.r.from);
  const waits = begun.filter((c) => c.state === 'waits');
  return (
    <View>
      <Section>The fortnight</Section>
      <Fortnight season={season} days={days ?? []} warned={warnedDays(told?.warnings ?? [], garden.zone)} />
      {due.map(({ c, r }) => {
        const mates = season.evenings.find((e) => e.day === r.day)?.mixes.find((m) => m.caseIds.includes(c.caseId) && m.caseIds.length > 1);
        const others = mates?.caseIds.filter((id) => id !== c.caseId).map((id) => season.courses.find((x) => x.caseId === id)?.plantingName ?? '') ?? [];
        return (
          <Row
            key={`${c.caseId}${r.day}`}
            mark={r.sure !== 'unknown' && r.from <= now ? 'open' : 'wait'}
            title={`${c.plantingName}, ${ordinal(r.number)} round`}
            end={sayBegin(r, now, garden.zone)}
            tone={r.sure === 'unknown' ? 'plain' : 'open'}
            sub={`${c.controlName}. ${r.why}${others.length > 0 ? ` One mix with ${inSentence(others.join(', '))}.` : ''}`}
            onPress={() => router.navigate(`/cases/${c.caseId}`)}
          />
        );
      })}
      {waits.map((c) => (
        <Row key={c.caseId} mark="wait" title={`${c.plantingName}: waits`} sub={c.why ?? ''} onPress={() => router.navigate(`/cases/${c.caseId}`)} />
      ))}
    </View>
  );
}
