import { isDeepStrictEqual } from 'node:util';
import fc from 'fast-check';
import { HOSTS, TROUBLES, usesOn } from '../src/catalogue';
import { CONTROLS, findControl } from '../src/catalogue/controls';
import { courseOf, howFor } from '../src/catalogue/courses';
import { howSentences, type HowLine } from '../src/catalogue/how';
import { effectIn, isOn } from '../src/catalogue/pair';
import { ladder, nextRound, recommend } from '../src/decide';
import { nextMoment } from '../src/decide/moments';
import { hostWeight } from '../src/scout';
import { runs } from './runs';
import { at, situation, verdictOn } from './situation';

const ohio = { latitude: 40, longitude: -83, country: 'US' };

describe('the pair is the unit of knowledge', () => {
  test('what holds in general only is never a step, nor on the plan beside one', () => {
    const anything = fc.record({
      t: fc.constantFrom(...TROUBLES),
      month: fc.integer({ min: 1, max: 12 }),
      share: fc.double({ min: 0, max: 1, noNaN: true }),
      preventing: fc.boolean(),
    });
    fc.assert(
      fc.property(anything, ({ t, month, share, preventing }) => {
        const host = HOSTS.find((h) => !h.stands && hostWeight(t, h) > 0);
        if (!host) return;
        const s = situation({ host: host.id, trouble: t.id, now: `2026-${String(month).padStart(2, '0')}-15T18:00:00Z`, preventing, country: 'US' });
        for (const v of recommend(ladder(s), s, share)?.steps ?? []) expect([v.key, v.inherited]).toEqual([v.key, false]);
      }),
      { numRuns: runs(4000) },
    );
  });

  // common practice: dormant copper twice, months apart; on leaves every 7 to 10 days; mites every 5 to 7, judged in a week
  test('one control has another course against another trouble', () => {
    expect(courseOf('copper-spray', 'peach-leaf-curl')?.at).toEqual(['leaf-fall', 'bud-swell']);
    expect(courseOf('copper-spray', 'downy-mildew')?.every).toEqual({ min: 7, max: 10 });
    expect(courseOf('bordeaux-spray', 'late-blight')?.every).toEqual({ min: 7, max: 10 });
    expect(courseOf('soap-spray', 'spider-mite')).toMatchObject({ every: { min: 5, max: 7 }, judgeDays: 7 });
    expect(courseOf('soap-spray', 'greenfly')?.every.max).toBeLessThan(4);
    expect(courseOf('soap-spray', null)).toEqual(courseOf('soap-spray', 'greenfly'));
  });

  test('after leaf fall the next round is as buds swell, north and south, never two weeks on', () => {
    const round = (iso: string, where: { latitude: number; longitude: number; country: string }) =>
      nextRound({ controlId: 'copper-spray', troubleId: 'peach-leaf-curl', done: [at(iso)], labelDays: 10, timesLeft: null, zone: 'UTC', where });
    const north = round('2026-11-20T12:00:00Z', ohio) ?? '';
    expect(north > '2027-02-15' && north < '2027-04-01').toBe(true);
    const south = round('2026-05-20T12:00:00Z', { latitude: -37.8, longitude: 145, country: 'AU' }) ?? '';
    expect(south > '2026-07-01' && south < '2026-09-20').toBe(true);
    // the label's days still count where they are longer
    expect(nextMoment(['leaf-fall', 'bud-swell'], '2026-11-20', ohio).moment).toBe('bud-swell');
  });

  test('the next moment is always after the last round, whatever the place', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 729 }),
        fc.double({ min: -60, max: 65, noNaN: true }),
        fc.double({ min: -170, max: 170, noNaN: true }),
        (day, latitude, longitude) => {
          const after = new Date(Date.UTC(2026, 0, 1 + day)).toISOString().slice(0, 10);
          const { on } = nextMoment(['leaf-fall', 'bud-swell'], after, { latitude, longitude });
          expect(on > after).toBe(true);
          expect(Date.parse(on) - Date.parse(after)).toBeLessThan(380 * 86_400_000);
        },
      ),
      { numRuns: runs(2000) },
    );
  });

  test('no tops are cut off tomatoes, and no bag goes over potatoes', () => {
    const on = (host: string) => ladder(situation({ host, trouble: 'late-blight' })).map((v) => v.control.id);
    expect(on('potato')).toContain('cut-haulms');
    expect(on('tomato')).not.toContain('cut-haulms');
    expect(on('tomato')).toContain('bag-plant');
    expect(on('potato')).not.toContain('bag-plant');
  });

  test('the most particular thing that is said of a planting counts', () => {
    const use = { effect: 0.5, shares: { few: 0.7, many: 0.5 }, where: { 'under-glass': { few: 0.8, many: 0.8 }, potato: { few: 0, many: 0 } } };
    const set = (id: string, site: 'outdoors' | 'glasshouse', many: boolean) =>
      effectIn(use, { host: HOSTS.find((h) => h.id === id) as (typeof HOSTS)[number], site, stage: 'growing', heightM: null, curled: false, many });
    expect(set('tomato', 'outdoors', true)).toEqual({ share: 0.5, by: null });
    expect(set('tomato', 'outdoors', false).share).toBe(0.7);
    expect(set('tomato', 'glasshouse', true)).toEqual({ share: 0.8, by: 'under-glass' });
    expect(set('potato', 'glasshouse', true)).toEqual({ share: 0, by: 'potato' });
    expect(isOn({ onlyOn: ['tomato'] } as never, { id: 'potato', family: 'Solanaceae', group: 'vegetable', parts: [] })).toBe(true);
    expect(isOn({ on: ['family:Solanaceae'] }, { id: 'potato', family: 'Solanaceae', group: 'vegetable', parts: [] })).toBe(true);
    expect(isOn({ notOn: ['potato'] }, { id: 'potato', family: 'Solanaceae', group: 'vegetable', parts: [] })).toBe(false);
  });
});

describe('the card of a pair', () => {
  const card = (control: string, trouble: string | null) => howSentences({ how: howFor(findControl(control) ?? { id: control, how: [] }, trouble) });
  test('says how often against this trouble, and not how often in general', () => {
    expect(card('soap-spray', null)).toContain('Two or three evenings running, then look again.');
    const mites = card('soap-spray', 'spider-mite');
    expect(mites).not.toContain('Two or three evenings running, then look again.');
    expect(mites).toContain(courseOf('soap-spray', 'spider-mite')?.words);
    expect(mites).toContain('Undersides first: turn each leaf.');
  });
  test('has one word on how often, whichever pair it is, and all else that its control says', () => {
    const isAgain = (line: HowLine) => typeof line !== 'string' && Boolean(line.again);
    // one look at the end: of so many pairs each look by itself takes longer than the card
    const wrong = TROUBLES.flatMap((t) =>
      CONTROLS.flatMap((c) => {
        const how = howFor(c, t.id);
        const again = how.filter(isAgain).length;
        const kept = c.how.filter((line) => !isAgain(line));
        const first = how.slice(0, kept.length + again);
        const whole = kept.every((line) => first.some((said) => isDeepStrictEqual(said, line)));
        return again === (c.how.some(isAgain) ? 1 : 0) && whole ? [] : [[t.id, c.id, again, whole]];
      }),
    );
    expect(wrong).toEqual([]);
  });
});

describe('what is seen is the part that shows', () => {
  test('the fly in the pot opens what reaches its larvae', () => {
    const v = verdictOn('bti-drench', { host: 'monstera', trouble: 'fungus-gnat', seenSigns: ['gnats'], planting: { site: 'indoors' } });
    expect(v.reasons.map((r) => r.code)).not.toContain('pest-stage');
  });

  test('a stage that was seen opens whatever reaches its companions of that month', () => {
    for (const t of TROUBLES)
      for (const stage of t.life.filter((l) => l.with.length > 0)) {
        const host = HOSTS.find((h) => !h.stands && hostWeight(t, h) > 0);
        const month = stage.months.find((m) => t.life.some((l) => stage.with.includes(l.stage) && l.months.includes(m)));
        if (!host || month === undefined) continue;
        const s = situation({ host: host.id, trouble: t.id, stageSeen: stage.stage, now: `2026-${String(month).padStart(2, '0')}-15T18:00:00Z` });
        const beside = t.life.filter((l) => stage.with.includes(l.stage) && l.months.includes(month));
        for (const v of ladder(s)) {
          const named = usesOn(t).find((u) => u.control === v.control.id)?.reaches;
          const reaches = beside.some((l) => (named ? named.includes(l.stage) : l.open.some((m) => v.control.means.includes(m))));
          if (reaches && v.does !== 'prevents')
            expect([t.id, stage.stage, v.key, v.reasons.some((r) => r.code === 'pest-stage')]).toEqual([t.id, stage.stage, v.key, false]);
        }
      }
  });
});
