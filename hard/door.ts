import { request } from 'node:http';
import { Server } from './server';

/** A request with a Host of one's own: what a name that was made to lead here would send (DNS rebinding). */
const withHost = (base: string, host: string, method = 'GET', path = '/api/v1/garden'): Promise<number> =>
  new Promise((resolve, reject) => {
    const { hostname, port } = new URL(base);
    const r = request({ hostname, port, path, method, headers: { Host: host } }, (res) => {
      res.resume();
      res.once('end', () => resolve(res.statusCode ?? 0));
    });
    r.once('error', reject);
    r.end();
  });

/** Whether a page under another name gets in, by reading or by writing. */
export async function rebinding(server: Server): Promise<boolean> {
  const hosts = ['evil.example', 'garden.evil.example:80', 'localhost.evil.example', '127.0.0.1.evil.example', 'x'.repeat(3000), '169.254.169.254'];
  const answers = await Promise.all(hosts.flatMap((h) => [withHost(server.base, h), withHost(server.base, h, 'DELETE', '/api/v1/plantings/x')]));
  // a name that is longer than a head may be never gets as far as the door
  const refused = answers.every((s) => s === 421 || s === 400 || s === 431);
  if (!refused) process.stderr.write(`host names answered ${answers.join()}\n`);
  return refused;
}

/** How many wrong passcodes are looked at in a minute from one address, by whoever sends as many as go. */
export async function guesses(): Promise<number> {
  const server = await new Server({ SLEETBROOK_PASSCODE: 'moss and stone' }).start();
  let looked = 0;
  await Promise.all(
    Array.from({ length: 400 }, async (_, i) => {
      const r = await server.ask('POST', '/door', { secret: `guess number ${i}`, name: 'Somebody' });
      if (r.status === 422) looked++;
    }),
  );
  await server.stop();
  return looked;
}
