import { measureKey } from './figures';

/** `npm run bench:key [-- --json] [-- --cases 20000] [-- --seed 41]`; about a minute. Not a seed the constants were set on. */
const argument = (name: string, fallback: number) => {
  const at = process.argv.indexOf(`--${name}`);
  return at < 0 ? fallback : Number(process.argv[at + 1]);
};
const figures = measureKey(argument('cases', 20000), argument('seed', 41));
if (process.argv.includes('--json')) process.stdout.write(`${JSON.stringify(figures)}\n`);
else {
  process.stdout.write(
    `top 1: ${figures.top1} (at least 0.85)\ntop 3: ${figures.top3} (at least 0.97)\nanswers: ${figures.asked}\nworst decile gap: ${figures.worstDecileGap} (at most 0.05), on the way ${figures.worstGapOnTheWay}\n`,
  );
  for (const d of figures.deciles) process.stdout.write(`  said ${d.said}, right ${d.right}, of ${d.cases}\n`);
  for (const p of figures.pairs) process.stdout.write(`  ${p.truth} taken for ${p.taken}: ${p.times}\n`);
}
