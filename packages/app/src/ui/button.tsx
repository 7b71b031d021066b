import { Pressable, View } from 'react-native';
import { T } from './text';

interface Props {
  /** Says what will happen, in the grower's words. */
  readonly title: string;
  readonly onPress: () => void;
  readonly kind?: 'main' | 'quiet' | 'stop' | 'link';
  readonly disabled?: boolean;
  readonly busy?: boolean;
  readonly expanded?: boolean;
  /** Read out in place of the title, where many buttons of a list have the same. */
  readonly label?: string;
}

const GROUND = { main: 'bg-brook', quiet: 'border border-line bg-slate', stop: 'border-2 border-rowan bg-frost', link: '' };
const INK = { main: 'text-on-brook', quiet: 'text-ink', stop: 'text-rowan', link: 'text-brook underline' };

export function Button({ title, onPress, kind = 'main', disabled = false, busy = false, expanded, label }: Props) {
  const off = disabled || busy;
  return (
    <Pressable
      role="button"
      aria-disabled={off}
      aria-busy={busy}
      {...(label === undefined ? {} : { 'aria-label': label })}
      {...(expanded === undefined ? {} : { 'aria-expanded': expanded })}
      disabled={off}
      onPress={onPress}
      className={`min-h-[52px] items-center justify-center rounded-2xl ${kind === 'link' ? 'px-2' : 'px-5'} py-3 ${GROUND[kind]} ${kind === 'main' ? 'min-h-[60px]' : ''} ${off ? 'opacity-50' : 'active:opacity-80'}`}
    >
      <T kind="strong" className={`text-center ${INK[kind]} ${kind === 'main' ? 'text-[19px]' : 'text-[17px]'}`}>
        {busy ? 'One moment' : title}
      </T>
    </Pressable>
  );
}

/** The bar at the thumb: the one main action of a screen, and quiet ones beside it. */
export function ActionBar({ children }: { readonly children: React.ReactNode }) {
  return <View className="gap-3 border-t border-line bg-frost px-5 pb-4 pt-3 lg:flex-row-reverse">{children}</View>;
}
