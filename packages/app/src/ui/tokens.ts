import { useScheme } from '../state/scheme';
import { DARK, DRAWN_DARK, LIGHT, type Tokens } from './palette';

export type { Tokens };
export const useTokens = (): Tokens => (useScheme() === 'dark' ? DARK : LIGHT);
/** The colours of pictures of plants. */
export const useDrawingTokens = (): Tokens => (useScheme() === 'dark' ? DRAWN_DARK : LIGHT);
