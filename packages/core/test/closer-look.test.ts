import fc from 'fast-check';
import { FRIENDS, HOSTS, SIGNS, TROUBLES, findHost, findSign } from '../src/catalogue';
import { TYPICALITY } from '../src/catalogue/schema';
import { rowOf, SIGN_AT, WHEN_ASKED } from '../src/diagnose/likelihood';
import { closerGiven, plainGiven, plainSeen, rowGiven } from '../src/diagnose/plain';
import { closerLook, contradictions, heeded, nextLook, rankSuspects, settle, whatWouldSettle, type Answer, type KeyContext } from '../src/diagnose';
import { atLeast, drawn } from './runs';

const on = (id: string): KeyContext => {
  const host = findHost(id);
  if (!host) throw new Error(id);
  return { host, month: 7, recent: [] };
};
const see = (...ids: string[]): Answer[] => ids.map((signId) => ({ signId, seen: true }));
const not = (...ids: string[]): Answer[] => ids.map((signId) => ({ signId, seen: false }));
const PLAIN = SIGNS.filter((s) => s.covers.length > 0);
const CLOSER = PLAIN.flatMap((plain) => plain.covers.map((closer) => ({ plain: plain.id, closer })));

describe('a plain sign and the same seen more closely', () => {
  test('whoever shows the closer one shows the plain one, at least as often', () => {
    const rank = (t: string | undefined) => (t === undefined ? 99 : TYPICALITY.indexOf(t as (typeof TYPICALITY)[number]));
    for (const entry of [...TROUBLES, ...FRIENDS])
      for (const { plain, closer } of CLOSER) {
        const shown = entry.signs[closer];
        if (shown !== undefined && shown !== 'never') expect([entry.id, plain, rank(entry.signs[plain]) <= rank(shown)]).toEqual([entry.id, plain, true]);
      }
  });

  test.each(drawn(CLOSER, 40))('$plain, then $closer: the closer look counts, once, whichever came first', ({ plain, closer }) => {
    for (const answers of [see(plain, closer), see(closer, plain), [...not(plain), ...see(closer)]])
      expect(heeded(answers).map((a) => a.signId)).toEqual([closer]);
    expect(heeded([...see(plain), ...not(closer)])).toHaveLength(2);
    const host = HOSTS.find((h) => findSign(closer)?.parts.some((p) => h.parts.includes(p))) ?? HOSTS[0];
    const context: KeyContext = { host: host as (typeof HOSTS)[number], month: 7, recent: [] };
    expect(rankSuspects(context, see(plain, closer)).map((s) => [s.id, s.probability])).toEqual(
      rankSuspects(context, see(closer)).map((s) => [s.id, s.probability]),
    );
  });

  test('nobody who saw it closely is asked for the plain one, nor for closer ones where there is none of it', () => {
    fc.assert(
      fc.property(fc.constantFrom(...HOSTS), fc.constantFrom(...CLOSER), fc.boolean(), (host, { plain, closer }, seen) => {
        const context: KeyContext = { host, month: 6, recent: [] };
        const told: Answer[] = [...see('leaves-drop'), { signId: seen ? closer : plain, seen }];
        const never = seen ? [plain] : (findSign(plain)?.covers ?? []);
        let answers = told;
        for (let look = nextLook(context, answers); look; look = nextLook(context, answers)) {
          expect(never).not.toContain(look.sign.id);
          answers = [...answers, { signId: look.sign.id, seen: false, asked: true }];
        }
      }),
      { numRuns: 25 },
    );
  });

  test.each([
    ['lemon-like house plant', 'citrus', 'leaves-yellow'],
    ['tomato', 'tomato', 'wilting'],
    ['aubergine', 'aubergine', 'soft-shoot-tips'],
    ['pear', 'pear', 'lumpy-fruit'],
    ['rose', 'rose', 'early-rust-specks'],
    ['onion', 'onion', 'purple-spots'],
  ])('a plain sign on %s is a beginning: nothing is settled, and a closer look is asked for', (_what, id, sign) => {
    const context = on(id);
    const suspects = rankSuspects(context, see(sign));
    expect(settle(context, suspects, see(sign)).state).toBe('not-settled');
    // what leads is something that shows it
    const [first] = suspects.filter((s) => s.kind !== 'other');
    expect(['always', 'often', 'sometimes']).toContain([...TROUBLES, ...FRIENDS].find((t) => t.id === first?.id)?.signs[sign]);
    expect(nextLook(context, see(sign))).not.toBeNull();
  });
});

describe('one witness, not two', () => {
  const entry = (id: string) => {
    const found = [...TROUBLES, ...FRIENDS].find((t) => t.id === id);
    if (!found) throw new Error(id);
    return found;
  };

  test('where nothing plain was seen, every suspect shows what it always does', () => {
    for (const t of TROUBLES) expect(rowGiven(t, plainSeen(see('leaves-drop')))).toBe(rowOf(t));
  });

  test.each(drawn(CLOSER, 40))('$plain was seen: $closer is likelier with all who show it, and never sure', ({ plain, closer }) => {
    const given = plainSeen(see(plain));
    const at = SIGN_AT.get(closer) ?? 0;
    for (const t of [...TROUBLES, ...FRIENDS]) {
      const how = t.signs[closer];
      const chance = closerGiven(t, closer, given);
      if (how === undefined || how === 'never') expect(chance).toBeUndefined();
      else {
        expect(chance).toBeGreaterThanOrEqual(Math.min(0.95, WHEN_ASKED[how]));
        expect(chance).toBeLessThanOrEqual(0.95);
        expect(rowGiven(t, given)[at]).toBe(chance);
      }
    }
    // the plain one denied, or not looked for, changes nothing
    expect(closerGiven(TROUBLES[0] as (typeof TROUBLES)[number], closer, plainSeen(not(plain)))).toBeUndefined();
  });

  test('who shows it only so, and not so, does not show it', () => {
    // noon droop is all the wilting that is listed of these
    expect(plainGiven(entry('midday-wilt'), 'wilting', plainSeen(not('midday-droop')))).toBe('unlisted');
    expect(plainGiven(entry('midday-wilt'), 'wilting', plainSeen([]))).toBe('always');
    // one that yellows by itself goes on doing so, whatever closer look is denied
    expect(plainGiven(entry('spider-mite'), 'leaves-yellow', plainSeen(not(...(findSign('leaves-yellow')?.covers ?? []))))).toBe('sometimes');
  });

  test('asked after yellow leaves, a "yes" between old veins speaks for the shortage, a "no" against it', () => {
    const context = on('tomato');
    const p = (answers: Answer[]) => rankSuspects(context, answers).find((s) => s.id === 'magnesium-shortage')?.probability ?? 0;
    const plain = p(see('leaves-yellow'));
    expect(p([...see('leaves-yellow'), { signId: 'between-veins-old', seen: true, asked: true }])).toBeGreaterThan(3 * plain);
    expect(p([...see('leaves-yellow'), { signId: 'between-veins-old', seen: false, asked: true }])).toBeLessThan(plain / 2);
  });

  test('a closer "yes" never tells less than the plain one did before: who shows both does not fall', () => {
    fc.assert(
      fc.property(fc.constantFrom(...HOSTS), fc.constantFrom(...CLOSER), (host, { plain, closer }) => {
        const context: KeyContext = { host, month: 7, recent: [] };
        const before = new Map(rankSuspects(context, see(plain)).map((s) => [s.id, s.probability]));
        const after = rankSuspects(context, [...see(plain), { signId: closer, seen: true, asked: true }]);
        // all who show it so together
        const shows = (id: string) => ['always', 'often', 'sometimes'].includes([...TROUBLES, ...FRIENDS].find((t) => t.id === id)?.signs[closer] ?? '');
        const sum = (of: (id: string) => number) => after.filter((s) => shows(s.id)).reduce((x, s) => x + of(s.id), 0);
        const then = sum((id) => before.get(id) ?? 0);
        const now = sum((id) => after.find((s) => s.id === id)?.probability ?? 0);
        expect(now).toBeGreaterThanOrEqual(then - 1e-9);
      }),
      { numRuns: 60 },
    );
  });
});

describe('which kind of it', () => {
  test('is asked once for a plain sign that was seen, of what this plant can show, and not when it was answered or passed over', () => {
    fc.assert(
      fc.property(fc.constantFrom(...HOSTS), fc.constantFrom(...PLAIN), (host, plain) => {
        const context: KeyContext = { host, month: 6, recent: [] };
        const asked = closerLook(context, see(plain.id));
        expect(closerLook(context, not(plain.id))).toBeNull();
        expect(closerLook(context, see('leaves-drop'))).toBeNull();
        if (!asked) return;
        expect(asked.plain.id).toBe(plain.id);
        expect(asked.kinds.length).toBeGreaterThanOrEqual(2);
        expect(asked.kinds.length).toBeLessThanOrEqual(5);
        for (const k of asked.kinds) {
          expect(plain.covers).toContain(k.id);
          expect(k.parts.some((p) => host.parts.includes(p))).toBe(true);
        }
        expect(closerLook(context, see(plain.id), [plain.id])).toBeNull();
        const kind = asked.kinds[0]?.id ?? '';
        expect(closerLook(context, [...see(plain.id), { signId: kind, seen: true, asked: true, chosen: true }])).toBeNull();
        // where it was none of them the next few are shown, once more and no more
        const none = (look: typeof asked) => look.kinds.map((k) => ({ signId: k.id, seen: false, asked: true }));
        const again = closerLook(context, [...see(plain.id), ...none(asked)]);
        expect(again?.kinds.filter((k) => asked.kinds.includes(k)) ?? []).toEqual([]);
        if (asked.kinds.length === 5 && again?.kinds.length === 5) expect(closerLook(context, [...see(plain.id), ...none(asked), ...none(again)])).toBeNull();
      }),
      { numRuns: 80 },
    );
  });

  test('"none of these" is one "no" among the eight after which nothing more is asked', () => {
    const context = on('tomato');
    const kinds = closerLook(context, see('leaves-yellow'))?.kinds ?? [];
    expect(kinds.length).toBeGreaterThan(3);
    let answers: Answer[] = [...see('leaves-yellow'), ...kinds.map((k) => ({ signId: k.id, seen: false, asked: true }))];
    let more = 0;
    for (let look = nextLook(context, answers); look; look = nextLook(context, answers), more++)
      answers = [...answers, { signId: look.sign.id, seen: false, asked: true }];
    // another kind of yellow that was not on offer may be asked about, and counts as one more
    expect(more).toBeGreaterThanOrEqual(6);
    expect(more).toBeLessThanOrEqual(7);
  });

  test('no plant is asked for fruit or flowers that it has not got yet', () => {
    expect(closerLook({ ...on('pear'), stage: 'growing' }, see('lumpy-fruit'))).toBeNull();
    expect(closerLook({ ...on('pear'), stage: 'fruiting' }, see('lumpy-fruit'))).not.toBeNull();
  });
});

describe('answers that can not both be', () => {
  test.each(drawn(CLOSER, 40))('not $plain, and yet $closer', ({ plain, closer }) => {
    const [found, ...more] = contradictions([...not(plain), ...see(closer)]);
    expect(found?.signs.map((s) => s.id)).toEqual([plain, closer]);
    expect(found?.text).toContain(findSign(plain)?.name.toLowerCase());
    expect(more.filter((m) => m.signs[0].id === plain)).toEqual([]);
    // the other way round it is one look after the other
    for (const fine of [see(plain, closer), [...see(plain), ...not(closer)], not(plain, closer)])
      expect(contradictions(fine).filter((c) => c.signs[0].id === plain && c.signs[1].id === closer)).toEqual([]);
    // and what was said last counts
    expect(contradictions([...not(plain), ...see(closer), ...see(plain)])).toEqual([]);
  });

  test('wilted in dry soil and in wet soil, said once', () => {
    expect(contradictions(see('wilt-wet-soil', 'wilt-dry-soil')).map((c) => c.signs.map((s) => s.id))).toEqual([['wilt-dry-soil', 'wilt-wet-soil']]);
    expect(contradictions([...see('wilt-wet-soil'), ...not('wilt-dry-soil')])).toEqual([]);
  });

  test('the signs of one trouble never shut each other out, nor does one that is always there what stands against it', () => {
    for (const t of [...TROUBLES, ...FRIENDS]) {
      const usual = Object.keys(t.signs).filter((id) => t.signs[id] === 'always' || t.signs[id] === 'often');
      expect([t.id, contradictions(see(...usual)).map((c) => c.text)]).toEqual([t.id, []]);
    }
  });
});

describe('what would settle it when the questions are over', () => {
  const inVain = (context: KeyContext, told: Answer[]) => {
    let answers = told;
    for (let look = nextLook(context, answers); look; look = nextLook(context, answers))
      answers = [...answers, { signId: look.sign.id, seen: false, asked: true }];
    return answers;
  };

  test.each(['tomato', 'rose', 'apple', 'courgette', 'orchid', 'lawn'])('on %s: another tool or time for each, never what was answered', (id) => {
    const context = on(id);
    const answers = inVain(context, see('leaves-drop', 'leaves-yellow'));
    const ways = whatWouldSettle(context, answers);
    expect(nextLook(context, answers)).toBeNull();
    expect(new Set(ways.map((w) => w.how)).size).toBe(ways.length);
    expect(ways.length).toBeLessThanOrEqual(3);
    for (const w of ways) {
      expect(answers.map((a) => a.signId)).not.toContain(w.sign.id);
      expect(w.sign.parts.some((p) => (context.host.parts as readonly string[]).includes(p))).toBe(true);
      expect(w.how).toMatch(
        w.sign.look === 'loupe' ? /lens/ : w.sign.look === 'night' ? /torch/ : w.sign.look === 'cut' ? /knife/ : w.sign.look === 'dig' ? /trowel/ : /morning/,
      );
    }
  });

  test('where eight looks told nothing, most plants still have a way on in the book', () => {
    const some = drawn(HOSTS, 24);
    const withOne = some.filter((host) => {
      const context: KeyContext = { host, month: 7, recent: [] };
      return whatWouldSettle(context, inVain(context, see('leaves-drop'))).length > 0;
    });
    expect(withOne.length / some.length).toBeGreaterThan(atLeast(0.6, some.length));
  });
});
