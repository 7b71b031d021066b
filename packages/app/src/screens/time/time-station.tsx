import type { Verdict } from '@sleetbrook/core/decide';
import { sayTime, sayWhen, trim, type Instant } from '@sleetbrook/core/measure';
import { needsOf, openHours, reasonsAt, type Conditions } from '@sleetbrook/core/weather';
import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { Button } from '../../ui/button';
import { HourRibbon, RibbonKey } from '../../ui/hour-ribbon';
import { Mark } from '../../ui/mark';
import { Row, Section } from '../../ui/row';
import { T } from '../../ui/text';
import { useProse } from '../../ui/words';
import { WeatherMark } from './weather-mark';

interface Props {
  readonly verdict: Verdict | undefined;
  readonly ahead: readonly Conditions[];
  readonly now: Instant;
  readonly zone: string;
  readonly busy: boolean;
  readonly onPlan: (at: Instant) => void;
}

/** Station 5: the open hours for this control over the next 72, and why others are closed. */
export function TimeStation({ verdict: v, ahead, now, zone, busy, onPlan }: Props) {
  const prose = useProse();
  const [tapped, setTapped] = useState<Instant | null>(null);
  const setting = useMemo(() => v?.setting ?? { site: 'outdoors' as const, inFlower: false }, [v]);
  const needs = useMemo(() => (v ? needsOf(v.control, v.sheet) : {}), [v]);
  const closed = useMemo(() => openHours(ahead, needs, setting).closed, [ahead, needs, setting]);
  if (!v) return <T kind="muted">One moment</T>;
  const horizon = ahead.at(-1)?.at ?? now;
  const known = ahead.findLast((c) => c.knownHours > 0)?.at ?? now;
  const shown = v.openSpans.filter((s) => s.from < horizon);
  const first = v.openSpans[0];
  // the first quarter hour may begin a few minutes from now: the verdict says whether now is open
  const openNow = v.status === 'usable';
  // what opens with an event has no hour: it is said above, under the decision
  const wayOut = v.opens?.kind === 'event' && v.opens.change !== null ? ` It opens ${v.opens.event}: when that is so, “Decide again”, and say it there.` : '';
  const here = tapped === null ? undefined : ahead.find((c) => c.at === tapped);
  const hereReasons = here ? reasonsAt(here, needs, setting) : [];
  const at = first && ahead.find((c) => c.at >= first.from);
  return (
    <View className="gap-2">
      <T kind="head" level={2}>
        When
      </T>
      <T kind="muted">{`${v.control.name}, the next 72 hours`}</T>
      <WeatherMark />
      <View className="-ml-[68px] -mr-5">
        <HourRibbon ahead={ahead} open={shown} zone={zone} picked={tapped} onPick={setTapped} />
      </View>
      <View className="-mx-5">
        <RibbonKey />
      </View>
      {here && (
        <View className="flex-row gap-3 rounded-2xl bg-slate p-3" aria-live="polite">
          <Mark state={hereReasons.length === 0 ? 'open' : 'wait'} />
          <View className="flex-1">
            <T kind="strong">{sayWhen(here.at, now, zone)}</T>
            <T kind="muted">{hereReasons.length === 0 ? 'Open.' : hereReasons.map((r) => `${r.sentence}.`).join(' ')}</T>
            <T kind="small">
              {prose(
                `${HOW_KNOWN[here.certainty]}${trim(here.temperature, 0)} °C, wind ${trim(here.wind * 3.6, 0)} km/h, ${trim(here.humidityPct, 0)} % damp, ${trim(here.rainMm, 1)} mm rain`,
              )}
            </T>
          </View>
        </View>
      )}
      {first ? (
        <View className="gap-3 pt-2">
          <View className="flex-row gap-3">
            <View className="pt-1">
              <Mark state="open" size={28} />
            </View>
            <View className="flex-1">
              <T kind="head">{openNow ? `Now, to ${sayTime(first.to, zone)}` : `${cap(sayWhen(first.from, now, zone))} to ${sayTime(first.to, zone)}`}</T>
              {at && (
                <T kind="muted">{`${HOW_KNOWN[at.certainty]}${trim(at.temperature, 0)} °C, wind ${trim(at.wind * 3.6, 0)} km/h${at.beesFlying ? '' : ', bees home'}${at.leafWet ? '' : ', leaves dry'}`}</T>
              )}
            </View>
          </View>
          <Button
            title={openNow ? 'Now is open: do it now' : `Plan it for ${sayWhen(first.from, now, zone)}`}
            busy={busy}
            onPress={() => onPlan(openNow ? now : first.from)}
          />
          {v.openSpans.slice(1, 4).map((s) => (
            <Button key={s.from} kind="quiet" title={`Or ${sayWhen(s.from, now, zone)} to ${sayTime(s.to, zone)}`} busy={busy} onPress={() => onPlan(s.from)} />
          ))}
        </View>
      ) : openNow ? (
        <View className="gap-3 pt-2">
          <T>Any hour will do: nothing of it asks for the weather.</T>
          <Button title="Now is open: do it now" busy={busy} onPress={() => onPlan(now)} />
        </View>
      ) : (
        <T>{`No open hour ${v.opens?.kind === 'at' ? `before ${sayWhen(v.opens.at, now, zone)}` : known < now + TEN_DAYS_MS ? `as far as the weather is known, to ${sayWhen(known, now, zone)}` : 'in the ten days ahead'}. ${v.reasons[0]?.sentence ?? ''}${wayOut}`}</T>
      )}
      {closed.length > 0 && <Section>Why not at other hours</Section>}
      {closed.slice(0, 9).map((c) => (
        <Row
          key={c.from}
          mark={c.reasons[0]?.code === 'bees' ? 'stop' : 'wait'}
          title={cap(sayWhen(c.from, now, zone))}
          end={`to ${sayTime(c.to, zone)}`}
          sub={c.reasons[0]?.sentence ?? ''}
        />
      ))}
    </View>
  );
}

/** Less a slot or two at the ends. */
const TEN_DAYS_MS = 9.9 * 86_400_000;

/** What stands before a figure of the hours that nobody measured. */
const HOW_KNOWN = { known: '', reckoned: 'Reckoned: ', forecast: 'Forecast: ', guess: 'Guessed, at the worse: ' } as const;

const cap = (s: string) => s.charAt(0).toUpperCase() + s.slice(1);
