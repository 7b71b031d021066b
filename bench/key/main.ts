import { measureKey } from './figures';

/** `npm run bench:key [-- --json] [-- --cases 20000] [-- --seed 41]`; some minutes. Not a seed the constants were set on. */
const argument = (name: string, fallback: number) => {
  const at = process.argv.indexOf(`--${name}`);
  return at < 0 ? fallback : Number(process.argv[at + 1]);
};
const f = measureKey(argument('cases', 20000), argument('seed', 41));
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
    `stand-ins, top 3: ${f.standInTop3} (at least 0.9)`,
    ...Object.entries(f.byKind).map(([kind, k]) => `  ${kind}: ${k.cases} cases, top 1 ${k.top1}, top 3 ${k.top3}, settled ${k.settled}`),
    ...f.deciles.map((d) => `  said ${d.said}, right ${d.right}, of ${d.cases}`),
    ...f.pairs.map((p) => `  ${p.truth} taken for ${p.taken}: ${p.times}`),
  ];
  process.stdout.write(`${lines.join('\n')}\n`);
}
