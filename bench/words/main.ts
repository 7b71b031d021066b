import { readFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { findPages, findPlants, findSigns } from '../../packages/core/src/find';

/** `npm run -s bench:words [-- --json]`: what growers type, and whether it is found. The phrases are in phrases.csv; those that nobody tuned to in unseen.csv. */
/** So many are seen without scrolling. */
const IN_SIGHT = 6;
// no phrase has a comma in it
const rowsOf = (file: string) =>
  readFileSync(fileURLToPath(new URL(`./${file}`, import.meta.url)), 'utf8')
    .trim()
    .split('\n')
    .slice(1)
    .map((line) => {
      const [where = '', phrase = '', oneOf = ''] = line.split(',');
      return { where, phrase, oneOf };
    });

const ways: Readonly<Record<string, (text: string) => string[]>> = {
  plant: findPlants,
  sign: findSigns,
  almanac: (text) => findPages(text).map((id) => id.replace(/^control-/, '')),
};
type Row = ReturnType<typeof rowsOf>[number];
const attempt = (r: Row) => {
  const wanted = r.oneOf.split(' ');
  const found = (ways[r.where] ?? findSigns)(r.phrase);
  const at = found.findIndex((id) => wanted.includes(id));
  return { ...r, first: found[0], hit: at >= 0 && at < IN_SIGHT, three: at >= 0 && at < 3, firstRight: at === 0 };
};
const tried = rowsOf('phrases.csv').map(attempt);
/** Written first, and never edited for. */
const unseen = rowsOf('unseen.csv').map(attempt);
const share = (n: number) => Math.round((n / tried.length) * 1000) / 1000;
const figures = {
  phrases: tried.length,
  found: share(tried.filter((t) => t.hit).length),
  // what was found is somewhere, yet something else stands first and the right one is not in sight
  wrongFirst: share(tried.filter((t) => !t.hit && t.first !== undefined).length),
  firstRight: share(tried.filter((t) => t.firstRight).length),
  unseen: unseen.length,
  unseenThree: Math.round((unseen.filter((t) => t.three).length / unseen.length) * 1000) / 1000,
};
if (process.argv.includes('--json')) process.stdout.write(`${JSON.stringify(figures)}\n`);
else {
  for (const t of tried.filter((x) => !x.hit)) process.stdout.write(`${t.where}: "${t.phrase}" wanted ${t.oneOf}, first was ${t.first ?? 'nothing'}\n`);
  for (const t of unseen.filter((x) => !x.three))
    process.stdout.write(`unseen ${t.where}: "${t.phrase}" wanted ${t.oneOf}, first was ${t.first ?? 'nothing'}\n`);
  process.stdout.write(`${JSON.stringify(figures)}\n`);
}
