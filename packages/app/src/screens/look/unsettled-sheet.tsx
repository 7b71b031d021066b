import type { Meanwhile, NextLook, Settler } from '@sleetbrook/core/diagnose';
import { howSentences, RUNG_NAMES } from '@sleetbrook/core/cards';
import { View } from 'react-native';
import { Button } from '../../ui/button';
import { Row, Section } from '../../ui/row';
import { Sheet } from '../../ui/sheet';
import { T } from '../../ui/text';

interface Props {
  readonly open: boolean;
  readonly next: NextLook | null;
  /** Other times and tools that would tell. */
  readonly settlers: readonly Settler[];
  readonly meanwhile: Meanwhile;
  readonly busy: boolean;
  /** To keep the look and go on with it later. */
  readonly onWatch: () => void;
  readonly onClose: () => void;
}

/** Not settled is an answer too: what would settle it, what is safe now, and how to ask somebody. */
export function UnsettledSheet({ open, next, settlers, meanwhile, busy, onWatch, onClose }: Props) {
  const { safe, sample } = meanwhile;
  return (
    <Sheet open={open} title="Not settled: what now" onClose={onClose}>
      <View className="gap-1">
        <Section>What would settle it</Section>
        {next && <T>{`${next.sign.question} It takes ${next.takes}.`}</T>}
        {settlers
          .filter((s) => s.sign !== next?.sign)
          .map((s) => (
            <T key={s.sign.id}>{`${s.how}: ${s.sign.question}`}</T>
          ))}
        <T>{settlers.length === 0 ? 'No further look in the book would. A sample would.' : 'Or a sample: how to take one stands below.'}</T>
      </View>
      <View>
        <Section>Safe meanwhile, whichever it is</Section>
        {safe.map((c) => (
          <Row key={c.id} title={c.name} end={RUNG_NAMES[c.rung] ?? ''} sub={howSentences(c)[0]} />
        ))}
        <T kind="small" className="pt-2">
          Nothing is sprayed for a trouble without a name.
        </T>
      </View>
      <View className="gap-2">
        <Section>Or keep watching</Section>
        <T>In three days there is more to see: new signs, or none. What you saw is kept, and the look goes on from it.</T>
        <Button kind="quiet" title="Not settled: keep watching" busy={busy} onPress={onWatch} />
      </View>
      <View className="gap-2">
        <Section>Take a sample</Section>
        <T>{sample.what}</T>
        <T>{sample.howFresh}</T>
        <T>{sample.whereTo}</T>
      </View>
    </Sheet>
  );
}
