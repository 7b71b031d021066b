import { inSentence } from '@sleetbrook/core/measure';
import { View } from 'react-native';
import { Button } from '../../ui/button';
import { Sheet } from '../../ui/sheet';
import { T } from '../../ui/text';
import type { NamedSuspect } from '../../workers/tasks';
import { LifeSize } from './life-size';

/** Never quite sure, never quite ruled out. */
const inHundred = (p: number) => (p < 0.01 ? 'under 1 in 100' : `${Math.min(99, Math.round(p * 100))} in 100`);

interface Props {
  readonly open: boolean;
  readonly suspects: readonly NamedSuspect[];
  readonly onClose: () => void;
  readonly onRead: (id: string) => void;
  readonly onCompare: (a: string, b: string) => void;
  /** "No, not that": it is out, and the rest is ranked anew. */
  readonly onRefuse: (id: string) => void;
  /** It is that, whatever the key thinks. */
  readonly onTake: (suspect: NamedSuspect) => void;
  readonly refused: readonly { readonly id: string; readonly name: string }[];
  readonly onTakeBack: (id: string) => void;
}

/** All suspects with what speaks for and against each. */
export function SuspectSheet({ open, suspects, onClose, onRead, onCompare, onRefuse, onTake, refused, onTakeBack }: Props) {
  const shown = suspects.slice(0, 6);
  const [a, b] = shown.filter((s) => s.kind !== 'other');
  return (
    <Sheet open={open} title="Suspects" onClose={onClose}>
      {a && b && <Button kind="quiet" title={`Compare ${inSentence(a.name)} and ${inSentence(b.name)}`} onPress={() => onCompare(a.id, b.id)} />}
      {shown.map((s) => (
        <One key={s.id} suspect={s} onRead={() => onRead(s.id)} onRefuse={() => onRefuse(s.id)} onTake={() => onTake(s)} />
      ))}
      {refused.map((r) => (
        <Button key={r.id} kind="link" title={`You said: not ${inSentence(r.name)}. Take that back`} onPress={() => onTakeBack(r.id)} />
      ))}
      <T kind="small">
        How sure: usual on this plant, in this month and after this weather, times how typical each sign is. Weights from memory, set so that the stated figure
        is the share of simulated cases named rightly.
      </T>
    </Sheet>
  );
}

interface OneProps {
  readonly suspect: NamedSuspect;
  readonly onRead: () => void;
  readonly onRefuse: () => void;
  readonly onTake: () => void;
}

function One({ suspect: s, onRead, onRefuse, onTake }: OneProps) {
  return (
    <View className="gap-1 border-b border-line pb-3">
      <View className="flex-row justify-between gap-3">
        <T kind="strong" className="flex-shrink">
          {s.name}
        </T>
        <T kind="strong" className="shrink-0">
          {inHundred(s.probability)}
        </T>
      </View>
      {s.sizeMm !== null && <LifeSize mm={s.sizeMm} />}
      {s.advice && <T kind="muted">{s.advice}</T>}
      {s.notifiable && <T kind="muted">It may have to be reported: ask your plant-health office before you move any of it.</T>}
      {s.kinds.length > 0 && <T kind="muted">{`Here that may be: ${s.kinds.map(inSentence).join(', ')}.`}</T>}
      {s.kind === 'other' && <T kind="muted">Take a sample to your local extension or plant-health office.</T>}
      {s.kind !== 'other' &&
        s.evidence.slice(0, 6).map((e) => (
          <View key={e.signId} className="flex-row gap-2">
            <T kind="label" className={`w-[64px] pt-[1px] ${e.direction === 'for' ? 'text-moss' : 'text-rowan'}`}>
              {e.direction === 'for' ? '+ for' : '− against'}
            </T>
            <T kind="muted" className="flex-1">
              {e.sentence}
            </T>
          </View>
        ))}
      {s.fact !== '' && <T kind="small">{s.fact}</T>}
      {s.kind !== 'other' && (
        <View className="flex-row flex-wrap gap-x-6">
          <Button kind="link" title={`All about ${inSentence(s.name)}`} onPress={onRead} />
          <Button kind="link" title={`No, not ${inSentence(s.name)}`} onPress={onRefuse} />
          {s.kind === 'trouble' && <Button kind="link" title={`I know it is ${inSentence(s.name)}`} onPress={onTake} />}
        </View>
      )}
    </View>
  );
}
