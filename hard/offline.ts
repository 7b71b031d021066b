import { spawnSync } from 'node:child_process';
import { existsSync, readFileSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { OUT } from './offline/out';

/** Every write by every way of being lost, on the real interface. A case that broke off before it was counted is lost, too. */
export function offline(): { offlineCases: number; offlineLost: number; doubled: number } {
  rmSync(OUT, { force: true });
  const config = join(__dirname, 'offline/offline.config.ts');
  const list = spawnSync('npx', ['--no-install', 'playwright', 'test', '-c', config, '--list'], { encoding: 'utf8' });
  const wanted = Number(/Total: (\d+) tests/.exec(list.stdout)?.[1] ?? 0);
  spawnSync('npx', ['--no-install', 'playwright', 'test', '-c', config], { stdio: ['ignore', 2, 2] });
  const cases = existsSync(OUT)
    ? readFileSync(OUT, 'utf8')
        .trim()
        .split('\n')
        .map((l) => JSON.parse(l) as { case: string; times: number; there: boolean })
    : [];
  rmSync(OUT, { force: true });
  return { offlineCases: wanted, offlineLost: wanted - cases.filter((c) => c.times >= 1 && c.there).length, doubled: cases.filter((c) => c.times > 1).length };
}
