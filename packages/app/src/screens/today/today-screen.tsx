import type { Case, Garden, Planting, Reminder } from '@sleetbrook/core/api';
import { findControlCard, findHost, findTroubleCard } from '@sleetbrook/core/cards';
import { instant, sayTime, sayWhen, type Instant, inSentence } from '@sleetbrook/core/measure';
import { dayOf } from '@sleetbrook/core/schedule';
import { sunTimes } from '@sleetbrook/core/weather';
import { useRouter, type Href } from 'expo-router';
import { DateTime } from 'luxon';
import { View } from 'react-native';
import { useGarden, usePlantings, useToday, useWarnings } from '../../api/queries';
import { useNow } from '../../state/now';
import { Button } from '../../ui/button';
import { HourRibbon } from '../../ui/hour-ribbon';
import { Page } from '../../ui/page';
import { Row, Section } from '../../ui/row';
import { Empty, Failed, Loading } from '../../ui/states';
import { T } from '../../ui/text';
import { useDeciding } from '../decide/use-deciding';
import { sayDate } from '../garden/say-picking';
import { useCameBefore } from '../garden/use-came-before';
import { DueRounds } from '../lazy-season';
import { ReadingRow } from '../season/reading-row';
import { WarningRows } from '../season/warning-rows';
import { isGuarded } from '../season/say-warning';
import { useWide } from '../shell';
import { WeatherMark } from '../time/weather-mark';
import { Unreadable } from '../reach/unreadable';
import { ClockBand } from '../time/clock-band';
import { StageAsked } from './stage-asked';
import { LookAtOne } from './look-at-one';
import { Watched } from './watched';

const HREF: Readonly<Record<Reminder['kind'], (id: string, caseId: string | null) => Href>> = {
  soap: (id) => `/bench/soap/${id}`,
  mix: (id) => `/shed/item/${id}`,
  round: (id) => `/cases/${id}`,
  rinse: (id) => `/garden/${id}`,
  patch: (id) => `/garden/${id}`,
  rain: (id, caseId) => (caseId ? `/cases/${caseId}` : `/garden/${id}`),
  dry: (id, caseId) => (caseId ? `/cases/${caseId}` : `/garden/${id}`),
};

/** So many warnings stand on Today. */
const WARNED = 3;

/** What matters now, in this order: keep out, not to eat, open hours, looks due. */
export function TodayScreen() {
  const today = useToday();
  const garden = useGarden();
  const plantings = usePlantings();
  const now = useNow();
  const earlier = useCameBefore();
  const foretold = useWarnings().data;
  const router = useRouter();
  const wide = useWide();
  const failed = [today, garden, plantings].find((q) => q.isError);
  if (failed)
    return (
      <Page title="Today">
        <Failed error={failed.error} again={() => void failed.refetch()} />
      </Page>
    );
  if (!today.data || !garden.data || !plantings.data || now === undefined)
    return (
      <Page title="Today">
        <Loading />
      </Page>
    );

  const g = garden.data;
  const sun = sunTimes(now, g);
  const date = DateTime.fromMillis(now, { zone: g.zone, locale: 'en-GB' }).toFormat('cccc d MMMM, HH:mm');
  const { keepOut, notToEat, openCases } = today.data;
  // the programme tells of rounds, one row a matter
  const reminders = today.data.reminders.filter((r) => r.kind !== 'round');
  const due = openCases
    .filter((c) => c.laps.at(-1)?.lookAgainOn)
    .sort((a, b) => (a.laps.at(-1)?.lookAgainOn ?? '').localeCompare(b.laps.at(-1)?.lookAgainOn ?? ''));
  const undecided = openCases.filter((c) => !c.laps.at(-1)?.treatmentId && !c.laps.at(-1)?.controlId);
  const decided = openCases.filter((c) => c.laps.at(-1)?.controlId && !c.laps.at(-1)?.treatmentId);
  const uncover = plantings.data.filter((p) => p.stage === 'flowering' && p.about.includes('covered') && findHost(p.hostId)?.beePlant);
  const came = earlier.filter((c) => plantings.data.some((p) => p.id === c.plantingId)).slice(0, 4);
  // what can still be done something about; the rest stands on Season
  const pressing = (foretold?.warnings ?? []).filter((w) => !w.hushed && !isGuarded(w));
  const quiet = pressing.length + came.length + reminders.length + uncover.length + keepOut.length + notToEat.length + openCases.length === 0;
  const name = (c: Case) => plantings.data.find((p) => p.id === c.plantingId)?.name ?? '';
  const day = dayOf(now, g.zone);

  return (
    <Page
      title="Today"
      sub={`${date}${sun ? ` · sun ${now < sun.set ? `down ${sayTime(sun.set, g.zone)}` : `up ${sayTime(sun.rise, g.zone)}`}` : ''}`}
      {...(wide
        ? {}
        : {
            aside: (
              <View className="-mr-2 flex-row">
                <Button kind="link" title="Season" onPress={() => router.navigate('/season')} />
                <Button kind="link" title="Almanac" onPress={() => router.navigate('/almanac')} />
                <Button kind="link" title="Records" onPress={() => router.navigate('/records')} />
                <Button kind="link" title="Settings" onPress={() => router.navigate('/settings')} />
              </View>
            ),
          })}
      footer={<LookAtOne plantings={plantings.data} />}
    >
      <Unreadable />
      <View className="pt-4">
        {keepOut.map((c) => (
          <ClockBand key={c.treatmentId} clock={c} kind="keep-out" now={now} zone={g.zone} />
        ))}
      </View>
      {notToEat.length > 0 && (
        <View className="px-5">
          <Section>Not to eat yet</Section>
        </View>
      )}
      {notToEat.map((c) => (
        <ClockBand key={c.treatmentId} clock={c} kind="picking" headed now={now} zone={g.zone} />
      ))}
      {decided.length > 0 && (
        <View className="px-5 pt-2">
          <WeatherMark />
        </View>
      )}
      {decided.slice(0, 3).map((c) => (
        <OpenHoursFor key={c.id} found={c} planting={plantings.data.find((p) => p.id === c.plantingId)} garden={g} now={now} />
      ))}
      {g.setUp && g.country === '' && (
        <View className="px-5">
          <Row
            mark="wait"
            title="Which country is the garden in?"
            end="say"
            tone="wait"
            sub="What must be reported there, and what may be used, depends on it."
            onPress={() => router.navigate('/settings')}
          />
        </View>
      )}
      <View className="px-5">
        <DueRounds garden={g} now={now} begun={openCases.some((c) => c.laps.at(-1)?.treatmentId)} />
        {reminders.length > 0 && <Section>To see to</Section>}
        {reminders.map((r) => {
          const at = instant(Date.parse(r.at));
          const late = at <= now;
          return (
            <Row
              key={`${r.kind}${r.id}${r.at}`}
              mark={r.kind === 'mix' && late ? 'stop' : late && r.kind !== 'rain' ? 'open' : 'wait'}
              title={r.title}
              end={
                r.kind === 'rain'
                  ? 'look'
                  : late
                    ? r.kind === 'mix'
                      ? 'too late'
                      : 'now'
                    : r.kind === 'round'
                      ? sayDate(dayOf(at, g.zone))
                      : sayWhen(at, now, g.zone)
              }
              tone={late && r.kind !== 'rain' ? 'open' : 'wait'}
              sub={r.text}
              onPress={() => router.navigate(HREF[r.kind](r.id, r.caseId ?? null))}
            />
          );
        })}
        {pressing.length > 0 && <Section>The weather lets in</Section>}
        <WarningRows warnings={pressing.slice(0, WARNED)} plantings={plantings.data} garden={g} now={now} />
        {pressing.length > WARNED && <Row title={`${pressing.length - WARNED} more on Season`} end="read" onPress={() => router.navigate('/season')} />}
        {g.setUp && plantings.data.length > 0 && foretold && <ReadingRow garden={g} now={now} asked={foretold.seesUntil === null} />}
        <StageAsked plantings={plantings.data} day={day} />
        {came.length > 0 && <Section>Came about now in earlier years</Section>}
        {came.map((c) => (
          <Row
            key={`${c.plantingId}${c.troubleId}`}
            mark="wait"
            title={plantings.data.find((p) => p.id === c.plantingId)?.name ?? ''}
            end="guard"
            tone="wait"
            sub={`${findTroubleCard(c.troubleId)?.name ?? ''}, seen ${sayDate(c.on)}`}
            onPress={() => router.navigate(`/garden/${c.plantingId}/prevent?trouble=${c.troubleId}`)}
          />
        ))}
        {uncover.length > 0 && <Section>To do at flowering</Section>}
        {uncover.map((p) => (
          <Row
            key={p.id}
            mark="open"
            title={p.name}
            end="now"
            tone="open"
            sub="In flower: take the cover off, so that bees can set the crop."
            onPress={() => router.navigate(`/garden/${p.id}/edit`)}
          />
        ))}
        {undecided.length > 0 && <Section>To decide</Section>}
        {undecided.map((c) => (
          <Row
            key={c.id}
            mark="wait"
            title={name(c)}
            sub={`${findTroubleCard(c.troubleId)?.name ?? ''}: choose what to do`}
            onPress={() => router.navigate(`/cases/${c.id}`)}
          />
        ))}
        <Watched plantings={plantings.data} zone={g.zone} />
        {due.length > 0 && <Section>Look again</Section>}
        {due.map((c) => {
          const on = c.laps.at(-1)?.lookAgainOn ?? '';
          const late = on <= day;
          return (
            <Row
              key={c.id}
              mark={late ? 'open' : 'wait'}
              title={name(c)}
              end={late ? 'today' : sayDate(on)}
              tone={late ? 'open' : 'wait'}
              sub={`${findTroubleCard(c.troubleId)?.name ?? ''}: count again`}
              {...(late && on < day ? { endSub: `due ${sayDate(on)}` } : {})}
              onPress={() => router.navigate(`/cases/${c.id}`)}
            />
          );
        })}
      </View>
      {!g.setUp && (
        <View className="gap-3 px-5 pt-6">
          <T kind="head" level={2}>
            Finish setting up
          </T>
          <T kind="muted">Place, units and the numbers to call are not set yet. Hours and clocks go by a stand-in place until then.</T>
          <Button title="Set up the garden" onPress={() => router.navigate('/setup')} />
        </View>
      )}
      {quiet &&
        g.setUp &&
        (plantings.data.length === 0 ? (
          <Empty
            title="Nothing planted yet"
            text="Add what grows in your garden. Then Today shows what matters."
            action={{ title: 'Add a planting', onPress: () => router.navigate('/garden/new') }}
          />
        ) : (
          <Empty
            title="Nothing to do"
            text="No clock is running and no look is due. Walk round and look under the leaves."
            action={{ title: 'Walk round the garden', onPress: () => router.navigate('/walk') }}
          />
        ))}
    </Page>
  );
}

interface OpenProps {
  readonly found: Case;
  readonly planting: Planting | undefined;
  readonly garden: Garden;
  readonly now: Instant;
}

/** The next open hours for a control that was decided on and not yet done. */
function OpenHoursFor({ found, planting, garden, now }: OpenProps) {
  const router = useRouter();
  const deciding = useDeciding(found, planting, garden).data;
  const lap = found.laps.at(-1);
  const control = findControlCard(lap?.controlId ?? '');
  const verdict = deciding?.verdicts.find((v) => v.control.id === control?.id);
  if (!control || !verdict || !deciding) return null;
  const first = verdict.openSpans[0];
  const planned = lap?.plannedFor ? instant(Date.parse(lap.plannedFor)) : null;
  return (
    <View className="pb-2">
      <View className="px-5">
        <Section>{`Open hours: ${inSentence(control.name)}, ${planting?.name.toLowerCase() ?? ''}`}</Section>
      </View>
      <HourRibbon ahead={deciding.ahead} open={verdict.openSpans} zone={garden.zone} picked={planned} />
      <View className="px-5">
        <Row
          mark={verdict.status === 'usable' ? 'open' : verdict.status === 'never' ? 'stop' : 'wait'}
          title={
            planned
              ? `Planned for ${sayWhen(planned, now, garden.zone)}`
              : first
                ? `${verdict.status === 'usable' ? 'now,' : sayWhen(first.from, now, garden.zone)} to ${sayTime(first.to, garden.zone)}`
                : 'No open hour in sight'
          }
          sub={verdict.status === 'usable' ? 'open now' : (verdict.reasons[0]?.sentence ?? '')}
          onPress={() => router.navigate(`/cases/${found.id}`)}
        />
      </View>
    </View>
  );
}
