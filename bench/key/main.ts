import { fork } from 'node:child_process';
import { availableParallelism } from 'node:os';
import { join } from 'node:path';
import { figuresOf } from './figures';
import type { Outcome } from './simulate';
import type { World } from './world';
import { askThrough, measureWritten, writtenCases } from './written';

/** `npm run bench:key [-- --json] [-- --cases 20000] [-- --seed 41]`; under five minutes for the 3,000 that it takes by itself. Not a seed the constants were set on. */
const argument = (name: string, fallback: number) => {
  const at = process.argv.indexOf(`--${name}`);
  return at < 0 ? fallback : Number(process.argv[at + 1]);
};
/** The cases in as many processes as there are cores, each with a seed of its own. */
function drawn(cases: number, seed: number, world: World): Promise<Outcome[]> {
  const parts = availableParallelism();
  return Promise.all(
    Array.from({ length: parts }, (_, i) => {
      const mine = Math.floor(cases / parts) + (i < cases % parts ? 1 : 0);
      const child = fork(join(__dirname, 'part.ts'), [String(mine), String(seed + 1000 * i), world]);
      return new Promise<Outcome[]>((resolve, reject) => child.once('message', (m) => resolve(m as Outcome[])).once('error', reject));
    }),
  ).then((all) => all.flat());
}

async function main() {
  const cases = argument('cases', 3000);
  const seed = argument('seed', 41);
  const { top1: shakenTop1, top3: shakenTop3, leftOutSettledWrong: shakenLeftOut } = figuresOf(await drawn(Math.ceil(cases / 5), seed + 7, 'shaken'));
  const f = { ...figuresOf(await drawn(cases, seed, 'drawn')), shakenTop1, shakenTop3, shakenLeftOut, ...measureWritten(writtenCases().map(askThrough)) };
  if (process.argv.includes('--json')) process.stdout.write(`${JSON.stringify(f)}\n`);
  else {
    const lines = [
      `top 1: ${f.top1} (at least 0.9)`,
      `top 3: ${f.top3} (at least 0.97)`,
      `answers: ${f.asked}`,
      `worst decile gap: ${f.worstDecile} (at most 0.05), on the way ${f.worstOnTheWay}`,
      `pairs named: ${f.pairsNamed} (at least 0.85), swallowed ${f.pairsSwallowed}, a wrong pair ${f.pairsWrong}; in the noise of life ${f.pairsNamedInNoise}`,
      `one taken for two: ${f.oneTakenForTwo}`,
      `reportable hidden: ${f.reportableHidden} (none); ${f.reportsBesideOne} shown beside one`,
      `not in the book, settled on what is treated otherwise: ${f.leftOutSettledWrong} (at most 0.05); on any: ${f.leftOutSettled}`,
      `settled by one sign: ${f.genericSettled} (at most 0.01)`,
      `tables shaken: top 1 ${f.shakenTop1}, top 3 ${f.shakenTop3}, not in the book and settled wrong ${f.shakenLeftOut}`,
      `written: ${f.written} cases, first ${f.writtenFirst} (at least 0.85), three ${f.writtenThree} (at least 0.95), settled wrong ${f.writtenSettledWrong} (at most 0.02), ends in an act ${f.endsInAct} (at least 0.75), idle questions ${f.idleQuestions} (none), answers ${f.writtenAsked}`,
      `stand-ins, top 3: ${f.standInTop3} (at least 0.9)`,
      ...Object.entries(f.byKind).map(([kind, k]) => `  ${kind}: ${k.cases} cases, top 1 ${k.top1}, top 3 ${k.top3}, settled ${k.settled}`),
      ...f.deciles.map((d) => `  said ${d.said}, right ${d.right}, of ${d.cases}`),
      ...f.pairs.map((p) => `  ${p.truth} taken for ${p.taken}: ${p.times}`),
    ];
    process.stdout.write(`${lines.join('\n')}\n`);
  }
}

void main();
