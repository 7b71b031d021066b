import { use } from '../write';

/** The last rung of every ladder. */
export const LICENSED = use('licensed-person', 0.9, 'For what is beyond home means.');
