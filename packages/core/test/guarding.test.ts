import fc from 'fast-check';
import { CONTROLS, findControl, findTrouble, HOSTS, TROUBLES, type Trouble } from '../src/catalogue';
import { doesOn, usesOn, whenOn } from '../src/catalogue/used-on';
import { guardPlan, ladder, recommend, timelyGuard, timingOf } from '../src/decide';
import { hostWeight } from '../src/scout';
import { cameBefore, stageAsked, type PastCase } from '../src/schedule';
import { at, situation, verdictOn, type Setup } from './situation';
import { drawn, runs } from './runs';

const trouble = (id: string) => findTrouble(id) as Trouble;
const control = (id: string) => {
  const c = findControl(id);
  if (!c) throw new Error(id);
  return c;
};
const timing = (c: string, t: string, stage: 'seedling' | 'growing' | 'flowering' | 'fruiting' | 'dormant') => timingOf(control(c), trouble(t), stage);

describe('a means that keeps something away has its time, in what can be seen', () => {
  test('every one of them says when, and no time is a month', () => {
    const kinds = new Set(TROUBLES.flatMap((t) => usesOn(t).flatMap((u) => (doesOn(control(u.control), t) === 'prevents' ? [u.control] : []))));
    expect([...kinds].filter((id) => !control(id).when)).toEqual(['shade-and-shelter']);
    for (const t of TROUBLES) {
      for (const u of usesOn(t)) {
        const when = whenOn(control(u.control), t);
        if (when) expect(when.text).not.toMatch(/\b(January|February|March|April|May|June|July|August|September|October|November|December)\b/);
      }
    }
    expect(CONTROLS.filter((c) => c.when).length).toBeGreaterThan(25);
  });

  // sources: UC IPM pest notes (peach leaf curl, brown rot, codling moth, apple scab); common practice
  test.each([
    ['copper-spray', 'peach-leaf-curl', 'dormant', 'now'],
    ['copper-spray', 'peach-leaf-curl', 'growing', 'later'],
    ['copper-spray', 'peach-leaf-curl', 'fruiting', 'later'],
    ['rain-cover', 'peach-leaf-curl', 'dormant', 'now'],
    ['sulfur-spray', 'apple-scab', 'growing', 'now'],
    ['sulfur-spray', 'apple-scab', 'flowering', 'now'],
    ['captan-spray', 'brown-rot', 'flowering', 'now'],
    ['captan-spray', 'brown-rot', 'fruiting', 'now'],
    ['captan-spray', 'brown-rot', 'dormant', 'later'],
    ['captan-spray', 'mummy-berry', 'dormant', 'now'],
    ['captan-spray', 'grey-mould', 'fruiting', 'later'],
    ['bag-fruit', 'codling-moth', 'fruiting', 'now'],
    ['bag-fruit', 'codling-moth', 'flowering', 'later'],
    ['row-cover', 'carrot-fly', 'seedling', 'now'],
    ['row-cover', 'carrot-fly', 'dormant', 'later'],
    ['stem-collar', 'cabbage-root-fly', 'seedling', 'now'],
    ['grease-band', 'winter-moth', 'growing', 'later'],
    ['winter-oil', 'fruit-tree-mite', 'dormant', 'now'],
  ] as const)('%s against %s while %s: %s', (c, t, stage, is) => expect(timing(c, t, stage)?.is).toBe(is));

  test('the trouble’s own line goes before the control’s', () => {
    expect(timing('captan-spray', 'mummy-berry', 'dormant')?.text).toMatch(/every 7 days if wet, to 10 if dry/);
    expect(timing('captan-spray', 'grey-mould', 'flowering')?.text).toMatch(/first open flower to the last petal/);
  });
  test('the way out is the nearest stage round the year', () => {
    expect(timing('copper-spray', 'peach-leaf-curl', 'fruiting')).toMatchObject({ stage: 'dormant' });
    expect(timing('bag-fruit', 'codling-moth', 'dormant')).toMatchObject({ stage: 'fruiting' });
    expect(timing('bag-fruit', 'codling-moth', 'dormant')?.away).toBeGreaterThan(timing('bag-fruit', 'codling-moth', 'flowering')?.away ?? 0);
  });
});

describe('its time in a case', () => {
  const codling: Setup = { host: 'apple', trouble: 'codling-moth', preventing: true, now: '2026-01-20T12:00:00Z' };
  const codes = (id: string, s: Setup) => verdictOn(id, s).reasons.map((r) => `${r.weight} ${r.code}`);
  test('a bag in winter waits for the fruit, with the way out named; on young fruit it is said when', () => {
    const winter = verdictOn('bag-fruit', { ...codling, planting: { stage: 'dormant' } });
    expect(winter).toMatchObject({ status: 'not-now', opens: { kind: 'event', change: { planting: { stage: 'fruiting' } } } });
    expect(winter.reasons.find((r) => r.code === 'not-its-time')?.sentence).toBe(
      'Its time: when fruit is 12 to 25 mm across, four to six weeks after bloom. Yours are dormant.',
    );
    expect(codes('bag-fruit', { ...codling, planting: { stage: 'fruiting' } })).toContain('note its-time');
  });
  test('it has no say where something was seen, nor on what is chosen for the next planting', () => {
    expect(codes('bag-fruit', { ...codling, preventing: false, planting: { stage: 'dormant' } }).join()).not.toMatch(/its-time/);
    expect(codes('resistant-kinds', { ...codling, trouble: 'apple-scab', planting: { stage: 'fruiting' } }).join()).not.toMatch(/its-time/);
  });
  test('nothing is advised before its time, and its way out takes the reason away', () => {
    let closed = 0;
    const troubles = drawn(
      TROUBLES.filter((x) => !x.notAtHome),
      90,
    );
    for (const t of troubles) {
      const host = HOSTS.find((h) => hostWeight(t, h) > 0);
      if (!host) continue;
      for (const stage of ['seedling', 'growing', 'flowering', 'fruiting', 'dormant'] as const) {
        const s = situation({ host: host.id, trouble: t.id, preventing: true, planting: { stage } });
        const verdicts = ladder(s);
        const advice = recommend(verdicts, s, null);
        const waits = verdicts.filter((v) => v.reasons.some((r) => r.code === 'not-its-time'));
        closed += waits.length;
        expect([t.id, stage, waits.filter((v) => v.status === 'usable').map((v) => v.key)]).toEqual([t.id, stage, []]);
        expect([t.id, stage, advice?.verdict.status === 'usable' && waits.includes(advice.verdict)]).toEqual([t.id, stage, false]);
        for (const v of waits) {
          const reason = v.reasons.find((r) => r.code === 'not-its-time');
          const next = reason?.opens?.kind === 'event' ? reason.opens.change?.planting?.stage : undefined;
          expect(next && timingOf(v.control, t, next)?.is).toBe('now');
        }
      }
    }
    expect(closed).toBeGreaterThan(1.5 * troubles.length);
  });
});

describe('what to do first against what is not there', () => {
  const first = (setup: Setup) => {
    const s = situation({ preventing: true, ...setup });
    return recommend(ladder(s), s, null)?.verdict.control.id;
  };
  const scab: Setup = { host: 'apple', trouble: 'apple-scab', now: '2026-04-20T17:00:00Z', planting: { stage: 'growing' } };
  test.each<[string, Setup, string]>([
    ['before anything is sprayed: the old leaves away, and no other tree', scab, 'clear-fallen'],
    ['also where nobody has looked at the sky yet', { ...scab, knownHours: 0 }, 'clear-fallen'],
    [
      'the fruit is big enough: a bag, before what only thins next year’s',
      { host: 'apple', trouble: 'codling-moth', now: '2026-06-20T11:00:00Z' },
      'bag-fruit',
    ],
    [
      'in winter nothing has its time: what is chosen and cleared for next year',
      { host: 'apple', trouble: 'codling-moth', now: '2026-01-20T12:00:00Z', planting: { stage: 'dormant' } },
      'clear-fallen',
    ],
    ['a bare peach is kept dry', { host: 'peach', trouble: 'peach-leaf-curl', now: '2026-01-20T12:00:00Z', planting: { stage: 'dormant' } }, 'rain-cover'],
    ['carrots on the day they are sown', { host: 'carrot', trouble: 'carrot-fly', planting: { stage: 'seedling' } }, 'row-cover'],
  ])('%s', (_what, setup, id) => expect(first(setup)).toBe(id));
});

describe('the year of guarding', () => {
  const plan = (setup: Setup) => {
    const s = situation({ preventing: true, ...setup });
    return guardPlan(ladder(s), s).map((g) => `${g.part} ${g.verdict.control.id}`);
  };
  test('peach leaf curl from bare wood: dormant sprays and the roof now, another kind next time; picking curled leaves is no guard', () => {
    const steps = plan({ host: 'peach', trouble: 'peach-leaf-curl', now: '2026-01-20T12:00:00Z', planting: { stage: 'dormant' } });
    expect(steps).toEqual(expect.arrayContaining(['now rain-cover', 'now bordeaux-spray', 'now copper-spray', 'next resistant-kinds']));
    expect(steps.join()).not.toMatch(/pick-off-leaves|even-watering|leave-it|licensed/);
  });
  test('and from full leaf the same stands under later', () => {
    const steps = plan({ host: 'peach', trouble: 'peach-leaf-curl', now: '2026-07-20T12:00:00Z', planting: { stage: 'fruiting' } });
    expect(steps).toEqual(expect.arrayContaining(['later rain-cover', 'later copper-spray']));
  });
  test('parts come in order, and on each part what is nearest first', () => {
    for (const t of TROUBLES) {
      const host = HOSTS.find((h) => hostWeight(t, h) > 0);
      if (!host) continue;
      const s = situation({ host: host.id, trouble: t.id, preventing: true, planting: { stage: 'growing' } });
      const steps = guardPlan(ladder(s), s);
      const order = steps.map((g) => ['now', 'later', 'next'].indexOf(g.part));
      expect(order).toEqual([...order].sort());
      const later = steps.filter((g) => g.part === 'later').map((g) => g.timing?.away ?? 0);
      expect(later).toEqual([...later].sort((a, b) => a - b));
      expect(steps.every((g) => g.verdict.status !== 'never' && (g.verdict.does !== 'aids' || g.verdict.control.rung === 1 || g.verdict.alsoPrevents))).toBe(
        true,
      );
    }
  });
  test('what is timely is named for the door, and what can be done all year is not', () => {
    expect(timelyGuard(trouble('peach-leaf-curl'), 'dormant')?.control).toBe('Keep the rain off');
    expect(timelyGuard(trouble('peach-leaf-curl'), 'fruiting')).toBeNull();
    expect(timelyGuard(trouble('carrot-fly'), 'seedling')?.text).toMatch(/day of sowing/);
    expect(timelyGuard(trouble('nitrogen-shortage'), 'growing')).toBeNull();
  });
});

describe('a stage that was said long ago', () => {
  test.each([
    ['seedling', '2026-05-12', '2026-06-15', false],
    ['seedling', '2026-05-12', '2026-06-16', true],
    ['flowering', '2026-05-12', '2026-06-08', false],
    ['flowering', '2026-05-12', '2026-06-09', true],
    ['fruiting', '2026-05-12', '2026-07-26', true],
    ['growing', '2026-05-12', '2026-09-08', false],
    ['growing', '2026-05-12', '2026-09-09', true],
    ['dormant', '2026-11-01', '2027-03-30', false],
    ['dormant', '2026-11-01', '2027-03-31', true],
    ['dormant', null, '2027-03-31', false],
  ] as const)('%s since %s, on %s: %s', (stage, since, today, asked) => expect(stageAsked(stage, since, today)).toBe(asked));
});

describe('what came in earlier years about now', () => {
  const ZONE = 'Europe/London';
  const NOW = at('2027-05-01T10:00:00Z');
  const seen = (iso: string, more: Partial<PastCase> = {}): PastCase => ({
    plantingId: 'apple',
    troubleId: 'apple-scab',
    purpose: 'seen',
    openedAt: at(iso),
    open: false,
    ...more,
  });
  const days = (...cases: PastCase[]) => cameBefore(cases, NOW, ZONE).map((c) => `${c.troubleId} ${c.on} ${c.years}`);
  test.each<[string, PastCase[], string[]]>([
    ['five weeks ahead', [seen('2026-06-05T10:00:00Z')], ['apple-scab 2026-06-05 1']],
    ['a day more', [seen('2026-06-06T10:00:00Z')], []],
    ['two weeks past', [seen('2026-04-17T10:00:00Z')], ['apple-scab 2026-04-17 1']],
    ['a day more past', [seen('2026-04-16T10:00:00Z')], []],
    ['two years ago', [seen('2025-05-10T10:00:00Z')], ['apple-scab 2025-05-10 2']],
    ['in both years the last one counts', [seen('2025-05-10T10:00:00Z'), seen('2026-05-20T10:00:00Z')], ['apple-scab 2026-05-20 1']],
    ['only guarded against', [seen('2026-05-10T10:00:00Z', { purpose: 'prevent' })], []],
    ['already open', [seen('2026-05-10T10:00:00Z'), seen('2027-03-01T10:00:00Z', { purpose: 'prevent', open: true })], []],
    ['had this year', [seen('2026-05-10T10:00:00Z'), seen('2027-04-20T10:00:00Z')], []],
    ['on another planting', [seen('2026-05-10T10:00:00Z'), seen('2027-04-20T10:00:00Z', { plantingId: 'pear' })], ['apple-scab 2026-05-10 1']],
    ['this very spring', [seen('2027-04-20T10:00:00Z')], []],
  ])('%s', (_what, cases, said) => expect(days(...cases)).toEqual(said));
  test('round the new year, and by the garden’s own day', () => {
    expect(cameBefore([seen('2025-12-28T10:00:00Z')], at('2027-01-02T10:00:00Z'), ZONE)).toMatchObject([{ on: '2025-12-28', years: 1 }]);
    expect(cameBefore([seen('2026-01-10T10:00:00Z')], at('2026-12-20T10:00:00Z'), ZONE)).toMatchObject([{ on: '2026-01-10', years: 1 }]);
    expect(cameBefore([seen('2026-06-05T23:30:00Z')], NOW, ZONE)).toEqual([]);
  });
  test('the nearest day is first, and no planting and trouble comes twice', () =>
    fc.assert(
      fc.property(
        fc.array(
          fc.record({
            plantingId: fc.constantFrom('a', 'b', 'c'),
            troubleId: fc.constantFrom('x', 'y'),
            purpose: fc.constantFrom('seen' as const, 'prevent' as const),
            day: fc.integer({ min: 0, max: 1500 }),
            open: fc.boolean(),
          }),
          { maxLength: 20 },
        ),
        (list) => {
          const cases = list.map(({ day, ...c }) => ({ ...c, openedAt: at(new Date(NOW - day * 86_400_000).toISOString()) }));
          const came = cameBefore(cases, NOW, ZONE);
          const keys = came.map((c) => `${c.plantingId}${c.troubleId}`);
          expect(new Set(keys).size).toBe(keys.length);
          for (const c of came) {
            expect(cases.some((x) => x.open && x.plantingId === c.plantingId && x.troubleId === c.troubleId)).toBe(false);
            expect(c.years).toBeGreaterThanOrEqual(1);
          }
        },
      ),
      { numRuns: runs(2000) },
    ));
});
