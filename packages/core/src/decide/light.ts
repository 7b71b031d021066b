/** What the screens need of deciding; the judging itself runs in the worker. */
export { afterCount, hasHelped, type Again, type AgainKind } from './again';
export { ABOUT, AROUND, HOME_MADE, POLICIES, type About, type Around, type HomeMade, type Plan, type Policy } from './circumstances';
export { conflictsAmong, type Tie } from './combine';
export { copperBefore, copperOfPlan, type CopperBefore } from './copper';
export { gentlerThan } from './gentler';
export { SCHOOLS, type School } from './schools';
export type { Course } from './course';
export type { Change, PastTreatment, Reason, Verdict } from './types';
