import type { Verdict } from '@sleetbrook/core/decide-light';
import { sayProvenance, sayTime, sayWhen, type Instant } from '@sleetbrook/core/measure';
import { View } from 'react-native';
import { Mark } from '../../ui/mark';
import { T } from '../../ui/text';
import { useProse } from '../../ui/words';

const WORD = { usable: 'Usable now', 'not-now': 'Not now', never: 'Never here' };
const MARKS = { usable: 'open', 'not-now': 'wait', never: 'stop' } as const;
const DAY = 86_400_000;
const EDGES = { never: 'border-rowan', 'not-now': 'border-ochre', note: 'border-line' };

/** The verdict in a word, when it opens, and every reason with its inputs and source. */
export function Reasons({ verdict: v, now, zone }: { readonly verdict: Verdict; readonly now: Instant; readonly zone: string }) {
  const prose = useProse();
  const next = v.opens?.kind === 'at' ? `Opens ${sayWhen(v.opens.at, now, zone)}.` : v.opens ? `Opens ${v.opens.event}.` : null;
  return (
    <View className="gap-4">
      <View className="flex-row items-center gap-3">
        <Mark state={MARKS[v.status]} />
        <T kind="strong">{WORD[v.status]}</T>
        {next && (
          <T kind="muted" className="flex-1">
            {next}
          </T>
        )}
      </View>
      {v.reasons.map((r) => (
        <View key={r.code} className={`gap-1 border-l-4 pl-3 ${EDGES[r.weight]}`}>
          <T>{prose(r.sentence)}</T>
          {r.orElse && <T kind="muted">{`Or: ${lower(r.orElse.label)}.`}</T>}
          <T kind="small">{prose([...r.inputs.map((i) => `${i.name}: ${i.value}`), sayProvenance(r.source)].join(' · '))}</T>
        </View>
      ))}
      {v.openSpans.length > 0 && (
        <T kind="muted">{`Open: ${v.openSpans
          .slice(0, 3)
          .map((s) => `${sayWhen(s.from, now, zone)} to ${s.to - s.from > DAY ? sayWhen(s.to, now, zone) : sayTime(s.to, zone)}`)
          .join('; ')}.`}</T>
      )}
    </View>
  );
}

const lower = (s: string) => s.charAt(0).toLowerCase() + s.slice(1);
