// The advice for every trouble on its main plants in every month of three climates, and the next two after it, with counts of what must not be.
import { fork } from 'node:child_process';
import { availableParallelism } from 'node:os';
import { join } from 'node:path';
import { deadLines, FAULTS, laxerByCountry, neverOpen, unoffered, type Fault } from './faults';
import type { Walked } from './walk';

const json = process.argv.includes('--json');
const only = process.argv.slice(2).filter((a) => !a.startsWith('--'));
const say = (line: string) => (json ? undefined : process.stdout.write(`${line}\n`));

/** The cases in as many processes as there are cores. */
function walkAll(): Promise<Walked[]> {
  const parts = availableParallelism();
  return Promise.all(
    Array.from({ length: parts }, (_, i) => {
      const child = fork(join(__dirname, 'part.ts'), [String(i), String(parts), ...only]);
      return new Promise<Walked>((resolve, reject) => child.once('message', (m) => resolve(m as Walked)).once('error', reject));
    }),
  );
}

async function main() {
  const walked = await walkAll();
  const counts = Object.fromEntries(FAULTS.map((f) => [f, walked.reduce((sum, w) => sum + w.counts[f], 0)])) as Record<Fault, number>;
  for (const line of walked.flatMap((w) => w.lines).sort()) say(line);
  const [dead, never, shut, laxer] = [deadLines(), unoffered(), neverOpen(), laxerByCountry()];
  Object.assign(counts, {
    sheetCoversNoHost: dead.length,
    labelPestNoLadder: never.length,
    listedNeverOpen: shut.length,
    laxerByCountry: laxer.length,
  });
  for (const d of shut) say(`no stage is open to it: ${d.trouble} ${d.control}`);
  for (const d of laxer) say(`freer for naming the country: ${d.sheet} ${d.country}`);
  for (const d of dead) say(`no plant on its sheet: ${d.trouble} ${d.control}`);
  for (const d of never) say(`on no ladder: ${d.sheet} ${d.pest}`);
  const advices = walked.reduce((sum, w) => sum + w.advices, 0);
  const slowestMs = Math.round(Math.max(...walked.map((w) => w.slowestMs)) * 10) / 10;
  process.stdout.write(`${JSON.stringify({ advices, slowestMs, ...counts })}\n`);
}

void main();
