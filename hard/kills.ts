import { randomUUID } from 'node:crypto';
import { plantingNamed } from './garden';
import { Server } from './server';

/** Ends the server the hard way again and again in the middle of writes; what it confirmed must be there each time, and whole. */
export async function kills(rounds: number): Promise<{ kills: number; lost: number; confirmed: number }> {
  const server = await new Server().start();
  const confirmed = new Set<string>();
  let lost = 0;
  for (let n = 0; n < rounds; n++) {
    const writer = async () => {
      for (;;) {
        const p = plantingNamed(randomUUID());
        const response = await server.ask('PUT', `/plantings/${p.id}`, p);
        if (response.ok) confirmed.add(p.id);
      }
    };
    const writers = [1, 2, 3].map(() => writer().catch(() => undefined));
    await new Promise((r) => setTimeout(r, 40 + (n % 7) * 15));
    await server.kill();
    await Promise.all(writers);
    await server.start();
    const there = new Set((await server.read<{ id: string }[]>('/plantings')).map((p) => p.id));
    lost = [...confirmed].filter((id) => !there.has(id)).length;
    if (lost > 0) break;
  }
  await server.stop();
  return { kills: rounds, lost, confirmed: confirmed.size };
}
