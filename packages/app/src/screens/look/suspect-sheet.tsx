import { findFriend, findTrouble } from '@sleetbrook/core/catalogue';
import type { Suspect } from '@sleetbrook/core/diagnose';
import { sayProvenance } from '@sleetbrook/core/measure';
import { View } from 'react-native';
import { Sheet } from '../../ui/sheet';
import { T } from '../../ui/text';

/** Never quite sure, never quite ruled out. */
const inHundred = (p: number) => (p < 0.01 ? 'under 1 in 100' : `${Math.min(99, Math.round(p * 100))} in 100`);

/** All suspects with what speaks for and against each. */
export function SuspectSheet({ open, suspects, onClose }: { readonly open: boolean; readonly suspects: readonly Suspect[]; readonly onClose: () => void }) {
  return (
    <Sheet open={open} title="Suspects" onClose={onClose}>
      {suspects
        .filter((s, i) => i < 3 || s.probability >= 0.03)
        .slice(0, 6)
        .map((s) => (
          <One key={s.id} suspect={s} />
        ))}
      <T kind="small">How sure: usual on this plant, in this month and after this weather, times how typical each sign is. Weights from memory.</T>
    </Sheet>
  );
}

function One({ suspect: s }: { readonly suspect: Suspect }) {
  const trouble = findTrouble(s.id);
  const friend = findFriend(s.id);
  const fact = (trouble ?? friend)?.facts[0];
  return (
    <View className="gap-1 border-b border-line pb-4">
      <View className="flex-row justify-between gap-3">
        <T kind="strong" className="flex-shrink">
          {s.name}
        </T>
        <T kind="strong" className="shrink-0">
          {inHundred(s.probability)}
        </T>
      </View>
      {friend && <T kind="muted">{friend.advice}</T>}
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
      {fact && <T kind="small">{`${fact.text} (${sayProvenance(fact.prov)})`}</T>}
    </View>
  );
}
