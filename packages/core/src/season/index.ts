export { eventsOf, type CalendarEvent } from './events';
export { factsOf } from './facts';
export { HORIZON_DAYS } from './build';
export { seasonOf } from './layout';
export type { ClosedDay, CourseAhead, CourseFacts, Evening, RoundAhead, Season, SeasonFacts, Sure, WhatIf } from './types';
export { beside, costAgainst, withWhatIf, type Otherwise } from './what-if';
export { moveRound, type Move } from './why';
