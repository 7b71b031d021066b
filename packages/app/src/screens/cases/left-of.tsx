import type { Left } from '@sleetbrook/core/api';
import { View } from 'react-native';
import { Mark } from '../../ui/mark';
import { T } from '../../ui/text';

const STATE = { holds: 'done', 'wearing-off': 'wait', gone: 'wait' } as const;
const WORD = { holds: 'It holds', 'wearing-off': 'It is wearing off', gone: 'It is as good as gone' } as const;

/** What is left of the last round: the width of the brook, in words. */
export function LeftOf({ left }: { readonly left: Left }) {
  return (
    <View className={`flex-row gap-3 rounded-2xl border bg-slate p-3 ${left.wear === 'holds' ? 'border-line' : 'border-ochre'}`}>
      <Mark state={STATE[left.wear]} />
      <View className="min-w-0 flex-1">
        <T kind="strong">{WORD[left.wear]}</T>
        <T kind="muted">{left.said}</T>
      </View>
    </View>
  );
}
