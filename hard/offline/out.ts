import { tmpdir } from 'node:os';
import { join } from 'node:path';

/** Where the cases write down what became of them, a line each. */
export const OUT = join(tmpdir(), 'sleetbrook-offline-cases.jsonl');
