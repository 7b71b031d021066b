// The advice for every trouble on its main plants in every month of three climates, and the next two after it, with counts of what must not be.
import { ladder, recommend } from '../../packages/core/src/decide';
import { careSkipped, deadLines, FAULTS, faultsOf, laxerByCountry, neverOpen, opposite, unoffered, type Fault } from './faults';
import { cases, CLIMATES, gardenIn } from './gardens';

const counts = Object.fromEntries(FAULTS.map((f) => [f, 0])) as Record<Fault, number>;
const json = process.argv.includes('--json');
const only = process.argv.slice(2).filter((a) => !a.startsWith('--'));
const say = (line: string) => (json ? undefined : process.stdout.write(`${line}\n`));
let advices = 0;
let slowest = 0;

for (const { trouble, host } of cases()) {
  if (only.length > 0 && !only.includes(trouble.id)) continue;
  for (const climate of CLIMATES) {
    let said = '';
    for (let month = 1; month <= 12; month++) {
      const { s, share } = gardenIn(climate, month, trouble, host);
      const started = performance.now();
      const verdicts = ladder(s);
      slowest = Math.max(slowest, performance.now() - started);
      const before = { ...s, preventing: true };
      const guards = ladder(before);
      const guard = recommend(guards, before, null);
      if (guard && careSkipped(guard, guards, before)) counts.careSkipped++;
      const more = Object.keys(trouble.signs).find((sign) => trouble.signs[sign] !== 'never');
      const ticked = { ...s, seenSigns: more ? [more] : [] };
      if (opposite(recommend(verdicts, s, share), recommend(ladder(ticked), ticked, share))) counts.oppositeByOneSign++;
      const failed: string[] = [];
      const words: string[] = [];
      for (let n = 0; n < 3; n++) {
        const advice = recommend(verdicts, s, share, failed);
        if (!advice) break;
        advices++;
        const faults = faultsOf(advice, verdicts, s, failed);
        for (const f of faults) counts[f]++;
        words.push(`${advice.steps.map((v) => v.control.id).join('+')}${advice.enough ? '' : '?'}${faults.length > 0 ? ` WRONG(${faults.join()})` : ''}`);
        if (advice.verdict.control.rung === 0 || advice.verdict.control.rung === 7) break;
        failed.push(...advice.steps.map((v) => v.control.id));
      }
      const line = words.join(' > ');
      if (line !== said) say(`${trouble.id} on ${host.id}, ${climate.name}, from ${month}: ${line}`);
      said = line;
    }
  }
}
const dead = deadLines();
const never = unoffered();
counts.sheetCoversNoHost = dead.length;
counts.labelPestNoLadder = never.length;
const shut = neverOpen();
const laxer = laxerByCountry();
counts.listedNeverOpen = shut.length;
counts.laxerByCountry = laxer.length;
for (const d of shut) say(`no stage is open to it: ${d.trouble} ${d.control}`);
for (const d of laxer) say(`freer for naming the country: ${d.sheet} ${d.country}`);
for (const d of dead) say(`no plant on its sheet: ${d}`);
for (const d of never) say(`on no ladder: ${d}`);
process.stdout.write(`${JSON.stringify({ advices, slowestMs: Math.round(slowest * 10) / 10, ...counts })}\n`);
