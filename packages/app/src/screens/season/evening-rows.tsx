import type { Garden } from '@sleetbrook/core/api';
import { inSentence, instant, sayDay, type Instant } from '@sleetbrook/core/measure';
import { dayStart } from '@sleetbrook/core/schedule';
import type { Evening, Season } from '@sleetbrook/core/season';
import { View } from 'react-native';
import { Row } from '../../ui/row';
import { T } from '../../ui/text';
import type { RoundRef } from './round-sheet';
import { ordinal, sayHour } from './say-round';

interface Props {
  readonly season: Season;
  readonly evenings: readonly Evening[];
  readonly garden: Garden;
  readonly now: Instant;
  readonly onRound: (round: RoundRef) => void;
}

/** Evening by evening: what is to be done, in the order in which it is done, and what comes out of one mix. */
export function EveningRows({ season, evenings, garden, now, onRound }: Props) {
  return (
    <View>
      {evenings.map((e) => {
        const shared = e.mixes.filter((m) => m.caseIds.length > 1);
        const unknown = e.sure === 'unknown';
        return (
          <View key={e.day} className="pt-4">
            <T
              kind="label"
              level={3}
            >{`${e.day === season.today ? 'Today' : sayDay(dayStart(e.day, garden.zone), garden.zone)}${unknown ? ', about ' : ', '}${sayHour(e.from, garden.zone)} to ${sayHour(e.to, garden.zone)}`}</T>
            {shared.map((m) => (
              <T
                key={m.name}
                kind="muted"
              >{`One mix of ${inSentence(m.name)} does for ${m.caseIds.length === 2 ? 'two' : String(m.caseIds.length)} of them.`}</T>
            ))}
            {e.rounds.map((r) => {
              const c = season.courses.find((x) => x.caseId === r.caseId);
              const round = c?.rounds.find((x) => x.day === e.day);
              if (!c || !round) return null;
              const late = instant(r.from) <= now;
              return (
                <Row
                  key={r.caseId}
                  mark={late && !unknown ? 'open' : 'wait'}
                  title={c.plantingName}
                  end={`${unknown ? 'about ' : ''}${sayHour(r.from, garden.zone)}`}
                  tone={unknown ? 'plain' : 'open'}
                  sub={`${ordinal(r.number)} round of ${c.of}, ${inSentence(c.controlName)}, against ${inSentence(c.troubleName)}`}
                  onPress={() => onRound({ caseId: c.caseId, day: round.day })}
                />
              );
            })}
          </View>
        );
      })}
    </View>
  );
}
