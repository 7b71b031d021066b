import { View } from 'react-native';
import type { Deciding } from '../../workers/tasks';
import { T } from '../../ui/text';
import { useProse } from '../../ui/words';

/** The gentlest that will do, with the sum behind it, and what keeps more from coming. */
export function AdviceCard({ deciding, guarding }: { readonly deciding: Deciding; readonly guarding: boolean }) {
  const prose = useProse();
  const { advice, verdicts } = deciding;
  const named = (keys: readonly string[]) => keys.flatMap((key) => verdicts.find((v) => v.key === key)?.control.name ?? []);
  const [main, ...along] = advice ? named([advice.key, ...advice.along]) : [];
  if (!advice || main === undefined) return null;
  const prevents = named(advice.prevents).map((n) => n.toLowerCase());
  return (
    <View className="mt-3 gap-1 rounded-2xl bg-slate p-4">
      <T kind="label">
        {verdicts.find((v) => v.key === advice.key)?.control.id === 'report-it'
          ? 'Report first'
          : guarding
            ? 'First, to keep it away'
            : 'Gentlest that will do'}
      </T>
      <T kind="strong">{[main, ...along.map((n) => n.toLowerCase())].join(', ')}</T>
      <T>{prose(advice.why)}</T>
      {prevents.length > 0 && <T kind="muted">{`Against more to come, not instead: ${prevents.join(', ')}.`}</T>}
    </View>
  );
}
