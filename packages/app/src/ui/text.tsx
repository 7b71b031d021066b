import type { ReactNode } from 'react';
import { Text } from 'react-native';
import { useWords } from './words';

const KINDS = {
  title: 'font-bold text-[34px] leading-[40px] text-ink',
  head: 'font-medium text-[22px] leading-[28px] text-ink',
  strong: 'font-medium text-[18px] leading-[24px] text-ink',
  body: 'font-sans text-[17px] leading-[24px] text-ink',
  muted: 'font-sans text-[16px] leading-[22px] text-drift',
  label: 'font-medium text-[14px] leading-[20px] text-drift',
  small: 'font-sans text-[14px] leading-[19px] text-drift',
} as const;

interface Props {
  readonly kind?: keyof typeof KINDS;
  readonly className?: string;
  /** Heading level for screen readers. */
  readonly level?: 1 | 2 | 3;
  readonly live?: boolean;
  readonly children: ReactNode;
}

/** All text, in the grower's own degrees and lengths. Figures are tabular, so that amounts and times line up. */
export function T({ kind = 'body', className = '', level, live, children }: Props) {
  const words = useWords();
  const said =
    typeof children === 'string'
      ? words(children)
      : Array.isArray(children)
        ? children.map((c: ReactNode) => (typeof c === 'string' ? words(c) : c))
        : children;
  return (
    <Text
      className={`${KINDS[kind]} ${className}`}
      style={{ fontVariant: ['tabular-nums'] }}
      {...(level ? { role: 'heading' as const, 'aria-level': level } : {})}
      {...(live ? { 'aria-live': 'polite' as const } : {})}
    >
      {said}
    </Text>
  );
}
