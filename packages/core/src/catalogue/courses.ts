import type { ControlCourse } from './expand';
import { COURSES } from './made/courses';

export type { ControlCourse };

/** How often a control is done and when it is judged; what has no course is done once. @example courseOf('soap-spray')?.words // 'Two or three evenings running, then look.' */
export const courseOf = (controlId: string): ControlCourse | null => COURSES[controlId] ?? null;
