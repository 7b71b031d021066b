import { join } from 'node:path';

/** Where the spec writes what came of the season. */
export const OUT = join(__dirname, '../../test-results/season.json');
