import { against } from '../write';

/** The last rung of every ladder. */
export const LICENSED = against('licensed-person', 0.9, 'For what is beyond home means.');
