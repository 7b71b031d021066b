import { airWordsOf, inWordsOf, type UnitSystem } from '@sleetbrook/core/measure';
import { createContext, useContext, type ReactNode } from 'react';

const Units = createContext<UnitSystem>('metric');

/** In whose degrees and winds all text below is read. */
export const ReadIn = ({ units, children }: { readonly units: UnitSystem; readonly children: ReactNode }) => (
  <Units.Provider value={units}>{children}</Units.Provider>
);

/** Degrees and winds of the rules and of the catalogue, in the grower's own. */
export function useWords(): (text: string) => string {
  const units = useContext(Units);
  return (text) => airWordsOf(text, units);
}

/** Prose of the catalogue, its lengths too: never for what a label prints or a grower typed. */
export function useProse(): (text: string) => string {
  const units = useContext(Units);
  return (text) => inWordsOf(text, units);
}
