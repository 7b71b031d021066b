import type { Garden } from '@sleetbrook/core/api';
import { inSentence, type Instant } from '@sleetbrook/core/measure';
import type { CourseAhead, Season } from '@sleetbrook/core/season';
import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { Row } from '../../ui/row';
import { T } from '../../ui/text';
import { sayDate } from '../garden/say-picking';
import type { RoundRef } from './round-sheet';
import { ordinal, sayBegin } from './say-round';

interface Props {
  readonly season: Season;
  readonly courses: readonly CourseAhead[];
  readonly garden: Garden;
  readonly now: Instant;
  readonly onRound: (round: RoundRef) => void;
}

const STATES: Readonly<Record<CourseAhead['state'], string>> = { on: '', paused: 'paused', ended: 'ended', over: 'done', waits: 'waits' };

/** Planting by planting: what was done, what comes, and why nothing comes where nothing does. */
export function CourseRows({ season, courses, garden, now, onRound }: Props) {
  const router = useRouter();
  return (
    <View>
      {courses.map((c) => {
        const said = [
          ...(c.why ? [c.why] : []),
          ...(c.lacks ? [c.lacks] : []),
          ...(c.later.length > 0 ? [`Then about ${c.later.slice(0, 3).map(sayDate).join(', ')}.`] : []),
        ];
        return (
          <View key={c.caseId} className="pt-4">
            <T kind="label" level={3}>
              {`${c.plantingName}: ${inSentence(c.troubleName)}`}
            </T>
            <Row
              mark={c.state === 'on' ? 'open' : c.state === 'over' || c.state === 'ended' ? 'done' : 'wait'}
              title={c.controlName}
              end={STATES[c.state] || `${String(c.done.length)} of ${c.of}`}
              sub={said.join(' ') || c.words}
              onPress={() => router.navigate(`/cases/${c.caseId}`)}
            />
            {c.rounds.map((r) => (
              <Row
                key={r.day}
                title={`${ordinal(r.number)} round`}
                end={r.day === season.today || r.sure !== 'unknown' ? sayBegin(r, now, garden.zone) : `about ${sayDate(r.day)}`}
                tone={r.sure === 'unknown' ? 'plain' : 'open'}
                sub={r.why}
                onPress={() => onRound({ caseId: c.caseId, day: r.day })}
              />
            ))}
          </View>
        );
      })}
    </View>
  );
}
