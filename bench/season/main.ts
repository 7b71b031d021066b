import { performance } from 'node:perf_hooks';
import { bestProgramme, brokenLimits, compareAims, type Programme, type ProgrammeModel } from '../../packages/core/src/programme';
import { protectionLeft } from '../../packages/core/src/schedule';
import { instant } from '../../packages/core/src/measure';
import { findSheet } from '../../packages/core/src/label/sheets';
import highsOf from 'highs';
import { hoursFrom, LARKFOLD } from '../../packages/core/test/season-of';
import { randomProgramme } from '../../packages/core/test/random-programme';
import { byHighs } from './highs-model';

/** Gardens of up to 40 plantings and 12 courses; each is laid out here and by HiGHS, and the aims are compared one by one. */
const GARDENS = Number(process.argv.find((a) => a.startsWith('--gardens='))?.slice('--gardens='.length) ?? 500);
const json = process.argv.includes('--json');

const median = (list: readonly number[]) => [...list].sort((a, b) => a - b)[Math.floor(list.length / 2)] ?? 0;
const round = (n: number) => Math.round(n * 10) / 10;
function timed<T>(run: () => T): { readonly made: T; readonly ms: number } {
  const from = performance.now();
  const made = run();
  return { made, ms: performance.now() - from };
}

/** One round put off by a day, by hand: how long until the rest has given way. The middle one of three times: what else the machine does in an instant is not counted. */
function moved(model: ProgrammeModel, p: Programme): number | null {
  const first = p.rounds.find((r) => {
    const c = model.courses.find((x) => x.id === r.course);
    return c !== undefined && (c.open[r.day + 1]?.some((s) => s.to - s.from >= c.quarters) ?? false);
  });
  if (!first) return null;
  const courses = model.courses.map((c) => (c.id === first.course ? { ...c, fixed: [first.day + 1] } : c));
  return median(Array.from({ length: 3 }, () => timed(() => bestProgramme({ ...model, courses })).ms));
}

/** What is left of a round, asked on each of fourteen days. */
function protectionMs(): number {
  const sheet = findSheet('bt-kurstaki-wp') ?? findSheet('wettable-sulfur');
  const line = sheet?.lines[0];
  if (!sheet || !line) throw new Error('no sheet');
  const hours = hoursFrom('2026-06-01T00:00:00.000Z', 15, (at) => ({ rainMm: at.getUTCHours() === 3 ? 2 : 0 }));
  const finishedAt = instant(Date.parse('2026-06-01T20:00:00.000Z'));
  const runs = Array.from(
    { length: 50 },
    () =>
      timed(() =>
        Array.from({ length: 14 }, (_, d) =>
          protectionLeft({ sheet, line, finishedAt, now: instant(finishedAt + d * 86_400_000), place: LARKFOLD, outdoors: true, growing: true, hours }),
        ),
      ).ms,
  );
  return median(runs);
}

async function main() {
  const highs = await highsOf();
  const [own, his, moves]: number[][] = [[], [], []] as [number[], number[], number[]];
  let [equal, broken] = [0, 0];
  // the first ones are slow while the code is compiled
  for (let seed = 1; seed <= 20; seed++) bestProgramme(randomProgramme(90_000 + seed));
  // all of ours first: a solver that runs in between would be timed with what it leaves behind
  const made = Array.from({ length: GARDENS }, (_, i) => {
    const model = randomProgramme(i + 1);
    const mine = timed(() => bestProgramme(model));
    own?.push(mine.ms);
    const ms = 'stuck' in mine.made ? null : moved(model, mine.made);
    if (ms !== null) moves?.push(ms);
    return { model, mine: mine.made };
  });
  made.forEach(({ model, mine }, i) => {
    const other = timed(() => byHighs(highs, model));
    his?.push(other.ms);
    if ('stuck' in mine) {
      if (other.made === null) equal++;
      return;
    }
    broken += brokenLimits(model, mine.rounds).length;
    if (other.made && compareAims(mine.aims, other.made) === 0) equal++;
    else process.stderr.write(`garden ${String(i + 1)}: ${JSON.stringify(mine.aims)} here, ${JSON.stringify(other.made)} by HiGHS\n`);
    if (!json && (i + 1) % 25 === 0) process.stderr.write(`${String(i + 1)} gardens\n`);
  });
  const line = {
    gardens: GARDENS,
    equalToHighs: equal,
    medianMs: round(median(own ?? [])),
    highsMedianMs: round(median(his ?? [])),
    worstMs: round(Math.max(...(own ?? []))),
    movedMs: round(Math.max(...(moves ?? []))),
    movedMedianMs: round(median(moves ?? [])),
    brokenLimits: broken,
    protectionMs: round(protectionMs()),
  };
  process.stdout.write(json ? `${JSON.stringify(line)}\n` : `${JSON.stringify(line, null, 1)}\n`);
}

void main();
