import { inSentence } from '@sleetbrook/core/measure';
import type { Finding } from '@sleetbrook/core/diagnose';
import { Pressable, View } from 'react-native';
import { T } from '../../ui/text';

/** The leader, how sure, and why. Pressed, it shows all suspects. */
export function Verdict({ finding, onWhy }: { readonly finding: Finding | undefined; readonly onWhy: () => void }) {
  if (!finding || finding.state === 'no-signs') return <T kind="muted">Tap what you see. Suspects rank as you tap.</T>;
  const { leader } = finding;
  const percent = Math.min(99, Math.round(leader.probability * 100));
  const name = nameOf(finding, leader.name);
  return (
    <View aria-live="polite">
      <Pressable role="button" onPress={onWhy} className="min-h-[48px] justify-center">
        <View className="flex-row items-baseline justify-between gap-3">
          <T kind="strong" className="flex-shrink">
            {name}
          </T>
          <T kind="strong" className="shrink-0">{`${percent} in 100`}</T>
        </View>
        <View className="mt-1 h-[8px] overflow-hidden rounded-full bg-line">
          <View className="h-full rounded-full bg-brook" style={{ width: `${percent}%` }} />
        </View>
        <T kind="small" className="pt-1 underline">
          {finding.state === 'settled' ? (finding.alike ? 'What is done for either is the same. For and against' : 'For and against') : finding.why}
        </T>
      </Pressable>
      {finding.state === 'settled' && finding.besides.length > 0 && (
        <T
          kind="small"
          className="pt-1"
        >{`And something else: ${finding.besides.map((s) => inSentence(s.name)).join(', ')} ${finding.besides.length === 1 ? 'is' : 'are'} none of its doing.`}</T>
      )}
      {finding.report.map((s) => (
        <T key={s.id} kind="small" className="pt-1 text-rowan">{`Not ruled out, and must be reported if it is that: ${inSentence(s.name)}.`}</T>
      ))}
    </View>
  );
}

function nameOf(finding: Exclude<Finding, { state: 'no-signs' }>, name: string): string {
  if (finding.state === 'settled') return finding.alike ? `${name} or ${inSentence(finding.alike.name)}` : name;
  if (finding.state === 'two') return `${name}, and ${inSentence(finding.second.name)}`;
  return `Not settled: ${name}?`;
}
