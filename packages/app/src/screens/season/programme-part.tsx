import type { Garden, Planting, WeatherDayView } from '@sleetbrook/core/api';
import type { Instant } from '@sleetbrook/core/measure';
import { useState } from 'react';
import { View } from 'react-native';
import { Button } from '../../ui/button';
import { Row, Section } from '../../ui/row';
import { Failed, Loading } from '../../ui/states';
import { T } from '../../ui/text';
import { sayDate } from '../garden/say-picking';
import { printSeason } from '../../api/print';
import { PrintPaper } from '../print/print-paper';
import { useWide } from '../shell';
import { Board } from './board';
import { CourseRows } from './course-rows';
import { EveningRows } from './evening-rows';
import { Fortnight } from './fortnight';
import { RoundSheet, type RoundRef } from './round-sheet';
import { useProgramme } from './use-programme';
import { WhatIfSheet } from './what-if-sheet';

interface Props {
  readonly garden: Garden;
  readonly plantings: readonly Planting[];
  readonly now: Instant;
  readonly days: readonly WeatherDayView[];
  readonly warned: readonly string[];
}

/** All rounds ahead of all courses, laid out together: by evening or by planting, and as a board where there is room. */
export function ProgrammePart({ garden, plantings, now, days, warned }: Props) {
  const { view, season, error, again } = useProgramme();
  const wide = useWide();
  const [by, setBy] = useState<'evening' | 'planting'>('evening');
  const [round, setRound] = useState<RoundRef | null>(null);
  const [trying, setTrying] = useState(false);
  if (error) return <Failed error={error} again={again} />;
  if (!view || !season) return <Loading />;
  const ahead = season.courses.reduce((n, c) => n + c.rounds.length, 0);
  if (season.courses.length === 0)
    return (
      <View>
        <Section>Rounds ahead</Section>
        <Row mark="done" title="No course is running" sub="What is decided in a case, and takes more than one round, is laid out here." />
      </View>
    );
  const bare = season.aims.bareDays;
  return (
    <View>
      <Section>Rounds ahead</Section>
      <T>
        {`${ahead === 0 ? 'No round is due within the fortnight.' : `${ahead === 1 ? 'One round' : `${String(ahead)} rounds`} in ${season.evenings.length === 1 ? 'one evening' : `${String(season.evenings.length)} evenings`}, no limit broken.`} ${sayBare(bare, season.proven)}`}
      </T>
      <View className="pt-3">
        <Fortnight season={season} days={days} warned={warned} />
      </View>
      {season.stuck.map((s) => (
        <Row
          key={`${s.caseId}${s.day}`}
          mark="wait"
          title={`${season.courses.find((c) => c.caseId === s.caseId)?.plantingName ?? ''}: not on ${sayDate(s.day)}`}
          sub={`You set this day. ${s.why}`}
        />
      ))}
      {wide && <Board season={season} plantings={plantings} warned={warned} zone={garden.zone} onRound={setRound} />}
      <View className="flex-row flex-wrap gap-2 pt-4">
        <Button kind={by === 'evening' ? 'main' : 'quiet'} title="Evenings" onPress={() => setBy('evening')} />
        <Button kind={by === 'planting' ? 'main' : 'quiet'} title="Plantings" onPress={() => setBy('planting')} />
        <Button kind="quiet" title="What if" onPress={() => setTrying(true)} />
        <PrintPaper title="Print on one page" make={async () => ({ name: 'season.pdf', paper: await printSeason() })} />
      </View>
      {by === 'evening' ? (
        <>
          <EveningRows season={season} evenings={season.evenings} garden={garden} now={now} onRound={setRound} />
          {season.courses
            .filter((c) => c.rounds.length === 0)
            .map((c) => (
              <Row
                key={c.caseId}
                mark={c.state === 'waits' || c.state === 'paused' ? 'wait' : 'done'}
                title={`${c.plantingName}: ${c.controlName}`}
                sub={c.why ?? 'Nothing of it is due within the fortnight.'}
              />
            ))}
        </>
      ) : (
        <CourseRows season={season} courses={season.courses} garden={garden} now={now} onRound={setRound} />
      )}
      <RoundSheet round={round} season={season} view={view} garden={garden} now={now} onClose={() => setRound(null)} />
      <WhatIfSheet open={trying} season={season} view={view} garden={garden} onClose={() => setTrying(false)} />
    </View>
  );
}

/** Days without protection. @param proven whether it is known that no other layout has fewer */
export function sayBare(days: number, proven: boolean): string {
  const bare = days === 0 ? 'Nothing goes bare' : days === 1 ? 'One day goes bare' : `${String(days)} days go bare`;
  if (!proven) return `${bare}. There are too many like rounds to try every layout: this is the best of those that were tried.`;
  return days === 0 ? `${bare}.` : `${bare}, and no evening would help.`;
}
