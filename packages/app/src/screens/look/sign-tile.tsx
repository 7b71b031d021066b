import type { Sign } from '@sleetbrook/core/catalogue';
import { useDeferredValue } from 'react';
import { Pressable, View } from 'react-native';
import { Mark } from '../../ui/mark';
import { T } from '../../ui/text';
import { SignDrawing } from './sign-drawing';

type Seen = boolean | undefined;
const WORDS = { yes: 'seen', no: 'not seen', none: 'not looked for' };

interface Props {
  readonly sign: Sign;
  readonly seen: Seen;
  /** The part it shows on, where that is another than the one in view. */
  readonly where?: string | undefined;
  readonly onChange: (seen: Seen) => void;
}

/** Tap once seen, twice not seen, a third time clears. The word stands beside the mark. */
export function SignTile({ sign, seen, where, onChange }: Props) {
  const word = seen === undefined ? WORDS.none : seen ? WORDS.yes : WORDS.no;
  // the name comes at once, its picture as soon as nothing waits: the place for it is kept
  const drawing = useDeferredValue(sign.drawing ?? null, null);
  const next: Seen = seen === undefined ? true : seen ? false : undefined;
  return (
    <Pressable
      role="button"
      aria-label={`${sign.name}: ${word}`}
      onPress={() => onChange(next)}
      className={`min-h-[168px] flex-1 basis-[150px] justify-between rounded-3xl bg-slate p-3 ${seen === true ? 'border-[3px] border-moss' : seen === false ? 'border-2 border-dashed border-drift' : 'border border-line'}`}
    >
      <View className={`items-center pt-1 ${seen === false ? 'opacity-60' : ''}`}>
        {drawing ? <SignDrawing drawing={drawing} /> : <View className="h-[84px]" />}
      </View>
      <View>
        <T kind="strong" className="text-[17px] leading-[21px]">
          {sign.name}
        </T>
        {where && <T kind="label">{where}</T>}
        <View className="min-h-[24px] flex-row items-center gap-1">
          {seen === true && (
            <>
              <Mark state="done" size={18} />
              <T kind="label" className="text-ink">
                seen
              </T>
            </>
          )}
          {seen === false && (
            <T kind="label" className="text-ink">
              × not seen
            </T>
          )}
        </View>
      </View>
    </Pressable>
  );
}
