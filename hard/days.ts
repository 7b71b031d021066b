import { spawnSync } from 'node:child_process';
import { existsSync, readFileSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { OUT } from './season/out';

/** A season of two hundred days on the real interface: how many rounds were due, and how many stood on Today on their day. */
export function seasonDays(): { seasonDays: number; seasonRounds: number; seasonMissing: number } {
  rmSync(OUT, { force: true });
  spawnSync('npx', ['--no-install', 'playwright', 'test', '-c', join(__dirname, 'season/season.config.ts')], { stdio: ['ignore', 2, 2] });
  if (!existsSync(OUT)) return { seasonDays: 0, seasonRounds: 0, seasonMissing: 1 };
  const made = JSON.parse(readFileSync(OUT, 'utf8')) as { days: number; rounds: number; missing: string[]; broke: string[] };
  rmSync(OUT, { force: true });
  return { seasonDays: made.days, seasonRounds: made.rounds, seasonMissing: made.missing.length + made.broke.length };
}
