import { execFileSync } from 'node:child_process';
import { existsSync, mkdtempSync, readFileSync, rmSync, symlinkSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';

/**
 * Holds the catalogue of another commit against this one, field by field, and prints what is gone, new and changed,
 * each with the reason that docs/catalogue-changes.csv gives for it. What is gone or changed without a reason ends it
 * with 1.
 *
 *     npm run -s catalogue:compare -- COMMIT [--all]
 */
const root = fileURLToPath(new URL('..', import.meta.url));
const [ref, ...flags] = process.argv.slice(2);
if (!ref) throw new Error('name a commit to compare with');

type Json = null | boolean | number | string | Json[] | { [key: string]: Json };

/** What core makes of its entries, whatever they are written in. */
function dump(at: string): { [list: string]: Json } {
  const core = join(at, 'packages/core/src');
  const script = join(at, 'dump-catalogue.ts');
  const courses = existsSync(join(core, 'catalogue/made/courses.ts')) ? 'catalogue/made/courses' : 'catalogue/controls/courses';
  writeFileSync(
    script,
    `import { CONTROLS, HELPERS, HOSTS, LOOK_ALIKES, SIGNS, TROUBLES } from '${core}/catalogue';
import { COURSES } from '${core}/${courses}';
import { SHEETS } from '${core}/label/sheets';
process.stdout.write(JSON.stringify({ troubles: TROUBLES, helpers: HELPERS, 'look-alikes': LOOK_ALIKES, signs: SIGNS, hosts: HOSTS, sheets: SHEETS, controls: CONTROLS.map((c) => ({ ...c, course: COURSES[c.id] ?? null })) }));`,
  );
  try {
    return JSON.parse(
      execFileSync('npx', ['--no-install', 'tsx', script], { cwd: at, encoding: 'utf8', maxBuffer: 1 << 28, stdio: ['ignore', 'pipe', 'inherit'] }),
    );
  } finally {
    rmSync(script);
  }
}

/** Lists of things that have a name of their own are compared by it, not by where they stand. */
const keyed = (x: Json): Json => {
  if (!Array.isArray(x)) return x;
  const key = (['id', 'control', 'stage', 'crop', 'what'] as const).find(
    (k) => x.length > 0 && x.every((e) => e && typeof e === 'object' && !Array.isArray(e) && typeof e[k] === 'string'),
  );
  if (key) return Object.fromEntries(x.map((e) => [(e as { [k: string]: string })[key] ?? '', e]));
  return x.every((e) => typeof e === 'string') ? Object.fromEntries(x.map((e) => [e, true])) : x;
};

type Change = { readonly path: string; readonly was?: Json; readonly is?: Json };
function changes(path: string, a: Json | undefined, b: Json | undefined): Change[] {
  const [was, is] = [a === undefined ? a : keyed(a), b === undefined ? b : keyed(b)];
  if (was && is && typeof was === 'object' && typeof is === 'object')
    return [...new Set([...Object.keys(was), ...Object.keys(is)])].flatMap((k) =>
      changes(`${path}/${k}`, (was as { [k: string]: Json })[k], (is as { [k: string]: Json })[k]),
    );
  return was === is ? [] : [{ path, ...(was === undefined ? {} : { was }), ...(is === undefined ? {} : { is }) }];
}

/** `path,reason`: the path with * for any step, or for all the rest at its end. */
const reasons = readFileSync(join(root, 'docs/catalogue-changes.csv'), 'utf8')
  .split('\n')
  .slice(1)
  .filter(Boolean)
  .map((line) => {
    const [path = '', ...why] = line.split(',');
    return { path: path.split('/'), why: why.join(',').trim() };
  });
const reasonOf = (path: string) => {
  const steps = path.split('/');
  return reasons.find(
    (r) =>
      r.path.every((p, i) => p === '*' || p === steps[i] || p.split('|').includes(steps[i] ?? '')) && (r.path.length === steps.length || r.path.at(-1) === '*'),
  )?.why;
};

const there = mkdtempSync(join(tmpdir(), 'catalogue-'));
try {
  execFileSync('git', ['worktree', 'add', '--detach', there, ref], { cwd: root, stdio: 'ignore' });
  symlinkSync(join(root, 'node_modules'), join(there, 'node_modules'));
  const [was, is] = [dump(there), dump(root)];
  let silent = 0;
  for (const list of Object.keys(is)) {
    const found = changes(list, was[list], is[list]);
    const isNew = (c: Change) => c.was === undefined;
    const gone = found.filter((c) => c.is === undefined);
    const other = found.filter((c) => !isNew(c) && c.is !== undefined);
    process.stdout.write(`${list}: ${found.filter(isNew).length} new fields, ${gone.length} gone, ${other.length} changed\n`);
    for (const c of flags.includes('--all') ? found : [...gone, ...other]) {
      const why = isNew(c) ? 'new' : reasonOf(c.path);
      if (!why) silent++;
      process.stdout.write(`  ${c.path}: ${JSON.stringify(c.was)?.slice(0, 120)} -> ${JSON.stringify(c.is)?.slice(0, 120)} | ${why ?? 'NO REASON'}\n`);
    }
  }
  process.stdout.write(`${silent} without a reason\n`);
  process.exitCode = silent === 0 ? 0 : 1;
} finally {
  execFileSync('git', ['worktree', 'remove', '--force', there], { cwd: root, stdio: 'ignore' });
}
