import type { Working } from '../../measure';
import { step } from '../step';
import type { Input, Values } from './types';

/** A number that was filled in; the screens read and bound it before `make` is called. */
export const num = (v: Values, id: string): number => (typeof v[id] === 'number' ? v[id] : Number.NaN);
export const str = (v: Values, id: string): string => String(v[id] ?? '');

/** How much mix, in the grower's unit for it. */
export const MIX: Input = { kind: 'size', id: 'mix', label: 'Mix to make', as: 'mix', min: 100, max: 50_000, usual: 1000 };
export const length = (id: string, label: string, usual: number, max = 100): Input => ({ kind: 'size', id, label, as: 'height', min: 0.1, max, usual });

export const GLOVES_GOGGLES = step('protect', 'Put on before you open it', ['Children, pets and bare skin stay away.'], {
  gate: ['Gloves', 'Goggles', 'Long sleeves'],
});
export const DUST_ON = step('protect', 'Put on before you open it', ['Children and pets stay away until it has settled.'], {
  gate: ['Particle mask (N95)', 'Goggles', 'Gloves'],
  caution: 'Dust in the lungs stays there. Stand upwind.',
});
export const TRY_FIRST = 'New to these plants? Try it on a few leaves, wait 24 to 48 hours, then treat.';
export const LABEL_FIRST = 'Where the pack has a label, its figures go before these.';

export const work = (title: string, result: string, inputs: Working['inputs'], formula: string, mark: 'CP' | 'MEM' = 'CP'): Working => ({
  title,
  result,
  inputs,
  formula,
  source: { mark },
});
