import type { Change, School } from '@sleetbrook/core/decide-light';

/** How the grower looks at the ladder: by which school, and with what changed for the sake of argument. */
export interface View {
  readonly school: School;
  readonly whatIf: readonly Change[];
}
export const PLAIN_VIEW: View = { school: 'least-toxic', whatIf: [] };
