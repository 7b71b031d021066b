import type { Verdict } from '@sleetbrook/core/decide';
import { quoteLine } from '@sleetbrook/core/label';
import { sayProvenance, sayTime, sayWhen, type Instant } from '@sleetbrook/core/measure';
import { View } from 'react-native';
import { Button } from '../../ui/button';
import { Mark } from '../../ui/mark';
import { Sheet } from '../../ui/sheet';
import { T } from '../../ui/text';

interface Props {
  readonly verdict: Verdict;
  readonly now: Instant;
  readonly zone: string;
  readonly onClose: () => void;
  readonly onChoose: () => void;
}

const WORD = { usable: 'Usable now', 'not-now': 'Not now', never: 'Never here' };
const MARKS = { usable: 'open', 'not-now': 'wait', never: 'stop' } as const;

/** One control: the verdict with every reason, how it works, how to do it, what to mind. */
export function VerdictSheet({ verdict: v, now, zone, onClose, onChoose }: Props) {
  const next = v.opens?.kind === 'at' ? `Opens ${sayWhen(v.opens.at, now, zone)}.` : v.opens ? `Opens ${v.opens.event}.` : null;
  return (
    <Sheet open title={v.control.name} onClose={onClose}>
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
        <View key={r.code} className="gap-1 border-l-4 border-line pl-3">
          <T>{r.sentence}</T>
          <T kind="small">{[...r.inputs.map((i) => `${i.name}: ${i.value}`), sayProvenance(r.source)].join(' · ')}</T>
        </View>
      ))}
      {v.openSpans.length > 0 && (
        <T kind="muted">{`Open: ${v.openSpans
          .slice(0, 3)
          .map((s) => `${sayWhen(s.from, now, zone)} to ${sayTime(s.to, zone)}`)
          .join('; ')}.`}</T>
      )}
      <View className="gap-1">
        <T kind="label">What it does here</T>
        <T>{`${v.effectWhy} Expected to stop about ${Math.round(v.effect * 100)} in 100, done well.`}</T>
        <T>{v.control.works.text}</T>
      </View>
      <View className="gap-1">
        <T kind="label">How</T>
        {v.control.how.map((step, i) => (
          <T key={step}>{`${i + 1}. ${step}`}</T>
        ))}
      </View>
      {(v.control.cautions.length > 0 || v.sheet) && (
        <View className="gap-1">
          <T kind="label">Mind</T>
          {v.control.cautions.map((c) => (
            <T key={c.text}>{c.text}</T>
          ))}
          {v.sheet?.cautions
            .filter((c) => !v.control.cautions.some((o) => o.text === c.text))
            .map((c) => (
              <T key={c.text}>{c.text}</T>
            ))}
        </View>
      )}
      {v.sheet && v.line && (
        <View className="gap-1">
          <T kind="label">Specimen label: check against your own</T>
          <T kind="muted">{quoteLine(v.sheet, v.line)}</T>
        </View>
      )}
      {v.status !== 'never' && <Button title={v.status === 'usable' ? v.control.act : `Plan it: ${v.control.name.toLowerCase()}`} onPress={onChoose} />}
    </Sheet>
  );
}
