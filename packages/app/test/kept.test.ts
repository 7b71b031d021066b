import type { Entry, EntryState } from '../src/reach/entry';
import { dependsOn, needsHand, notHome } from '../src/reach/entry';
import { baseOf, nameOf, takeNote } from '../src/reach/known';
import { nextToSend } from '../src/reach/sender';
import { fieldWords, sayValue, whatIs } from '../src/reach/words';
import { asChosen } from '../src/reach/deliver';
import { canPutBack } from '../src/reach/hands';
import { sayStanding } from '../src/screens/reach/standing';
import { id } from './reach-house';

jest.mock('expo-router', () => ({ useRouter: () => ({}), usePathname: () => '/' }));

const entry = (n: number, path: string, body: unknown = {}, state: EntryState = { is: 'waiting' }): Entry => ({
  n,
  method: 'PUT',
  path,
  body,
  type: 'application/json',
  base: null,
  at: '2026-05-24T18:10:00.000Z',
  what: 'x',
  state,
});
const REFUSED: EntryState = { is: 'refused', problem: { type: 'about:blank', title: 'No', status: 422 } };

describe('what depends on what', () => {
  const look = entry(1, `/looks/${id(20)}`);
  test.each([
    ['a case that names the look', entry(2, `/cases/${id(30)}`, { lookId: id(20) }), true],
    ['a photograph of the look', { ...entry(2, `/photos/${id(50)}?lookId=${id(20)}`), body: new Blob(['x']) }, true],
    ['the look itself, again', entry(2, `/looks/${id(20)}`), true],
    ['another look', entry(2, `/looks/${id(21)}`, { plantingId: id(1) }), false],
    ['a sprayer', entry(2, `/sprayers/${id(60)}`, { name: 'Pump' }), false],
  ] as const)('%s: %s', (_what, later, does) => expect(dependsOn(later, look)).toBe(does));
  test('a look at the sky is known by its own id, not by the word sky', () => {
    expect(dependsOn(entry(2, `/weather/sky/${id(2)}`), entry(1, `/weather/sky/${id(1)}`))).toBe(false);
    expect(dependsOn(entry(2, `/weather/sky/${id(1)}`), entry(1, `/weather/sky/${id(1)}`))).toBe(true);
  });
  test('a day is the id of its reading, and no more than a day to all the rest', () => {
    const reading = entry(1, '/readings/2026-05-24', { id: '2026-05-24', rainMm: 2 }, REFUSED);
    const treated = entry(2, `/treatments/${id(40)}`, { plantingId: id(1), finishedAt: '2026-05-24T18:10:00.000Z', why: 'As on 2026-05-24' });
    expect(dependsOn(treated, reading)).toBe(false);
    expect(dependsOn(entry(2, '/readings/2026-05-24', { id: '2026-05-24', rainMm: 3 }), reading)).toBe(true);
    expect(nextToSend([reading, treated])?.n).toBe(2);
  });
  test('an id in somebody’s words holds nothing up', () => {
    expect(dependsOn(entry(2, `/shed-items/${id(61)}`, { note: `see ${id(20)}` }), look)).toBe(false);
  });
  test('what is struck, put right or confirmed belongs to its document', () => {
    const treated = entry(1, `/treatments/${id(40)}`);
    expect(dependsOn(entry(2, `/treatments/${id(40)}/strike`), treated)).toBe(true);
    expect(dependsOn(entry(2, `/treatments/${id(41)}`, { corrects: { id: id(40), reason: 'Too much' } }), treated)).toBe(true);
    expect(dependsOn(entry(2, `/cases/${id(30)}`, { laps: [{ treatmentId: id(40) }] }), treated)).toBe(true);
    expect(dependsOn(entry(2, '/confirmations/own-a', { sheetId: 'own-a', version: 1 }), entry(1, '/sheets/own-a'))).toBe(true);
  });
  test('the garden has no id: only another change of it depends on it', () => {
    expect(dependsOn(entry(2, '/garden'), entry(1, '/garden'))).toBe(true);
    expect(dependsOn(entry(2, `/plantings/${id(1)}`), entry(1, '/garden'))).toBe(false);
  });
});

describe('the next one to go', () => {
  test('is the first that waits; what is at home is passed over', () => {
    expect(nextToSend([entry(1, '/garden', {}, { is: 'home' }), entry(2, `/looks/${id(20)}`), entry(3, `/looks/${id(21)}`)])?.n).toBe(2);
    expect(nextToSend([])).toBeUndefined();
  });
  test('waits behind what somebody has to look at, and so does what depends on that', () => {
    const queue = [
      entry(1, `/looks/${id(20)}`, {}, REFUSED),
      entry(2, `/cases/${id(30)}`, { lookId: id(20) }),
      entry(3, `/treatments/${id(40)}`, { caseId: id(30) }),
      entry(4, `/sprayers/${id(60)}`),
    ];
    expect(nextToSend(queue)?.n).toBe(4);
    expect(nextToSend(queue.slice(0, 3))).toBeUndefined();
    expect(nextToSend(queue.map((e) => ({ ...e, state: { is: 'waiting' as const } })))?.n).toBe(1);
  });
  test('what needs a hand, and what is not at home', () => {
    const states: EntryState[] = [{ is: 'waiting' }, { is: 'home' }, REFUSED, { is: 'asks', home: {}, clashes: [] }];
    expect(states.map((state) => needsHand(entry(1, '/garden', {}, state)))).toEqual([false, false, true, true]);
    expect(states.map((state) => notHome(entry(1, '/garden', {}, state)))).toEqual([true, false, true, true]);
  });
});

describe('what a change was made from', () => {
  const peas = { id: id(1), revision: 4, name: 'Peas' };
  test.each([
    ['a list', '/plantings', [peas], `/plantings/${id(1)}`],
    ['itself', `/plantings/${id(1)}`, peas, `/plantings/${id(1)}`],
    ['a case with all that is in it', `/cases/${id(1)}`, { case: peas, looks: [] }, `/cases/${id(1)}`],
    ['today', '/today', { openCases: [peas] }, `/cases/${id(1)}`],
    ['the garden', '/garden', peas, '/garden'],
  ])('is known from %s', (_from, path, body, address) => {
    takeNote(path, body);
    expect(baseOf(address, { ...peas, name: 'Early peas' })).toEqual(peas);
    expect(nameOf(address)).toBe('Peas');
  });
  test('is not guessed: another revision, or a new one, has none', () => {
    takeNote('/plantings', [peas]);
    expect(baseOf(`/plantings/${id(1)}`, { ...peas, revision: 3 })).toBeNull();
    expect(baseOf(`/plantings/${id(2)}`, { ...peas, id: id(2) })).toBeNull();
    expect(baseOf(`/looks/${id(9)}`, { id: id(9) })).toBeNull();
  });
  test('a label is sent as the version after it', () => {
    takeNote('/sheets', [{ id: 'own-a', version: 2, name: 'Soap' }]);
    expect(baseOf('/sheets/own-a', { id: 'own-a', version: 3 })).toMatchObject({ version: 2 });
    expect(baseOf('/sheets/own-a', { id: 'own-a', version: 5 })).toBeNull();
  });
});

describe('chosen between here and home', () => {
  const base = { id: id(1), revision: 1, name: 'Peas', areaM2: 4 };
  const mine: Entry = { ...entry(1, `/plantings/${id(1)}`, { ...base, name: 'Early', areaM2: 6 }), base };
  const home = { ...base, revision: 5, areaM2: 5 };
  test('goes on from what is at home, with its number', () => {
    expect(asChosen(mine, home, new Set(['areaM2']))).toEqual({ body: { ...home, name: 'Early', areaM2: 6 }, base: home });
    expect(asChosen(mine, home, new Set())).toEqual({ body: { ...home, name: 'Early' }, base: home });
  });
  test('all as at home is nothing to send', () => {
    expect(asChosen({ ...mine, body: { ...base, areaM2: 6 } }, home, new Set())).toBeNull();
  });
  test('a label takes the next version', () => {
    const label = { id: 'own-a', version: 2, name: 'Soap' };
    const changed: Entry = { ...entry(1, '/sheets/own-a', { ...label, version: 3, name: 'Soft soap' }), base: label };
    expect(asChosen(changed, { ...label, version: 3, name: 'Hard soap' }, new Set(['name']))?.body).toEqual({ id: 'own-a', version: 4, name: 'Soft soap' });
  });
});

describe('words', () => {
  test.each([
    ['PUT', `/treatments/${id(40)}`, { controlId: 'soap-spray', plantingId: id(1) }, /^Soap spray on Peas$/],
    ['PUT', `/treatments/${id(40)}/strike`, { reason: 'x' }, /^A record struck out$/],
    ['PUT', `/cases/${id(30)}`, { troubleId: 'black-bean-aphid', plantingId: id(1) }, /^The case of black bean aphid on Peas$/],
    ['DELETE', `/plantings/${id(1)}`, null, /^Peas: taken away$/],
    ['POST', `/plantings/${id(1)}/restore`, null, /^Peas: put back$/],
    ['PUT', '/garden', {}, /settings$/],
    ['PUT', `/weather/sky/${id(3)}`, {}, /sky/],
    ['PUT', `/photos/${id(4)}?lookId=x`, {}, /^A photograph$/],
    ['PUT', '/something/else', {}, /^A change$/],
  ] as const)('%s %s is told', (method, path, body, words) => {
    takeNote('/plantings', [{ id: id(1), revision: 4, name: 'Peas' }]);
    expect(whatIs(method, path, body)).toMatch(words);
  });
  test('fields and values can be read', () => {
    expect([fieldWords('areaM2'), fieldWords('forWeedkiller')]).toEqual(['Area', 'For weedkiller']);
    expect([
      sayValue('edible', true),
      sayValue('note', ''),
      sayValue('note', null),
      sayValue('note', undefined),
      sayValue('about', ['covered', 'old']),
      sayValue('lines', [{}, {}]),
      sayValue('areaM2', 6),
      sayValue('areaM2', 6, 'us'),
      sayValue('trunkCm', 50),
    ]).toEqual(['yes', 'nothing', 'nothing', 'nothing', 'covered, old', '2 of them', '6 m²', '64.6 sq ft', '50 cm']);
    expect(sayValue('troubleId', 'black-bean-aphid')).toBe('Black bean aphid');
    expect(sayValue('laps', [{ controlId: 'soap-spray', treatmentId: id(1) }])).toBe('one time round: Soap spray, done');
    expect(sayValue('laps', [{}, {}])).toBe('2 times round: nothing decided');
  });
  const standing = { away: false, why: null, shut: false, asOf: 'today 18:10', waiting: 0, hands: 0, late: false };
  test.each([
    ['nothing to say', {}, null],
    ['a save under way is no news', { waiting: 1 }, null],
    ['late', { waiting: 2, late: true }, '2 kept on this device, on the way home'],
    ['away', { away: true }, 'No answer from home. You see the garden as of today 18:10, and what you did since.'],
    ['away, and told why', { away: true, why: 'Wait a minute.' }, 'Wait a minute. You see the garden as of today 18:10, and what you did since.'],
    ['away without a copy', { away: true, asOf: null }, 'No answer from home.'],
    ['away with something', { away: true, waiting: 3 }, '3 kept on this device, not yet at home'],
    ['a hand before all else', { away: true, waiting: 3, hands: 1 }, '1 thing kept here can not go home as it is: it is for you to say how.'],
  ])('how it stands: %s', (_what, change, line) => expect(sayStanding({ ...standing, ...change })).toBe(line));
  test('only what was taken away at home can be put back there', () => {
    const gone: EntryState = { is: 'refused', problem: { type: 'about:blank', title: 'Not found', status: 404 } };
    expect(canPutBack(entry(1, `/plantings/${id(1)}`, {}, gone))).toBe(true);
    expect(canPutBack(entry(1, `/plantings/${id(1)}`, {}, REFUSED))).toBe(false);
    expect(canPutBack(entry(1, `/cases/${id(1)}`, {}, gone))).toBe(false);
    expect(canPutBack(entry(1, `/plantings/${id(1)}`))).toBe(false);
  });
});
