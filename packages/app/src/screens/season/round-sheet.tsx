import type { Case, Garden, SeasonView } from '@sleetbrook/core/api';
import { inSentence, instant, sayDay, type Instant } from '@sleetbrook/core/measure';
import { addDays, dayStart } from '@sleetbrook/core/schedule';
import type { CourseAhead, RoundAhead, Season } from '@sleetbrook/core/season';
import { useQuery } from '@tanstack/react-query';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { Linking, View } from 'react-native';
import { useSaveCase } from '../../api/mutations';
import { core } from '../../workers/core';
import { Button } from '../../ui/button';
import { Sheet } from '../../ui/sheet';
import { Failed } from '../../ui/states';
import { T } from '../../ui/text';
import { CourseButtons } from './course-buttons';
import { ordinal, sayBegin, SURE_WORDS } from './say-round';

/** One coming round. */
export interface RoundRef {
  readonly caseId: string;
  readonly day: string;
  /** Where it was drawn to, to be asked for at once. */
  readonly to?: string;
}

interface Props {
  readonly round: RoundRef | null;
  readonly season: Season;
  readonly view: SeasonView;
  readonly garden: Garden;
  readonly now: Instant;
  readonly onClose: () => void;
}

/** Why a round is when it is, and the ways to have it otherwise: sooner or later, paused, ended. */
export function RoundSheet({ round, season, view, garden, now, onClose }: Props) {
  const course = season.courses.find((c) => c.caseId === round?.caseId);
  const ahead = course?.rounds.find((r) => r.day === round?.day);
  const found = view.courses.find((c) => c.case.id === round?.caseId)?.case;
  const open = course !== undefined && ahead !== undefined && found !== undefined;
  return (
    <Sheet open={open} title={open ? `${course.plantingName}, ${ordinal(ahead.number)} round` : ''} onClose={onClose}>
      {open && (
        <Inside
          key={`${course.caseId}${ahead.day}${round?.to ?? ''}`}
          to={round?.to ?? null}
          course={course}
          ahead={ahead}
          found={found}
          season={season}
          view={view}
          garden={garden}
          now={now}
          onClose={onClose}
        />
      )}
    </Sheet>
  );
}

interface InsideProps extends Omit<Props, 'round'> {
  readonly course: CourseAhead;
  readonly ahead: RoundAhead;
  readonly found: Case;
  readonly to: string | null;
}

function Inside({ to, course: c, ahead, found, season, view, garden, now, onClose }: InsideProps) {
  const router = useRouter();
  const save = useSaveCase();
  const [wanted, setWanted] = useState(to);
  const asked = useQuery({
    queryKey: ['move', c.caseId, ahead.day, wanted, season.now, found.revision],
    enabled: wanted !== null && wanted !== ahead.day,
    queryFn: () => core().moveRound(view, c.caseId, ahead.day, wanted as string),
  });
  const move = wanted !== null && wanted !== ahead.day ? asked.data : undefined;
  const at = wanted ?? ahead.day;
  const last = addDays(season.today, season.days - 1);
  const said = (day: string) => sayDay(dayStart(day, garden.zone), garden.zone);
  const keep = (fixed: readonly string[]) =>
    void save
      .mutateAsync({ ...found, course: { ...found.course, fixed: [...fixed], saidAt: new Date(now).toISOString() } })
      .then(onClose)
      .catch(() => undefined);
  const others = found.course.fixed.filter((d) => d !== ahead.day && d >= season.today);
  return (
    <View className="gap-4">
      <View className="gap-1">
        <T kind="strong">{`${sayBegin(ahead, now, garden.zone)}, ${inSentence(c.controlName)} against ${inSentence(c.troubleName)}`}</T>
        <T>{ahead.why}</T>
        <T kind="muted">{`${c.words} ${c.ends}`}</T>
        <T kind="muted">{`Reckoned ${SURE_WORDS[ahead.sure]}.`}</T>
        {c.lacks && <T>{c.lacks}</T>}
      </View>
      <View className="flex-row gap-2">
        <View className="flex-1">
          <Button kind="quiet" title="A day sooner" disabled={asked.isFetching || at <= season.today} onPress={() => setWanted(addDays(at, -1))} />
        </View>
        <View className="flex-1">
          <Button kind="quiet" title="A day later" disabled={asked.isFetching || at >= last} onPress={() => setWanted(addDays(at, 1))} />
        </View>
      </View>
      {asked.error && <Failed error={asked.error} again={() => void asked.refetch()} />}
      {move && (
        <View className="gap-2">
          <T kind="strong" live>
            {said(move.day)}
          </T>
          {move.can ? (
            <>
              <T>{move.costs.length === 0 ? 'It costs nothing.' : `What it means: ${move.costs.slice(0, 3).join('; ')}.`}</T>
              <Button title={`Set it on ${said(move.day)}`} busy={save.isPending} onPress={() => keep([...new Set([...others, move.day])].sort())} />
            </>
          ) : (
            <>
              <T>{move.why}</T>
              {move.frees && <T kind="muted">{move.frees}</T>}
            </>
          )}
        </View>
      )}
      {ahead.fixed && <Button kind="quiet" title="Leave the day to the programme" busy={save.isPending} onPress={() => keep(others)} />}
      {save.error && <Failed error={save.error} />}
      <Button
        kind={move?.can ? 'quiet' : 'main'}
        title={instant(ahead.from) <= now ? 'Go to it' : 'Open the case'}
        onPress={() => router.navigate(`/cases/${c.caseId}`)}
      />
      <Button kind="link" title="Put it into my calendar" onPress={() => void Linking.openURL(`/api/v1/calendar/event/round-${c.caseId}-${ahead.number}`)} />
      <CourseButtons found={found} now={now} onDone={onClose} />
    </View>
  );
}
