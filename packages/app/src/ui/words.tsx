import { inWordsOf, type UnitSystem } from '@sleetbrook/core/measure';
import { createContext, useContext, type ReactNode } from 'react';

const Units = createContext<UnitSystem>('metric');

/** In whose degrees, winds and lengths all text below is read. */
export const ReadIn = ({ units, children }: { readonly units: UnitSystem; readonly children: ReactNode }) => (
  <Units.Provider value={units}>{children}</Units.Provider>
);

/** Text below stands as it was written: a note of the grower's, a table of units. */
export const AsWritten = ({ children }: { readonly children: ReactNode }) => <Units.Provider value="metric">{children}</Units.Provider>;

/** What the catalogue and the rules say, in the grower's own words of measure. */
export function useWords(): (text: string) => string {
  const units = useContext(Units);
  return (text) => inWordsOf(text, units);
}
