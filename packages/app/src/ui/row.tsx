import type { ReactNode } from 'react';
import { Pressable, View } from 'react-native';
import { Mark, type MarkState } from './mark';
import { T } from './text';

interface Props {
  readonly mark?: MarkState;
  readonly title: string;
  readonly sub?: string | undefined;
  readonly end?: string | undefined;
  readonly endSub?: string | undefined;
  readonly tone?: 'plain' | 'open' | 'wait' | 'stop';
  readonly selected?: boolean;
  readonly onPress?: () => void;
  readonly children?: ReactNode;
}

/** What stands at the end in so few letters is never broken over lines. */
const SHORT = 12;
const TONES = { plain: 'text-ink', open: 'text-moss', wait: 'text-ochre', stop: 'text-drift' };

/** A line in a list: mark, what, and on the right when or how much. Parted by air and a thin line. */
export function Row({ mark, title, sub, end, endSub, tone = 'plain', selected = false, onPress, children }: Props) {
  const body = (
    <View className="flex-row gap-3 py-3">
      {mark && (
        <View className="pt-[1px]">
          <Mark state={mark} />
        </View>
      )}
      <View className="min-w-0 flex-1">
        <View className="flex-row justify-between gap-3">
          <T kind="strong" className={`min-w-0 flex-shrink ${tone === 'stop' ? 'text-drift' : ''}`}>
            {title}
          </T>
          {end !== undefined && (
            <T kind="strong" className={`text-right ${end.length <= SHORT ? 'whitespace-nowrap' : ''} ${TONES[tone]}`}>
              {end}
            </T>
          )}
        </View>
        {(sub !== undefined || endSub !== undefined) && (
          <View className="flex-row justify-between gap-3">
            <T kind="muted" className="min-w-0 flex-shrink">
              {sub ?? ''}
            </T>
            {endSub !== undefined && (
              <T kind="muted" className="text-right">
                {endSub}
              </T>
            )}
          </View>
        )}
        {children}
      </View>
    </View>
  );
  if (!onPress) return <View className="min-h-[52px] border-b border-line">{body}</View>;
  return (
    <Pressable
      role="button"
      aria-pressed={selected}
      onPress={onPress}
      className={`min-h-[52px] border-b border-line active:opacity-70 ${selected ? '-mx-2 rounded-2xl border-b-0 bg-slate px-2' : ''}`}
    >
      {body}
    </Pressable>
  );
}

/** A quiet heading over a run of rows. */
export const Section = ({ children }: { readonly children: string }) => (
  <T kind="label" level={2} className="pb-1 pt-5">
    {children}
  </T>
);
