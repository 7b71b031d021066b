import { spawnSync } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { plantingNamed } from './garden';
import { Server } from './server';

/** Run in a place of mounts of its own: a disk of some megabytes, and a server on it. */
async function main(): Promise<void> {
  const disk = mkdtempSync(join(tmpdir(), 'sleetbrook-small-'));
  const mounted = spawnSync('mount', ['-t', 'tmpfs', '-o', 'size=3m', 'none', disk]);
  if (mounted.status !== 0) return;
  const server = await new Server({ SLEETBROOK_DATA: join(disk, 'garden') }).start();
  const confirmed = new Set<string>();
  const statuses = new Map<number, number>();
  // notes are long: a disk fills in some thousand writes
  for (let n = 0; n < 20_000 && (statuses.get(507) ?? 0) < 20; n++) {
    const p = { ...plantingNamed(randomUUID()), place: 'x'.repeat(80), name: `Peas ${'y'.repeat(70)}` };
    const r = await server.ask('PUT', `/plantings/${p.id}`, p);
    await r.arrayBuffer();
    statuses.set(r.status, (statuses.get(r.status) ?? 0) + 1);
    if (r.ok) confirmed.add(p.id);
  }
  // a copy has no room either; reading goes on
  const copy = (await server.ask('POST', '/copies')).status;
  const read = (await server.ask('GET', '/plantings')).status;
  await server.kill();
  await server.start();
  const there = new Set((await server.read<{ id: string }[]>('/plantings')).map((p) => p.id));
  await server.stop();
  const lost = [...confirmed].filter((id) => !there.has(id)).length;
  const odd = [...statuses.keys()].filter((s) => s !== 200 && s !== 507);
  if (odd.length > 0 || !statuses.has(507) || copy !== 507 || read !== 200)
    process.stderr.write(`full disk: answers ${JSON.stringify([...statuses])}, a copy ${copy}, a read ${read}\n`);
  process.stdout.write(`lost ${odd.length > 0 || !statuses.has(507) ? confirmed.size : lost}\n`);
}

void main();
