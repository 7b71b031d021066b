import { spawn } from 'node:child_process';
import { constants, setPriority } from 'node:os';
import { join } from 'node:path';
import { quiet, root } from './lib.mjs';

const TICK_MS = 30_000;

/** A package's command, started by itself: npx takes a second for each. */
export const bin = (name) => join(root, 'node_modules', '.bin', name);

/** Runs a command; every half minute without its end a line says what goes on, and how long it usually takes. */
function runStep({ name, command, args, usually, env = {}, held = false, last = false }) {
  const started = Date.now();
  return new Promise((resolve) => {
    const child = spawn(command, args, { cwd: root, env: { ...quiet, ...env }, stdio: ['ignore', held ? 'pipe' : 'inherit', held ? 'pipe' : 'inherit'] });
    // whoever waits goes last: what it runs beside is timed by people's patience
    if (last && child.pid) setPriority(child.pid, constants.priority.PRIORITY_LOW);
    const said = [];
    child.stdout?.on('data', (d) => said.push(String(d)));
    child.stderr?.on('data', (d) => said.push(String(d)));
    const tick = held
      ? undefined
      : setInterval(() => {
          const s = Math.round((Date.now() - started) / 1000);
          process.stdout.write(`… ${name}: ${s} s${usually ? ` (usually about ${usually} s on two cores)` : ''}\n`);
        }, TICK_MS);
    const end = (ok) => {
      clearInterval(tick);
      resolve({ name, ok, seconds: Math.round((Date.now() - started) / 1000), said: said.join('') });
    };
    child.on('error', () => end(false));
    child.on('exit', (code) => end(code === 0));
  });
}

/** One step, its output as it comes. */
export const step = (s) => runStep(s);

/** One step whose output is kept together and printed at its end. */
async function heldStep(s) {
  const result = await runStep({ ...s, held: true });
  process.stdout.write(`${result.ok ? '' : 'FAILED '}${s.name} (${result.seconds} s)\n${result.said}`);
  return result;
}

/** Steps side by side, `lanes` at a time; the output of each is kept together and printed at its end. */
export async function sideBySide(steps, lanes) {
  const left = [...steps];
  const done = [];
  const lane = async () => {
    for (let s = left.shift(); s; s = left.shift()) done.push(await heldStep(s));
  };
  await Promise.all(Array.from({ length: lanes }, lane));
  return done;
}

/** One step as it goes, and others one after the other beside it, in the time it leaves. All are waited for. */
export async function stepBeside(main, others) {
  const [done, beside] = await Promise.all([
    step(main),
    sideBySide(
      others.map((s) => ({ ...s, last: true })),
      1,
    ),
  ]);
  return [done, ...beside];
}
