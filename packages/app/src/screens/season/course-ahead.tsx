import type { Case, Garden } from '@sleetbrook/core/api';
import type { Instant } from '@sleetbrook/core/measure';
import { useState } from 'react';
import { View } from 'react-native';
import { Row } from '../../ui/row';
import { T } from '../../ui/text';
import { sayDate } from '../garden/say-picking';
import { CourseButtons } from './course-buttons';
import { RoundSheet, type RoundRef } from './round-sheet';
import { ordinal, sayBegin } from './say-round';
import { useProgramme } from './use-programme';

/** How the course of a case goes on: its coming rounds with their hours, about when after that, and what ends it. */
export function CourseAheadOf({ found, garden, now }: { readonly found: Case; readonly garden: Garden; readonly now: Instant }) {
  const { view, season } = useProgramme();
  const [round, setRound] = useState<RoundRef | null>(null);
  const c = season?.courses.find((x) => x.caseId === found.id);
  if (!view || !season || !c || (c.state === 'over' && c.rounds.length === 0)) return null;
  return (
    <View className="gap-1 pt-2">
      {c.rounds.length > 0 && <T kind="label">The rounds to come</T>}
      {c.rounds.map((r, i) => (
        <Row
          key={r.day}
          mark={i === 0 ? 'open' : 'wait'}
          title={`${ordinal(r.number)} round`}
          end={r.sure === 'unknown' && r.day !== season.today ? `about ${sayDate(r.day)}` : sayBegin(r, now, garden.zone)}
          tone={i === 0 && r.sure !== 'unknown' ? 'open' : 'plain'}
          sub={i === 0 ? r.why : c.nearer.includes('rain') ? 'sooner after rain' : ''}
          onPress={() => setRound({ caseId: c.caseId, day: r.day })}
        />
      ))}
      {c.later.length > 0 && <T kind="muted">{`Then about ${c.later.slice(0, 4).map(sayDate).join(', ')}.`}</T>}
      {c.why && <T>{c.why}</T>}
      {c.state !== 'over' && <T kind="muted">{c.ends}</T>}
      {c.lacks && <T>{c.lacks}</T>}
      <CourseButtons found={found} now={now} />
      <RoundSheet round={round} season={season} view={view} garden={garden} now={now} onClose={() => setRound(null)} />
    </View>
  );
}
