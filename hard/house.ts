import { spawnSync } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { join } from 'node:path';
import { plantingNamed, READS } from './garden';
import { Server } from './server';

/** A second server on the folder of one that is being written to: whether it is turned away in one line, and the first goes on. */
export async function twoServers(): Promise<boolean> {
  const first = await new Server().start();
  const statuses = new Set<number>();
  let going = true;
  const writing = (async () => {
    while (going) {
      const p = plantingNamed(randomUUID());
      statuses.add((await first.ask('PUT', `/plantings/${p.id}`, p)).status);
    }
  })();
  const said = await new Server({ SLEETBROOK_DATA: first.folder }).refused();
  going = false;
  await writing;
  await first.stop();
  const turnedAway = /^Another Sleetbrook has the folder [^\n]*$/.test(said);
  if (!turnedAway || statuses.size !== 1 || !statuses.has(200))
    process.stderr.write(`second server: ${said || 'LET IN'}; the first answered ${[...statuses].join()}\n`);
  return turnedAway && statuses.size === 1 && statuses.has(200);
}

/** The machine's clock set a month back and forth again: nothing is refused to be read, no wait is shorter, and all is as it was. */
export async function clockBack(): Promise<boolean> {
  const server = await new Server({ SLEETBROOK_DEMO: '1' }).start();
  const all = () => Promise.all(READS.map((path) => server.ask('GET', path)));
  const told = async () => JSON.stringify(await Promise.all((await all()).map((r) => r.json())));
  const waits = async () => (await server.read<{ notToEat: { until: string | null }[] }>('/today')).notToEat.map((w) => w.until);
  const [before, waited] = [await told(), await waits()];
  await server.kill();
  server.env = { SLEETBROOK_NOW: '2026-04-24T18:10:00Z', SLEETBROOK_CLOCK: 'running' };
  await server.start();
  const statuses = (await all()).map((r) => r.status);
  const then = await waits();
  const p = plantingNamed(randomUUID());
  const written = (await server.ask('PUT', `/plantings/${p.id}`, p)).status;
  await server.ask('DELETE', `/plantings/${p.id}`);
  await server.kill();
  server.env = { SLEETBROOK_DEMO: '1' };
  await server.start();
  const after = await told();
  await server.stop();
  const held = statuses.every((s) => s === 200) && waited.every((w) => then.includes(w)) && written === 200 && before === after;
  if (!held)
    process.stderr.write(`clock back: ${statuses.join()} ${written}, waits ${waited.join()} then ${then.join()}, ${before === after ? 'same' : 'OTHER'}\n`);
  return held;
}

/**
 * Writes until the disk is full: what was confirmed is there, the rest was refused in words.
 * @returns how many confirmed ones are gone; null where this machine lends no small disk
 */
export function diskFull(): number | null {
  const done = spawnSync('unshare', ['-r', '-m', process.execPath, '--import', 'tsx', join(__dirname, 'small-disk.ts')], { encoding: 'utf8' });
  const m = /^lost (\d+)$/m.exec(done.stdout ?? '');
  if (done.stderr) process.stderr.write(done.stderr);
  return m ? Number(m[1]) : null;
}
