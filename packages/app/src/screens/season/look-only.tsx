import type { Case, Garden } from '@sleetbrook/core/api';
import type { Instant } from '@sleetbrook/core/measure';
import type { LocalDay } from '@sleetbrook/core/schedule';
import type { ReactNode } from 'react';
import { BrookLine } from '../../ui/brook-line';

/** The look that a case waits for. */
export interface LookAhead {
  /** Null: on no day in particular. */
  readonly on: LocalDay | null;
  readonly content: ReactNode;
}

export interface OnBrook {
  readonly found: Case;
  readonly garden: Garden;
  readonly now: Instant;
  /** Stations before it on the same line. */
  readonly from: number;
  readonly look: LookAhead;
}

/** Where no course runs, or nothing of it can be told here. */
export const LookOnly = ({ from, look }: Pick<OnBrook, 'from' | 'look'>) => (
  <BrookLine stations={[{ key: 'look', state: 'here', content: look.content }]} from={from} />
);
