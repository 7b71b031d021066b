import { instant, sayWhen } from '@sleetbrook/core/measure';
import { dayOf } from '@sleetbrook/core/schedule';
import { Suspense, useState } from 'react';
import { View } from 'react-native';
import { useGarden, useClimate, useMilestones, usePlantings, useReadings, useWarnings, useWeatherDays } from '../../api/queries';
import { useNow } from '../../state/now';
import { Button } from '../../ui/button';
import { Page } from '../../ui/page';
import { Row, Section } from '../../ui/row';
import { Failed, Loading } from '../../ui/states';
import { T } from '../../ui/text';
import { sayDate } from '../garden/say-picking';
import { DayCharts, SameWeeksPart } from '../lazy-charts';
import { Unreadable } from '../reach/unreadable';
import { WeatherMark } from '../time/weather-mark';
import { MilestoneRows } from './milestone-rows';
import { sayReading, ReadingForm } from './reading-form';
import { ProgrammePart } from './programme-part';
import { ReadingRow } from './reading-row';
import { UsualDays } from './usual-days';
import { warnedDays } from './say-warning';
import { WarningRows } from './warning-rows';

const BACK = [
  { days: 30, title: 'A month' },
  { days: 120, title: 'The season' },
] as const;
const READINGS_SHOWN = 7;

/** What comes of itself is not foretold by any weather. */
const UNFORESEEN = [
  'Slugs, snails, birds and mice: look for them.',
  'Whitefly, spider mite, mealybug and scale: warmth speeds them, but nobody can say the day.',
  'Mildew of cucumbers, courgettes and apples; brown rot, cherry leaf spot and mummy berry: the sources disagree.',
  'Cabbage white and the root flies: their day-degrees differ too much from place to place. A trap, or last year’s day, says more.',
  'What somebody brings in on plants, soil and tools.',
  'Anything on plants under glass or in a room.',
];

/** What the weather lets in, what it was like, and what is read and seen to know it. */
export function SeasonScreen() {
  const garden = useGarden().data;
  const plantings = usePlantings().data;
  const told = useWarnings();
  const milestones = useMilestones().data;
  const readings = useReadings().data;
  const now = useNow();
  const [back, setBack] = useState<number>(30);
  const days = useWeatherDays(back).data;
  const climate = useClimate(back).data;
  const [fixing, setFixing] = useState<string | null>(null);
  if (told.error)
    return (
      <Page title="Season" back={{ title: 'Today', href: '/' }}>
        <Failed error={told.error} again={() => void told.refetch()} />
      </Page>
    );
  if (!garden || !plantings || !told.data || !milestones || !readings || now === undefined)
    return (
      <Page title="Season" back={{ title: 'Today', href: '/' }}>
        <Loading />
      </Page>
    );
  const { warnings, blind, seesUntil, asOf } = told.data;
  const open = warnings.filter((w) => !w.hushed);
  const hushed = warnings.filter((w) => w.hushed);
  const today = dayOf(now, garden.zone);
  const ahead = (days ?? []).filter((d) => d.day >= today);
  const warned = warnedDays(open, garden.zone);
  // also where nothing grows that a model tells of: no weather is never a clean bill
  const noWeather = days?.length === 0 || blind.some((b) => b.asks === null && b.why === 'No weather is known here.');
  const unread = [...new Set(blind.filter((b) => b.asks === null && !noWeather).map((b) => b.why))];
  const sees = seesUntil ? `Sees to ${sayWhen(instant(Date.parse(seesUntil)), now, garden.zone)}.` : 'No hour ahead is known: only what has come can be told.';
  return (
    <Page title="Season" sub={`${sees} Worked out ${sayWhen(instant(Date.parse(asOf)), now, garden.zone)}.`} back={{ title: 'Today', href: '/' }}>
      <View className="px-5 pt-2">
        <Unreadable kinds={['readings', 'milestones', 'hushes', 'skies']} />
        <WeatherMark />
        <ProgrammePart garden={garden} plantings={plantings} now={now} days={ahead} warned={warned} />
        <Section>The weather lets in</Section>
        {open.length === 0 && (
          <Row
            mark={noWeather ? 'wait' : 'done'}
            title={noWeather ? 'Nothing can be told' : 'Nothing that is known'}
            sub={
              noWeather
                ? 'No weather is known here. Read a thermometer and a gauge once a day, or load a file of hours.'
                : 'On the plants that grow here, as far as hours are known.'
            }
          />
        )}
        <WarningRows warnings={open} plantings={plantings} garden={garden} now={now} />
        {unread.map((why) => (
          <Row key={why} mark="wait" title={why} sub="Scab, rots and downy mildew hang on it." />
        ))}
        {climate && <UsualDays climate={climate} plantings={plantings} units={garden.units} />}
        <MilestoneRows blind={blind} milestones={milestones} plantings={plantings} day={today} />
        <Section>Read by hand</Section>
        <ReadingRow garden={garden} now={now} asked />
        {[...readings]
          .reverse()
          .filter((r) => r.id !== today)
          .slice(0, READINGS_SHOWN)
          .map((r) => (
            <View key={r.id}>
              <Row title={sayDate(r.id)} sub={sayReading(r, garden.units)} end="correct" onPress={() => setFixing(fixing === r.id ? null : r.id)} />
              {fixing === r.id && (
                <View className="border-b border-line py-3">
                  <ReadingForm readings={readings} day={r.id} now={now} zone={garden.zone} units={garden.units} onKept={() => setFixing(null)} />
                </View>
              )}
            </View>
          ))}
        {days && days.length > 1 && (
          <View className="gap-2">
            <Section>What it was like</Section>
            <View className="flex-row flex-wrap gap-2">
              {BACK.map((b) => (
                <Button key={b.days} kind={back === b.days ? 'main' : 'quiet'} title={b.title} onPress={() => setBack(b.days)} />
              ))}
            </View>
            <Suspense fallback={<Loading />}>
              <DayCharts days={days} today={today} units={garden.units} />
              {climate && <SameWeeksPart climate={climate} units={garden.units} />}
            </Suspense>
          </View>
        )}
        {hushed.length > 0 && <Section>Put off and silenced</Section>}
        <WarningRows warnings={hushed} plantings={plantings} garden={garden} now={now} />
        <Section>What nobody here can foresee</Section>
        {UNFORESEEN.map((line) => (
          <T key={line} kind="muted" className="py-1">
            {line}
          </T>
        ))}
      </View>
    </Page>
  );
}
