export { lastCount, shareNow, signsNow } from './last-look';
export { againFor, failedIn, roundNumber } from './rounds';
export { keptOutOf, pastOf, situationFacts, type CaseRecords, type GardenRecords, type SituationFacts } from './situation-of';
