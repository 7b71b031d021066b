export { judge } from './judge';
export { gentlerThan, hazardScore, ladder, recommend, type Advice } from './ladder';
export { RULES } from './rules';
export type { Candidate, Opening, PastTreatment, PlantingFacts, Reason, Situation, Verdict } from './types';
