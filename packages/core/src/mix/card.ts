import type { Working } from '../measure';
import type { Step } from './step';

/** A mix or a preparation on paper: every figure, the steps, and the working behind them. */
export interface Card {
  readonly title: string;
  readonly sub: string;
  readonly figures: readonly { readonly name: string; readonly value: string }[];
  readonly steps: readonly { readonly title: string; readonly lines: readonly string[]; readonly gate: readonly string[]; readonly caution: string | null }[];
  readonly cautions: readonly string[];
  readonly working: readonly Working[];
}

interface CardParts extends Pick<Card, 'title' | 'sub' | 'figures' | 'cautions' | 'working'> {
  readonly steps: readonly Step[];
  /** What to measure at a card that measures, in words. */
  readonly measured?: (step: Step) => readonly string[];
}

/** The card to print. Gates keep their boxes to tick. */
export const cardFor = ({ steps, measured, ...rest }: CardParts): Card => ({
  ...rest,
  steps: steps.map((s) => ({ title: s.title, lines: [...s.text, ...(measured?.(s) ?? [])], gate: s.gate, caution: s.caution })),
});
