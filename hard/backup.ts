import { execFileSync } from 'node:child_process';
import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { READS } from './garden';
import { Server } from './server';

const all = async (server: Server) => JSON.stringify(await Promise.all(READS.map((p) => server.read(p))));

/** A copy that is taken away, put into the place of another garden, and holds what the first one held; then taken back. */
export async function backup(): Promise<boolean> {
  const first = await new Server({ SLEETBROOK_DEMO: '1' }).start();
  const held = await all(first);
  const made = (await (await first.ask('POST', '/copies')).json()) as { name: string };
  const bytes = Buffer.from(await (await first.ask('GET', `/copies/${made.name}`)).arrayBuffer());
  await first.stop();

  const second = await new Server().start();
  const file = join(second.folder, 'taken-away.db');
  writeFileSync(file, bytes);
  const before = await all(second);
  await second.kill();
  const MAIN = join(__dirname, '../packages/server/dist/main.js');
  // says what it holds, and changes nothing
  execFileSync(process.execPath, [MAIN], {
    env: { PATH: process.env['PATH'] ?? '', LOG_LEVEL: 'silent', SLEETBROOK_DATA: second.folder, SLEETBROOK_RESTORE: file },
  });
  await second.start();
  const looked = (await all(second)) === before;
  await second.kill();
  const restored = await new Restored(second, file).start();
  const same = (await all(restored)) === held;
  await restored.stop();
  return looked && same;
}

/** The second one, started with the copy in hand. */
class Restored extends Server {
  constructor(of: Server, file: string) {
    super({ SLEETBROOK_DATA: of.folder, SLEETBROOK_RESTORE: file, SLEETBROOK_RESTORE_YES: '1' });
  }
}
