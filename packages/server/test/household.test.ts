import { X509Certificate } from 'node:crypto';
import { mkdtempSync, readFileSync, rmSync, statSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { connect } from 'node:tls';
import fc from 'fast-check';
import pino from 'pino';
import request from 'supertest';
import { passcodeFault, type Device } from '@sleetbrook/core/api';
import { createApp } from '../src/app';
import { fixedClock } from '../src/clock';
import type { Db } from '../src/db/db';
import { openDatabase } from '../src/db/open';
import { namesHere } from '../src/household/addresses';
import { announce } from '../src/household/announce';
import { certificateFor } from '../src/household/certificate';
import { GUESSES_A_MINUTE } from '../src/household/guard';
import { checkPasscode, hashPasscode } from '../src/household/hash';
import { householdOf, PAIRING_MS, takePasscode } from '../src/household/household';
import { secureSide } from '../src/household/start';
import { openKeys } from '../src/household/store';
import { drawWords, sameWords } from '../src/household/words';
import { workHere } from '../src/threads/jobs';
import { MIGRATIONS, NOW, planting } from './harness';

const folders: string[] = [];
const folder = () => {
  const f = mkdtempSync(join(tmpdir(), 'sleetbrook-household-'));
  folders.push(f);
  return f;
};
afterAll(() => folders.forEach((f) => rmSync(f, { recursive: true, force: true })));

const CODE = 'moss and stone';
const HEALTH = '/api/v1/health';
const DOOR = '/api/v1/door';
const open: { db: Db; close: () => void }[] = [];
afterEach(() => open.splice(0).forEach((o) => o.close()));

/** A house behind a passcode, with a clock of its own for words and devices. */
async function house(options: { passcodeIsOurs?: boolean; lines?: string[] } = {}) {
  const at = folder();
  const keys = openKeys(at);
  await takePasscode(keys, workHere, CODE, new Date());
  let now = new Date('2026-11-27T20:00:00Z');
  const household = householdOf({ keys, work: workHere, passcodeIsOurs: options.passcodeIsOurs ?? true, now: () => now });
  const db = openDatabase(at, MIGRATIONS);
  open.push({ db, close: () => (keys.close(), db.close()) });
  const log = pino({ level: 'info' }, { write: (line: string) => void options.lines?.push(line) });
  const context = { db, folder: at, migrations: MIGRATIONS, clock: fixedClock(new Date(NOW), db), log, demo: false, seed: 6, work: workHere };
  const app = createApp({ ...context, exchange: () => Promise.reject(new Error('not here')) }, { household, secureUrl: () => 'https://192.168.1.7:4174' });
  return { api: request(app), app, keys, household, folder: at, later: (ms: number) => (now = new Date(now.getTime() + ms)) };
}
type House = Awaited<ReturnType<typeof house>>;
const knock = (of: House, secret: string, name = 'Phone') => of.api.post(DOOR).send({ secret, name });
const cookieOf = (res: { headers: Record<string, unknown> }) => (res.headers['set-cookie'] as string[])[0]?.split(';')[0] ?? '';

describe('the passcode', () => {
  test('is long enough to be one', () => {
    expect(passcodeFault('1')).toMatch(/has 1 letters: take 8 or more/);
    expect(passcodeFault('1234567')).toMatch(/7 letters/);
    expect(passcodeFault('      1      ')).toMatch(/1 letters/);
    expect(passcodeFault('aaaaaaaaaaaa')).toMatch(/over and over/);
    expect(passcodeFault('12345678')).toBeNull();
    expect(passcodeFault('Moos Stein')).toBeNull();
  });

  test('is kept so that it can be checked and not read back (Argon2id, at least 19 MiB and two passes: OWASP)', async () => {
    const hash = await hashPasscode(CODE);
    const [, kind, version, cost] = hash.split('$');
    expect([kind, version]).toEqual(['argon2id', 'v=19']);
    const [, m, t] = /m=(\d+),t=(\d+)/.exec(cost ?? '') ?? [];
    expect(Number(m)).toBeGreaterThanOrEqual(19 * 1024);
    expect(Number(t)).toBeGreaterThanOrEqual(2);
    expect(await checkPasscode({ passcode: CODE, hash })).toBe(true);
    expect(await checkPasscode({ passcode: `${CODE} `, hash })).toBe(false);
    expect(await hashPasscode(CODE)).not.toBe(hash);
  });

  test('is guessed ten times a minute from one address and no more, the right one too must wait then', async () => {
    const of = await house();
    const tried = await Promise.all(Array.from({ length: 40 }, (_, i) => knock(of, `wrong ${i}`)));
    const looked = tried.filter((r) => r.status === 422).length;
    expect(looked).toBe(GUESSES_A_MINUTE);
    expect(tried.filter((r) => r.status === 429)).toHaveLength(40 - looked);
    const late = await knock(of, CODE);
    expect(late.status).toBe(429);
    expect(Number(late.headers['retry-after'])).toBeGreaterThan(0);
    expect(Number(late.headers['retry-after'])).toBeLessThanOrEqual(60);
    expect(late.headers['set-cookie']).toBeUndefined();
  });

  test('right ones are no guesses, and to be asked is none either', async () => {
    const of = await house();
    for (let i = 0; i < GUESSES_A_MINUTE + 3; i++) expect((await knock(of, CODE)).status).toBe(200);
    for (let i = 0; i < 30; i++) expect((await of.api.get(HEALTH)).status).toBe(401);
    for (let i = 0; i < 30; i++) expect((await of.api.post(DOOR).send({ secret: '', name: 'x' })).status).toBe(422);
    expect((await knock(of, CODE)).status).toBe(200);
  });

  test('what is wrong stands at its field, in the log without what was tried', async () => {
    const lines: string[] = [];
    const of = await house({ lines });
    expect((await knock(of, 'moss und stein')).body.errors).toEqual([
      { field: 'secret', message: expect.stringMatching(/^Neither the passcode nor the words/) },
    ]);
    expect((await of.api.post(DOOR).send({ secret: CODE, name: '' })).body.errors[0]).toMatchObject({ field: 'name' });
    await knock(of, CODE);
    const written = lines.map((l) => JSON.parse(l) as { msg: string; from: string });
    expect(written.map((l) => l.msg)).toEqual(['wrong passcode', 'a device was let in']);
    expect(lines.join()).not.toMatch(/moss/);
  });

  test('the one it is started with takes the place of the stored one and ends what that let in; the same one lets all stay', async () => {
    const of = await house();
    const cookie = cookieOf(await knock(of, CODE));
    await takePasscode(of.keys, workHere, CODE, new Date());
    expect((await of.api.get(HEALTH).set('Cookie', cookie)).status).toBe(200);
    await takePasscode(of.keys, workHere, 'fern and water', new Date());
    expect((await of.api.get(HEALTH).set('Cookie', cookie)).status).toBe(401);
    expect((await knock(of, CODE)).status).toBe(422);
    expect((await knock(of, 'fern and water')).status).toBe(200);
  });

  test('changed from a screen it needs the old one, turns every other device away, and keeps the one in hand', async () => {
    const of = await house();
    const [mine, other] = [cookieOf(await knock(of, CODE, 'Mine')), cookieOf(await knock(of, CODE, 'Other'))];
    const change = (now: string, next: string) => of.api.put(`${DOOR}/passcode`).set('Cookie', mine).send({ now, next });
    expect((await change('wrong one', 'fern and water')).body.errors[0]).toMatchObject({ field: 'now' });
    expect((await change(CODE, 'short')).body.errors[0]).toMatchObject({ field: 'next', message: expect.stringMatching(/5 letters/) });
    expect((await of.api.get(HEALTH).set('Cookie', other)).status).toBe(200);
    const done = await change(CODE, 'fern and water');
    expect(done.status).toBe(204);
    expect((await of.api.get(HEALTH).set('Cookie', other)).status).toBe(401);
    expect((await of.api.get(HEALTH).set('Cookie', mine)).status).toBe(401);
    const { body } = await of.api.get('/api/v1/devices').set('Cookie', cookieOf(done));
    expect((body as Device[]).map((d) => [d.name, d.here])).toEqual([['Mine', true]]);
    const fixed = await house({ passcodeIsOurs: false });
    const cookie = cookieOf(await knock(fixed, CODE));
    const refused = await fixed.api.put(`${DOOR}/passcode`).set('Cookie', cookie).send({ now: CODE, next: 'fern and water' });
    expect([refused.status, refused.body.detail]).toEqual([403, expect.stringMatching(/SLEETBROOK_PASSCODE/)]);
  });
});

describe('devices', () => {
  test('nothing of the garden is told or taken without a token, whichever address is asked', async () => {
    const of = await house();
    const p = planting();
    for (const path of ['/garden', '/plantings', '/snapshot', '/pulse', '/copies', '/garden-file', '/photos/x', '/openapi.json', '/devices', '/nowhere'])
      expect([path, (await of.api.get(`/api/v1${path}`)).status]).toEqual([path, 401]);
    expect((await of.api.put(`/api/v1/plantings/${p.id}`).send(p)).status).toBe(401);
    expect((await of.api.post('/api/v1/copies/file').send('x')).status).toBe(401);
    expect((await of.api.post('/api/v1/devices/words')).status).toBe(401);
    expect((await of.api.put(`${DOOR}/passcode`).send({ now: CODE, next: 'fern and water' })).status).toBe(401);
    await fc.assert(
      fc.asyncProperty(fc.stringMatching(/^[A-Za-z0-9_%.;=-]{0,60}$/), async (made) => {
        expect((await of.api.get(HEALTH).set('Cookie', `sleetbrook=${made}`)).status).toBe(401);
      }),
      { numRuns: 60 },
    );
  });

  test('each gets a long token of its own that no script reads and no other page sends, and of which only a digest is kept', async () => {
    const of = await house();
    const [a, b] = [await knock(of, CODE, 'Phone'), await knock(of, CODE, 'Laptop')];
    const header = (a.headers['set-cookie'] as unknown as string[])[0] ?? '';
    expect(header).toMatch(/^sleetbrook=[\w-]{43}; Max-Age=\d+; Path=\/; HttpOnly; SameSite=Strict$/);
    expect(cookieOf(a)).not.toBe(cookieOf(b));
    expect((await of.api.get(HEALTH).set('Cookie', cookieOf(a))).status).toBe(200);
    const bytes = Buffer.concat(['household.db', 'household.db-wal'].map((f) => readFileSync(join(of.folder, f)))).toString('latin1');
    expect(bytes).toContain('Laptop');
    for (const secret of [cookieOf(a).split('=')[1] ?? '', CODE]) expect(bytes).not.toContain(secret);
    expect(statSync(join(of.folder, 'household.db')).mode & 0o777).toBe(0o600);
    // the garden, and so every copy of it, holds no key
    expect(readFileSync(join(of.folder, 'sleetbrook.db')).toString('latin1')).not.toMatch(/argon2|token/);
  });

  test('are listed with when they were seen, turned away one by one, and go out by themselves', async () => {
    const of = await house();
    const [phone, laptop] = [cookieOf(await knock(of, CODE, 'Phone')), cookieOf(await knock(of, CODE, 'Laptop'))];
    of.later(3_600_000);
    await of.api.get(HEALTH).set('Cookie', laptop);
    const list = async (cookie: string) => (await of.api.get('/api/v1/devices').set('Cookie', cookie)).body as Device[];
    const [first, second] = await list(laptop);
    expect([first?.name, first?.here, first?.seenAt, second?.name, second?.here]).toEqual(['Laptop', true, '2026-11-27T21:00:00.000Z', 'Phone', false]);
    expect((await of.api.delete(`/api/v1/devices/${second?.id}`).set('Cookie', laptop)).status).toBe(204);
    expect((await of.api.delete(`/api/v1/devices/${second?.id}`).set('Cookie', laptop)).status).toBe(404);
    expect((await of.api.get(HEALTH).set('Cookie', phone)).status).toBe(401);
    const out = await of.api.delete(DOOR).set('Cookie', laptop);
    expect(out.status).toBe(204);
    expect((out.headers['set-cookie'] as unknown as string[])[0]).toMatch(/^sleetbrook=; Max-Age=0/);
    expect((await of.api.get(HEALTH).set('Cookie', laptop)).status).toBe(401);
  });

  test('are written down as seen once in five minutes, not with each request', async () => {
    const of = await house();
    const cookie = cookieOf(await knock(of, CODE));
    const seen = async () => ((await of.api.get('/api/v1/devices').set('Cookie', cookie)).body as Device[])[0]?.seenAt;
    const first = await seen();
    of.later(4 * 60_000);
    expect(await seen()).toBe(first);
    of.later(61_000);
    await seen();
    expect(await seen()).toBe('2026-11-27T20:05:01.000Z');
  });

  test('words let one device in, once, for ten minutes, however they are written', async () => {
    const of = await house();
    const cookie = cookieOf(await knock(of, CODE));
    const draw = async () =>
      (await of.api.post('/api/v1/devices/words').set('Cookie', cookie).expect(201)).body as { words: string; url: string; rows: string[] };
    const first = await draw();
    expect(first.words).toMatch(/^[a-z]+ [a-z]+ [a-z]+$/);
    expect(first.url).toBe(`https://192.168.1.7:4174/door#${first.words.split(' ').join('-')}`);
    expect((await knock(of, ` ${first.words.toUpperCase().split(' ').join('-')} `)).status).toBe(200);
    expect((await knock(of, first.words)).status).toBe(422);
    // only the last ones count
    const [second, third] = [await draw(), await draw()];
    expect((await knock(of, second.words)).status).toBe(422);
    const both = await Promise.all([knock(of, third.words), knock(of, third.words)]);
    expect(both.map((r) => r.status).sort()).toEqual([200, 422]);
    const late = await draw();
    of.later(PAIRING_MS);
    expect((await knock(of, late.words)).status).toBe(422);
  });

  test('the door says how it stands to whoever asks', async () => {
    const of = await house();
    expect((await of.api.get(DOOR)).body).toEqual({ guarded: true, in: false, encrypted: false, better: 'https://192.168.1.7:4174', passcodeIsOurs: true });
    expect((await of.api.get(DOOR).set('Cookie', cookieOf(await knock(of, CODE)))).body).toMatchObject({ in: true });
  });

  test('where only this machine may come in there is nothing to knock at', async () => {
    const at = folder();
    const db = openDatabase(at, MIGRATIONS);
    open.push({ db, close: () => db.close() });
    const context = {
      db,
      folder: at,
      migrations: MIGRATIONS,
      clock: fixedClock(new Date(NOW), db),
      log: pino({ level: 'silent' }),
      demo: false,
      seed: 6,
      work: workHere,
    };
    const api = request(createApp({ ...context, exchange: () => Promise.reject(new Error('not here')) }));
    expect((await api.get(DOOR)).body).toMatchObject({ guarded: false, in: true, better: null });
    expect((await api.get('/api/v1/devices')).body).toEqual([]);
    for (const res of [await api.post(DOOR).send({ secret: CODE, name: 'x' }), await api.post('/api/v1/devices/words')])
      expect([res.status, res.body.detail]).toEqual([403, expect.stringMatching(/npm start -- --household/)]);
  });
});

describe('words', () => {
  test('are drawn from thousands, and mean the same however they are typed', () => {
    const drawn = new Set(Array.from({ length: 400 }, () => drawWords(1)));
    expect(drawn.size).toBeGreaterThan(350);
    expect(drawWords(6).split(' ')).toHaveLength(6);
    for (const w of drawn) expect(w).toMatch(/^[a-z]{3,7}$/);
    expect(['heron moss ladder', ' Heron-Moss  LADDER', 'heron. moss, ladder'].map(sameWords)).toEqual(Array(3).fill('heron moss ladder'));
  });
});

describe('the certificate', () => {
  const HOSTS = ['192.168.1.7', 'gardenbox.local', 'localhost', '127.0.0.1'];

  test('serves every name of the house, is vouched for by one that can vouch for no more, and its signing key is nowhere', async () => {
    const at = folder();
    const made = await certificateFor(at, HOSTS);
    const [own, root] = [new X509Certificate(made.cert), new X509Certificate(made.root)];
    expect(own.checkIP('192.168.1.7')).toBe('192.168.1.7');
    expect(own.checkHost('gardenbox.local')).toBe('gardenbox.local');
    expect(own.checkHost('bank.example')).toBeUndefined();
    expect([own.ca, root.ca, own.checkIssued(root), own.verify(root.publicKey)]).toEqual([false, true, true, true]);
    // phones take no longer one
    expect(Date.parse(own.validTo) - Date.now()).toBeLessThan(825 * 86_400_000);
    expect(root.publicKey.equals(own.publicKey)).toBe(false);
    for (const f of ['household-key.pem', 'household-cert.pem', 'household-root.pem']) expect(statSync(join(at, f)).mode & 0o077).toBe(0);
    expect(readFileSync(join(at, 'household-key.pem'), 'utf8').match(/BEGIN/g)).toHaveLength(1);
  });

  test('stays the same from start to start, and is made anew for a new address, before its end, and when it is spoilt', async () => {
    const at = folder();
    const first = await certificateFor(at, HOSTS);
    const again = await certificateFor(at, HOSTS.slice(0, 2));
    expect([first.fresh, again.fresh, again.cert]).toEqual([true, false, first.cert]);
    expect((await certificateFor(at, [...HOSTS, '192.168.1.9'])).fresh).toBe(true);
    const soon = new Date(Date.now() + 800 * 86_400_000);
    expect((await certificateFor(at, HOSTS, soon)).fresh).toBe(true);
  });

  test('is made anew as a whole when a part of it is missing', async () => {
    for (const part of ['household-key.pem', 'household-cert.pem', 'household-root.pem']) {
      const at = folder();
      const first = await certificateFor(at, HOSTS);
      rmSync(join(at, part));
      const again = await certificateFor(at, HOSTS);
      expect([part, again.fresh, again.root === first.root]).toEqual([part, true, false]);
      expect(new X509Certificate(again.cert).checkIssued(new X509Certificate(again.root))).toBe(true);
    }
  });

  test('a device that was told to trust it comes in over an encrypted line, with a cookie that stays there', async () => {
    const of = await house();
    const certificate = await certificateFor(of.folder, HOSTS);
    const side = secureSide(certificate, '127.0.0.1', 0, of.app);
    expect(side.url()).toBeNull();
    await new Promise<void>((r) => side.server.listen(0, '127.0.0.1', r));
    try {
      const api = request.agent(side.url() ?? '', { ca: certificate.root } as never);
      const res = await api.post(DOOR).send({ secret: CODE, name: 'Phone' });
      expect([res.status, res.body.encrypted, res.body.better]).toEqual([200, true, null]);
      expect((res.headers['set-cookie'] as unknown as string[])[0]).toMatch(
        /^__Host-sleetbrook=[\w-]{43}; Max-Age=\d+; Path=\/; HttpOnly; Secure; SameSite=Strict$/,
      );
      // a cookie of the plain side is none here
      const plain = cookieOf(await knock(of, CODE));
      const asked = await request(side.url() ?? '')
        .get(HEALTH)
        .ca(certificate.root as never)
        .set('Cookie', plain);
      expect(asked.status).toBe(401);
      const untold = new Promise((resolve) => {
        const socket = connect({ host: '127.0.0.1', port: Number(new URL(side.url() ?? '').port), servername: 'localhost' }, () => resolve('trusted'));
        socket.on('error', (e: NodeJS.ErrnoException) => resolve(e.code));
      });
      expect(await untold).toMatch(/SELF_SIGNED|UNABLE_TO/);
    } finally {
      await new Promise((r) => side.server.close(r));
    }
  });
});

describe('what is printed for the household', () => {
  test('addresses of the home network come first, those of no network not at all', () => {
    const v4 = (address: string, internal = false) => ({ address, internal, family: 'IPv4' as const, netmask: '', mac: '', cidr: null });
    const all = { lo: [v4('127.0.0.1', true)], a: [v4('100.64.0.3')], b: [v4('192.168.1.7')], c: [v4('169.254.9.9')] };
    expect(namesHere(all, 'GardenBox.home')).toEqual({ addresses: ['192.168.1.7', '100.64.0.3'], names: ['gardenbox.local', 'gardenbox'] });
    expect(namesHere({}, 'häuschen')).toEqual({ addresses: [], names: [] });
  });

  test('the code leads to the door with the words behind a #, the passcode is shown only when it was drawn, and what does not work is said', async () => {
    const { root } = await certificateFor(folder(), ['127.0.0.1']);
    const of = { secure: 'https://192.168.1.7:4174', plain: 'http://192.168.1.7:4173', words: 'heron moss ladder', root, fresh: true };
    const first = await announce({ ...of, drawn: 'one two three four five six' });
    expect(first).toContain('  one two three four five six');
    expect(first).toContain('type: heron moss ladder');
    expect(first).toContain('http://192.168.1.7:4173/household.crt');
    expect(first).toMatch(/works without encryption: then anybody on your network can read along/);
    expect(first).toMatch(/[▀▄█]/);
    expect(await announce({ ...of, drawn: null })).not.toMatch(/passcode/);
  });
});
