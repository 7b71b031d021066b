export { aimsOf, compareAims, courseAims } from './aims';
export { brokenLimits, type Broken } from './limits';
export { oneDay } from './one-day';
export { fitsDay, patternsOf, type Pattern } from './patterns';
export { bestProgramme, type NoProgramme } from './search';
export {
  AIMS,
  type Aims,
  type Apart,
  type Asked,
  type CourseModel,
  type PlannedRound,
  type Programme,
  type ProgrammeModel,
  type Quarters,
  type Total,
} from './types';
