import { gzipSync } from 'node:zlib';
import { encode } from 'jpeg-js';
import { randomUUID } from 'node:crypto';
import { randomFrom, watchLoop, type Server } from './server';

const HEAD = 'at,temperatureC,humidityPct,windMs,rainMm,cloud';
const hours = (n: number) =>
  [HEAD, ...Array.from({ length: n }, (_, i) => `${new Date(Date.UTC(2016, 0, 1) + i * 3_600_000).toISOString()},${i % 25},70,1.8,0,0.6`)].join('\n');
const LOOK = randomUUID();

interface Attack {
  readonly what: string;
  readonly path: string;
  readonly method: 'PUT' | 'POST';
  readonly type: string;
  readonly body: Uint8Array | string;
}

function noise(width: number, height: number, quality: number): Buffer {
  const { next } = randomFrom(width);
  const data = Buffer.alloc(width * height * 4);
  for (let i = 0; i < data.length; i++) data[i] = next() * 256;
  return Buffer.from(encode({ data, width, height }, quality).data);
}

/** Files that bomb, break off, claim to be what they are not, or are only very large. */
function attacks(count: number): Attack[] {
  const { next, upTo } = randomFrom(5);
  const photo = (what: string, body: Uint8Array): Attack => ({
    what,
    method: 'PUT',
    path: `/photos/${randomUUID()}?lookId=${LOOK}&takenAt=2026-05-24T18:00:00.000Z`,
    type: 'image/jpeg',
    body,
  });
  const weather = (what: string, body: string): Attack => ({ what, method: 'PUT', path: '/weather/file', type: 'text/csv', body });
  const sheets = (what: string, text: string, to = 'file'): Attack => ({
    what,
    method: 'POST',
    path: `/sheets/${to}`,
    type: 'application/json',
    body: JSON.stringify({ text }),
  });
  const picture = noise(320, 240, 70);
  const claims = (w: number, h: number) => {
    const b = Buffer.from(picture);
    const at = b.indexOf(Buffer.from([0xff, 0xc0]));
    b.writeUInt16BE(h, at + 5);
    b.writeUInt16BE(w, at + 7);
    return b;
  };
  const list: Attack[] = [
    photo('claims 7740 x 7740', claims(7740, 7740)),
    photo('claims 65535 x 65535', claims(65535, 65535)),
    photo('claims 65535 x 1', claims(65535, 1)),
    photo('claims 0 x 0', claims(0, 0)),
    photo('claims 1700 x 1700, holds little', claims(1700, 1700)),
    photo('12 megapixels', noise(4000, 3000, 40)),
    photo('3 megapixels', noise(2000, 1490, 60)),
    photo('eight megapixels', noise(3264, 2448, 40)),
    photo('as large as the app sends', noise(1600, 1600, 60)),
    photo('polyglot: a page', Buffer.concat([picture, Buffer.from('<script>alert(1)</script>')])),
    photo('nine megabytes of nothing', Buffer.concat([Buffer.from([0xff, 0xd8, 0xff]), Buffer.alloc(9_000_000)])),
    weather('ten years', hours(87_000)),
    weather('commas', ','.repeat(3_900_000)),
    weather('one line', `${HEAD}\n${'1'.repeat(3_900_000)}`),
    weather('quotes', `${HEAD}\n"${'""'.repeat(1_900_000)}`),
    weather('faults in every line', [HEAD, ...Array.from({ length: 60_000 }, () => 'x,y,z,1,2,3')].join('\n')),
    sheets('brackets', '['.repeat(5000)),
    sheets('a thousand faulty sheets', JSON.stringify({ sheets: Array.from({ length: 3000 }, (_, i) => ({ id: i })) })),
    sheets('four megabytes of one word', JSON.stringify({ sheets: [{ id: 'x'.repeat(4_000_000) }] })),
    sheets('rates of commas', ','.repeat(3_900_000), 'rates'),
    sheets('rates in every line', `control,rate\n${'a,b\n'.repeat(300_000)}`, 'rates'),
  ];
  while (list.length < count) {
    const cut = picture.subarray(0, Math.max(4, upTo(picture.length)));
    const flipped = Buffer.from(picture);
    for (let n = 0; n < 20; n++) flipped[upTo(flipped.length)] = upTo(256);
    flipped[0] = 0xff;
    flipped[1] = 0xd8;
    flipped[2] = 0xff;
    const kind = next();
    list.push(
      kind < 0.35
        ? photo('cut off', cut)
        : kind < 0.7
          ? photo('flipped', flipped)
          : kind < 0.85
            ? weather('cut off', hours(400).slice(0, upTo(9000)))
            : sheets('cut off', JSON.stringify({ sheets: [{ id: 'own-x', version: 1, name: 'x' }] }).slice(0, upTo(50))),
    );
  }
  return list;
}

/** @returns how many, answers of 500 and above, how long the loop was held at most, and the most memory */
export async function files(server: Server, count: number): Promise<{ files: number; status5xx: number; loopMaxMs: number; rssMaxMb: number | null }> {
  let status5xx = 0;
  let loopMaxMs = 0;
  const list = attacks(count);
  let stop = await watchLoop(server);
  for (const [i, a] of list.entries()) {
    const before = server.mostMb() ?? 0;
    const response = await server.ask(a.method, a.path, a.body, a.type);
    await response.arrayBuffer();
    if (response.status >= 500) {
      status5xx++;
      process.stderr.write(`${response.status} ${a.what}\n`);
    }
    const most = server.mostMb() ?? 0;
    if (most > before + 40) process.stderr.write(`${before} to ${most} MB: ${a.what}\n`);
    // the known attacks one by one, the spoiled ones by the dozen
    if (i >= 18 && i % 24 !== 0 && i < list.length - 1) continue;
    const held = await stop();
    stop = await watchLoop(server);
    if (held > 100) process.stderr.write(`held ${held} ms: ${a.what} (${response.status})\n`);
    loopMaxMs = Math.max(loopMaxMs, held);
  }
  // forty heavy ones at once, and one that says it is squeezed and is not
  const heavy = Buffer.concat([noise(1200, 900, 95), Buffer.alloc(8_000_000)]);
  const many = await Promise.all(
    Array.from({ length: 40 }, () =>
      server
        .ask('PUT', `/photos/${randomUUID()}?lookId=${randomUUID()}&takenAt=2026-05-24T18:00:00.000Z`, heavy, 'image/jpeg')
        .then(async (r) => (await r.arrayBuffer(), r.status)),
    ),
  );
  const held = await stop();
  if (held > 100) process.stderr.write(`held ${held} ms: forty heavy ones at once\n`);
  loopMaxMs = Math.max(loopMaxMs, held);
  status5xx += many.filter((s) => s >= 500).length;
  for (const [encoding, body] of [
    ['gzip', Buffer.from('not squeezed')],
    ['gzip', gzipSync(Buffer.alloc(50_000_000))],
  ] as const) {
    const r = await fetch(`${server.base}/api/v1/garden`, {
      method: 'PUT',
      headers: { 'Content-Type': 'application/json', 'Content-Encoding': encoding },
      body,
    });
    if (r.status >= 500) status5xx++;
  }
  return { files: list.length + many.length + 2, status5xx, loopMaxMs, rssMaxMb: server.mostMb() };
}
