export { changesFor, withChange, withChanges } from './change';
export { ABOUT, AROUND, HOME_MADE, POLICIES, type About, type Around, type HomeMade, type Plan, type Policy } from './circumstances';
export { conflictsAmong, goesWith, type Tie } from './combine';
export { courseIfLeft, type Course } from './course';
export { judge } from './judge';
export { gentlerThan, hazardParts, hazardScore, ladder, recommend, whyBefore, type Advice } from './ladder';
export { RULES } from './rules';
export { SCHOOLS, seenBy, type School } from './schools';
export type { Candidate, Change, Opening, PastTreatment, PlantingFacts, Reason, Situation, Verdict } from './types';
