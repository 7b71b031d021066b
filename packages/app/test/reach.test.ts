import 'fake-indexeddb/auto';
import { IDBFactory } from 'fake-indexeddb';
import {
  caseSchema,
  freshLap,
  lookSchema,
  plantingSchema,
  sprayerSchema,
  treatmentSchema,
  type CaseDetail,
  type Planting,
  type Sprayer,
} from '@sleetbrook/core/api';
import { z } from 'zod';
import corePackage from '../../core/package.json';
import { send } from '../src/reach/wire';
import { BEANS, houseOnTheWire, id, NOW, type Way } from './reach-house';

type Client = typeof import('../src/api/client');
type Reach = typeof import('../src/reach/reach');
type Sender = typeof import('../src/reach/sender');
type Hands = typeof import('../src/reach/hands');

let house: ReturnType<typeof houseOnTheWire>;
let app: Client & Reach & Sender & Hands;

/** What remembers nothing from one opening of the page to the next is read once: it takes seconds. */
const PARTS = Object.keys(corePackage.exports).map((part) => `@sleetbrook/core${part.slice(1)}`);
const held = new Map<string, unknown>([...PARTS, 'zod'].map((name) => [name, jest.requireActual(name)]));

/** The page is opened (anew): only what is on the disk is still there. */
function open(): void {
  app?.rest();
  jest.resetModules();
  for (const [name, part] of held) jest.doMock(name, () => part);
  app = {
    ...jest.requireActual<Client>('../src/api/client'),
    ...jest.requireActual<Reach>('../src/reach/reach'),
    ...jest.requireActual<Sender>('../src/reach/sender'),
    ...jest.requireActual<Hands>('../src/reach/hands'),
  };
}
const home = async () => {
  house.be('open');
  await app.pulse();
  await app.takeCopy();
};
const states = () => app.useReach.getState().entries.map((e) => e.state.is);
const notHome = () => app.useReach.getState().entries.filter((e) => e.state.is !== 'home');

beforeEach(async () => {
  globalThis.indexedDB = new IDBFactory();
  house = houseOnTheWire();
  open();
  await home();
});

afterEach(() => app.rest());

const LOOK = {
  id: id(20),
  plantingId: BEANS.id,
  caseId: null,
  at: NOW,
  answers: [{ signId: 'dark-crowd', seen: true }],
  count: { affected: 8, looked: 10 },
  note: '',
};
const CASE = {
  id: id(30),
  revision: 0,
  plantingId: BEANS.id,
  troubleId: 'black-bean-aphid',
  confidence: 0.98,
  lookId: LOOK.id,
  purpose: 'seen' as const,
  stageSeen: null,
  openedAt: NOW,
  status: 'open' as const,
  closedAt: null,
  laps: [freshLap()],
};
const DONE = {
  id: id(40),
  caseId: CASE.id,
  plantingId: BEANS.id,
  controlId: 'soap-spray',
  finishedAt: NOW,
  areaM2: 20,
  amount: 30,
  waterMl: 2000,
  by: 'You',
  why: 'aphids',
};

const look = () => app.request('PUT', `/looks/${LOOK.id}`, lookSchema, LOOK);
const openCase = () => app.request('PUT', `/cases/${CASE.id}`, caseSchema, CASE);
const treat = () => app.request('PUT', `/treatments/${DONE.id}`, treatmentSchema, DONE);
const rename = async (name: string) => {
  const [p] = await app.request<Planting[]>('GET', '/plantings', plantingSchema.array());
  return app.request('PUT', `/plantings/${BEANS.id}`, plantingSchema, { ...(p as Planting), name });
};
/** Look, name, decide, do; each with what the step before it was answered. */
async function job(between: (step: number) => Promise<void> = async () => undefined) {
  await look();
  await between(1);
  const opened = await openCase();
  await between(2);
  await app.request('PUT', `/cases/${CASE.id}`, caseSchema, { ...opened, laps: [{ ...freshLap(), controlId: 'soap-spray', decidedAt: NOW }] });
  await between(3);
  return treat();
}
function expectJobOnce() {
  const detail = house.tell<CaseDetail>(`/cases/${CASE.id}`);
  expect(detail.looks.map((l) => l.id)).toEqual([LOOK.id]);
  expect(detail.treatments.map((t) => t.id)).toEqual([DONE.id]);
  expect(detail.case.laps).toMatchObject([{ controlId: 'soap-spray', treatmentId: DONE.id }]);
  expect(notHome()).toEqual([]);
}

describe('in reach', () => {
  test('a write goes to the house at once, and waits here only until the copy holds it', async () => {
    await look();
    expect(house.seen).toEqual([{ method: 'PUT', path: `/looks/${LOOK.id}`, status: 200 }]);
    expect(states()).toEqual(['home']);
    await app.takeCopy();
    expect(states()).toEqual([]);
  });
  test('what the house refuses is said where it was typed, and is not kept', async () => {
    await expect(app.request('PUT', `/looks/${LOOK.id}`, lookSchema, { ...LOOK, plantingId: id(99) })).rejects.toThrow('There is no such planting.');
    expect(states()).toEqual([]);
  });
  test('a house that is only busy has not refused: it is kept', async () => {
    house.be('busy');
    await look();
    expect(states()).toEqual(['waiting']);
    await home();
    expect(notHome()).toEqual([]);
  });
  test('a house that has too much to do is there all the same; one that does not let this device in says so, and nothing is lost', async () => {
    house.be('too-many');
    await look();
    expect([states(), app.useReach.getState().away, app.useReach.getState().shut]).toEqual([['waiting'], false, false]);
    await app.pulse();
    expect(app.useReach.getState().away).toBe(false);
    house.be('shut');
    await app.pulse();
    expect(app.useReach.getState()).toMatchObject({ away: true, shut: true, why: 'This device is not let in.' });
    expect(states()).toEqual(['waiting']);
    await home();
    expect(app.useReach.getState()).toMatchObject({ away: false, shut: false, why: null });
    expect(notHome()).toEqual([]);
  });
});

describe('whether home is there', () => {
  test('is known from the last that was asked, and that what is kept here lasts', async () => {
    expect(app.useReach.getState()).toMatchObject({ away: false, lasting: true });
    house.be('down');
    await app.pulse();
    expect(app.useReach.getState()).toMatchObject({ away: true, why: null });
    await home();
    expect(app.useReach.getState()).toMatchObject({ away: false, why: null });
  });

  test('is asked for as long as somebody sees it, at once when somebody comes back, and no more when it is left', async () => {
    const pulses = () => house.asked.filter((path) => path === '/pulse').length;
    const listeners: (() => void)[] = [];
    const page = { visibilityState: 'visible', addEventListener: (_: string, f: () => void) => listeners.push(f), removeEventListener: () => undefined };
    const global = globalThis as unknown as Record<string, unknown>;
    const was = { document: global['document'], addEventListener: global['addEventListener'], removeEventListener: global['removeEventListener'] };
    Object.assign(global, { document: page, addEventListener: () => undefined, removeEventListener: () => undefined });
    /** So many rounds were asked since it began, once some time has passed. */
    const after = async (ms: number, wanted: number) => {
      await new Promise((r) => setTimeout(r, ms));
      expect(pulses() - before).toBe(wanted);
    };
    const before = pulses();
    let stop: () => void = () => undefined;
    try {
      stop = app.keepAsking();
      page.visibilityState = 'hidden';
      await after(300, 1);
      await after(6500, 1);
      listeners.forEach((f) => f());
      await after(200, 1);
      page.visibilityState = 'visible';
      listeners.forEach((f) => f());
      await after(300, 2);
      stop();
      await after(6500, 2);
    } finally {
      stop();
      Object.assign(global, was);
    }
  });

  test('a picture is sent as one, and its kind said', async () => {
    const sent: RequestInit[] = [];
    const answer = globalThis.fetch;
    globalThis.fetch = ((_: string, init: RequestInit) => (sent.push(init), Promise.resolve({ ok: true, status: 204 } as Response))) as typeof fetch;
    const blob = new Blob(['0123456789'], { type: 'image/jpeg' });
    await send({ method: 'PUT', path: '/photos/x', body: blob, type: 'image/jpeg' });
    await send({ method: 'PUT', path: '/weather/file', body: 'at,temperatureC', type: 'text/csv' });
    await send({ method: 'PUT', path: '/garden', body: { name: 'x' } });
    globalThis.fetch = answer;
    expect(sent.map((i) => i.body)).toEqual([blob, 'at,temperatureC', '{"name":"x"}']);
    expect(sent.map((i) => (i.headers as Record<string, string>)['Content-Type'])).toEqual(['image/jpeg', 'text/csv', 'application/json']);
  });
});

describe('out of reach', () => {
  test('a job goes on by the house’s own rules, and is at home once when the way is open', async () => {
    house.be('down');
    const record = await job();
    expect(record).toMatchObject({ controlName: 'Soap spray', keepOutUntil: expect.any(String), pickFrom: expect.any(String) });
    expect(notHome()).toHaveLength(4);
    await home();
    expectJobOnce();
    // the clocks that it started here are those that run at home
    const { recordedAt: _a, ...here } = record;
    const { recordedAt: _b, ...there } = house.tell<CaseDetail>(`/cases/${CASE.id}`).treatments[0] as typeof record;
    expect(there).toEqual(here);
  });
  test('the screen sees what was done here, and after the page was opened anew, too', async () => {
    house.be('down');
    await job();
    const seen = async () => {
      const today = await app.request(
        'GET',
        '/today',
        z.object({ keepOut: z.array(z.object({ plantingName: z.string() })), openCases: z.array(z.object({ id: z.string() })) }),
      );
      return [today.keepOut.map((k) => k.plantingName), today.openCases.map((c) => c.id)];
    };
    expect(await seen()).toEqual([['Broad beans'], [CASE.id]]);
    open();
    expect(await seen()).toEqual([['Broad beans'], [CASE.id]]);
    await home();
    expectJobOnce();
  });
  test('what the house would refuse is refused here in its words, and not kept', async () => {
    house.be('down');
    await expect(app.request('PUT', `/looks/${LOOK.id}`, lookSchema, { ...LOOK, at: '2026-06-24T00:00:00.000Z' })).rejects.toThrow(
      'A look can not be in the future.',
    );
    expect(states()).toEqual([]);
  });
  test('what only the house can do says so, and leaves nothing behind', async () => {
    house.be('down');
    await expect(app.request('POST', '/copies', null)).rejects.toThrow(/^Home does not answer, and this can be done only there/);
    await expect(app.request('GET', '/places/countries', null)).rejects.toThrow(/^Home does not answer/);
    expect(states()).toEqual([]);
  });
  test('without any copy a write is kept all the same, and says so', async () => {
    globalThis.indexedDB = new IDBFactory();
    open();
    house.be('down');
    await expect(look()).rejects.toThrow('Home does not answer. This is kept on this device, and goes home as soon as it does.');
    await home();
    expect(house.seen.at(-1)).toMatchObject({ path: `/looks/${LOOK.id}`, status: 200 });
    expect(notHome()).toEqual([]);
  });
  test('a planting that was taken away, put back and looked at waits in its order', async () => {
    house.be('down');
    await app.request('DELETE', `/plantings/${BEANS.id}`, null);
    await app.request('POST', `/plantings/${BEANS.id}/restore`, plantingSchema);
    await look();
    await home();
    expect(house.seen.slice(-3).map((s) => [s.method, s.status])).toEqual([
      ['DELETE', 204],
      ['POST', 200],
      ['PUT', 200],
    ]);
  });
});

describe('a bad way', () => {
  const WAYS: readonly Way[] = ['open', 'down', 'request-lost', 'answer-lost', 'busy'];
  let seed = 5;
  const random = () => (seed = (seed * 1103515245 + 12345) % 2147483648) / 2147483648;

  test.each(['request-lost', 'answer-lost', 'busy'] as const)('every step of a job with the %s: all at home, once', async (is) => {
    house.be(is);
    await job();
    await home();
    expectJobOnce();
  });
  test('20 jobs over ways that come and go, the page opened anew in between: all at home, once', async () => {
    for (let n = 0; n < 20; n++) {
      globalThis.indexedDB = new IDBFactory();
      house = houseOnTheWire();
      open();
      await home();
      house.be(() => WAYS[Math.floor(random() * WAYS.length)] as Way);
      await job(async () => {
        if (random() < 0.3) open();
        if (random() < 0.3) await app.pulse();
        if (random() < 0.2) await app.takeCopy();
      });
      for (let round = 0; round < 3; round++) await app.pulse();
      await home();
      expectJobOnce();
      await app.takeCopy();
      expect(states()).toEqual([]);
    }
  });
});

describe('somebody else at home', () => {
  const elsewhere = (change: Partial<Planting>) => {
    const [p] = house.tell<Planting[]>('/plantings');
    house.other({ method: 'PUT', path: `/plantings/${BEANS.id}`, body: { ...(p as Planting), ...change } });
  };
  const atHome = () => house.tell<Planting[]>('/plantings')[0];

  test('changed something else of it: both changes stand, nobody is asked', async () => {
    house.be('down');
    await rename('Field beans');
    elsewhere({ areaM2: 12 });
    await home();
    expect(atHome()).toMatchObject({ name: 'Field beans', areaM2: 12 });
    expect(notHome()).toEqual([]);
  });
  test('changed the same, before the answer came: asked at the form, and the change is kept', async () => {
    const [p] = await app.request<Planting[]>('GET', '/plantings', plantingSchema.array());
    elsewhere({ name: 'Runner beans' });
    await expect(app.request('PUT', `/plantings/${BEANS.id}`, plantingSchema, { ...(p as Planting), name: 'Field beans' })).rejects.toThrow(
      /^It was changed at home, too\./,
    );
    expect(notHome()).toMatchObject([{ what: 'Field beans', state: { is: 'asks' } }]);
  });
  test.each([
    ['as here', new Set(['name']), 'Field beans'],
    ['as at home', new Set<string>(), 'Runner beans'],
  ])('changed the same: somebody chooses, %s', async (_how, takeHere, name) => {
    house.be('down');
    await rename('Field beans');
    elsewhere({ name: 'Runner beans' });
    await home();
    const [entry] = notHome();
    expect(entry?.state).toMatchObject({ is: 'asks', clashes: [{ field: 'name', here: 'Field beans', home: 'Runner beans' }] });
    await app.choose(entry as never, takeHere);
    expect(atHome()).toMatchObject({ name });
    expect(notHome()).toEqual([]);
  });
  test('what leans on a thing that somebody has to choose waits; the rest goes home', async () => {
    house.be('down');
    await rename('Field beans');
    await look();
    await app.request('PUT', `/sprayers/${id(60)}`, null, { id: id(60), revision: 0, name: 'Pump', capacityMl: 5000, forWeedkiller: false, calibrations: [] });
    elsewhere({ name: 'Runner beans' });
    await home();
    expect(notHome().map((e) => [e.what, e.state.is])).toEqual([
      ['Field beans', 'asks'],
      ['A look on Field beans', 'waiting'],
    ]);
    expect(house.tell('/sprayers')).toHaveLength(1);
    await app.choose(notHome()[0] as never, new Set(['name']));
    expect(notHome()).toEqual([]);
  });
  test('changed a thing that is told in a list only: both changes stand, by its number there', async () => {
    const pump = { id: id(60), revision: 0, name: 'Pump', capacityMl: 5000, forWeedkiller: false, calibrations: [] };
    house.other({ method: 'PUT', path: `/sprayers/${pump.id}`, body: pump });
    await home();
    const [kept] = await app.request<Sprayer[]>('GET', '/sprayers', sprayerSchema.array());
    house.be('down');
    await app.request('PUT', `/sprayers/${pump.id}`, null, { ...kept, name: 'Knapsack' });
    house.other({ method: 'PUT', path: `/sprayers/${pump.id}`, body: { ...kept, capacityMl: 12_000 } });
    await home();
    expect(house.tell('/sprayers')).toMatchObject([{ name: 'Knapsack', capacityMl: 12_000 }]);
    expect(notHome()).toEqual([]);
  });
  test('took it away: said, and put back by whoever changed it', async () => {
    house.be('down');
    await rename('Field beans');
    house.other({ method: 'DELETE', path: `/plantings/${BEANS.id}` });
    await home();
    const [entry] = notHome();
    expect(entry?.state).toMatchObject({ is: 'refused', problem: { status: 404 } });
    expect(app.canPutBack(entry as never)).toBe(true);
    await app.putBack(entry as never);
    expect(atHome()).toMatchObject({ name: 'Field beans' });
    expect(notHome()).toEqual([]);
  });
  test('took it away, as was done here: it is away', async () => {
    house.be('down');
    await app.request('DELETE', `/plantings/${BEANS.id}`, null);
    house.other({ method: 'DELETE', path: `/plantings/${BEANS.id}` });
    await home();
    expect(notHome()).toEqual([]);
  });
  test('is told to whoever looks on', async () => {
    const told = jest.fn();
    app.onNews(told);
    await app.pulse();
    const before = told.mock.calls.length;
    elsewhere({ areaM2: 12 });
    await app.pulse();
    expect(told.mock.calls.length).toBe(before + 1);
    await app.pulse();
    expect(told.mock.calls.length).toBe(before + 1);
  });
  test('a refused one can be let go, or tried again', async () => {
    house.be('down');
    await job();
    house.other({ method: 'PUT', path: `/looks/${LOOK.id}`, body: { ...LOOK, note: 'not this one' } });
    await home();
    expect(notHome()[0]).toMatchObject({ what: 'A look', state: { is: 'refused', problem: { status: 409 } } });
    // the case names that look: it waits, and is not lost
    expect(notHome()).toHaveLength(4);
    await app.tryAgain(notHome()[0] as never);
    expect(states()[0]).toBe('refused');
    await app.letGo(notHome()[0] as never);
    await app.flush();
    expectJobOnce();
  });
});

describe('a list that is told in parts', () => {
  const pump = (n: number): Sprayer => ({ id: id(900 + n), revision: 0, name: `Pump ${n}`, tankL: 5, kind: 'compression', noteMl: null }) as unknown as Sprayer;
  /** The house as it tells parts of two, and what it was asked. */
  const inTwos = (list: readonly Sprayer[], goneOnce = false) => {
    const asked: string[] = [];
    let gone = goneOnce;
    globalThis.fetch = ((url: string) => {
      asked.push(url);
      const after = new URL(url, 'http://x').searchParams.get('after');
      if (after !== null && gone) {
        gone = false;
        return Promise.resolve(new Response(JSON.stringify({ type: 'about:blank', title: 'Changed meanwhile', status: 409 }), { status: 409 }));
      }
      const from = after === null ? 0 : list.findIndex((s) => s.id === after) + 1;
      return Promise.resolve(new Response(JSON.stringify(list.slice(from, from + 2))));
    }) as typeof fetch;
    return asked;
  };
  /** Here only the order and the ids count. */
  const loose = z.array(z.looseObject({ id: z.string() })) as unknown as ReturnType<typeof z.array<typeof sprayerSchema>>;
  const ways = { aPage: 2, next: (s: Sprayer) => `after=${s.id}` };

  test.each([0, 1, 2, 3, 4, 5])('is whole with %s in it', async (n) => {
    const list = Array.from({ length: n }, (_, i) => pump(i));
    inTwos(list);
    expect((await app.requestAll('/sprayers', loose, ways)).map((s) => s.id)).toEqual(list.map((s) => s.id));
  });

  test('is read once more where it was changed in between', async () => {
    const list = [0, 1, 2].map(pump);
    const asked = inTwos(list, true);
    expect((await app.requestAll('/sprayers', loose, ways)).map((s) => s.id)).toEqual(list.map((s) => s.id));
    expect(asked.map((u) => u.includes('after'))).toEqual([false, true, false, true]);
  });
});
