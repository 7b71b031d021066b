import { useState } from 'react';
import { Pressable, View } from 'react-native';
import { BrookLine, type BrookStation } from '../../ui/brook-line';
import { T } from '../../ui/text';
import { sayDate } from '../garden/say-picking';
import { CourseButtons } from './course-buttons';
import { LookOnly, type OnBrook } from './look-only';
import { orderAhead } from './order-ahead';
import { RoundSheet, type RoundRef } from './round-sheet';
import { ordinal, sayBegin } from './say-round';
import { useProgramme } from './use-programme';

/** How a case goes on: the rounds to come and the next look as stones in the order of their days, and what ends the course. */
export function CourseOnBrook({ found, garden, now, from, look }: OnBrook) {
  const { view, season } = useProgramme();
  const [round, setRound] = useState<RoundRef | null>(null);
  const c = season?.courses.find((x) => x.caseId === found.id);
  if (!view || !season || !c || (c.state === 'over' && c.rounds.length === 0)) return <LookOnly from={from} look={look} />;

  const dry = c.nearer.includes('rain') ? 'sooner after rain' : '';
  const stations = orderAhead(c, look.on).map((s, i): BrookStation => {
    const state = i === 0 ? 'here' : 'ahead';
    if (s.kind === 'look') return { key: 'look', state, content: look.content };
    if (s.kind === 'later') return { key: s.day, state, content: <Later title={`${ordinal(s.number)} round: about ${sayDate(s.day)}`} sub={dry} /> };
    const { round: r } = s;
    const next = r === c.rounds[0];
    return {
      key: r.day,
      state,
      content: (
        <Pressable role="button" className="min-h-[48px] justify-center" onPress={() => setRound({ caseId: c.caseId, day: r.day })}>
          <T kind={next ? 'head' : 'strong'}>
            {`${ordinal(r.number)} round: ${r.sure === 'unknown' && r.day !== season.today ? `about ${sayDate(r.day)}` : sayBegin(r, now, garden.zone)}`}
          </T>
          {(next || dry !== '') && <T kind="muted">{next ? r.why : dry}</T>}
        </Pressable>
      ),
    };
  });
  return (
    <View>
      <BrookLine stations={stations} from={from} />
      <View className="gap-2 pl-2">
        {c.why && <T>{c.why}</T>}
        {c.state !== 'over' && <T kind="muted">{c.ends}</T>}
        {c.lacks && <T>{c.lacks}</T>}
        <CourseButtons found={found} now={now} />
      </View>
      <RoundSheet round={round} season={season} view={view} garden={garden} now={now} onClose={() => setRound(null)} />
    </View>
  );
}

/** A round that nobody can lay out yet. */
const Later = ({ title, sub }: { readonly title: string; readonly sub: string }) => (
  <View>
    <T kind="strong">{title}</T>
    {sub !== '' && <T kind="muted">{sub}</T>}
  </View>
);
