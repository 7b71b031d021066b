import { randomFrom, simulateCase, type Outcome } from './simulate';
import type { World } from './world';

/** A share of the drawn cases, in a process of its own: `part.ts cases seed world`. */
const [cases = '0', seed = '1', world = 'drawn'] = process.argv.slice(2);
const random = randomFrom(Number(seed));
const slim = <T extends { readonly evidence?: unknown }>(s: T): T => ({ ...s, evidence: [] });

/** What the figures are worked out from, without the reasons. */
function slimmed(o: Outcome): Outcome {
  const f = o.finding;
  if (f.state === 'no-signs') return o;
  const report = f.report.map(slim);
  if (f.state === 'two') return { ...o, finding: { ...f, report, leader: slim(f.leader), second: slim(f.second) } };
  return { ...o, finding: { ...f, report, leader: slim(f.leader) } };
}

const outcomes = Array.from({ length: Number(cases) }, () => slimmed(simulateCase(random, world as World)));
process.send?.(outcomes, () => process.disconnect());
