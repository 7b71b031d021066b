import fc from 'fast-check';
import { dutyIn, findHost, findTrouble } from '../src/catalogue';
import { LAW_ENTRIES } from '../src/catalogue/made/law';
import { allowedIn, homeMadeLaw, type LabelSheet } from '../src/label';
import { ACTIVES } from '../src/label/actives';
import { findSheet, SHEETS } from '../src/label/sheets';
import { regionsOf } from '../src/measure';
import { runs } from './runs';
import { verdictOn } from './situation';

const RANK = { barred: 0, ask: 1 } as const;
const strictness = (sheet: LabelSheet, country: string | null, region: string | null = null) => {
  const law = allowedIn(sheet, { country, region });
  return law ? RANK[law.is] : 2;
};
const listedAs = (word: string, place: string, sheet: LabelSheet) =>
  LAW_ENTRIES.some((e) => e.places.includes(place) && ACTIVES.some((a) => e.actives[a.id]?.home === word && sheet.actives.some((x) => a.printed.test(x.name))));

const places = [...new Set(LAW_ENTRIES.flatMap((e) => e.places))];
const countries = [...places.filter((p) => p.length === 2), 'KE', 'BR', 'ZA', 'JP', 'NO'];

describe('the law of the place', () => {
  test('naming a country never makes anything laxer than naming none, unless it is listed as allowed there', () => {
    for (const sheet of SHEETS)
      for (const country of countries) {
        const laxer = strictness(sheet, country) > strictness(sheet, null);
        if (laxer) expect([sheet.id, country, listedAs('yes', country, sheet)]).toEqual([sheet.id, country, true]);
      }
  });

  test('a state or province is never laxer than its country, unless it says so', () => {
    for (const country of ['US', 'CA', 'AU'])
      for (const { code } of regionsOf(country))
        for (const sheet of SHEETS) {
          const laxer = strictness(sheet, country, code) > strictness(sheet, country);
          if (laxer) expect([sheet.id, code, listedAs('yes', code, sheet)]).toEqual([sheet.id, code, true]);
        }
  });

  test('whatever a pack of one’s own holds: what nobody knows is asked, and one active more never opens anything', () => {
    const names = ['Garlic juice', 'Potassium salts of fatty acids', 'Spinosad', 'Imidacloprid', 'Captan', 'Abamectin', 'Fipronil', 'Metaldehyde', 'Neem oil'];
    fc.assert(
      fc.property(fc.constantFrom(...names), fc.constantFrom(...names), fc.constantFrom(null, ...countries), (one, more, country) => {
        const base = findSheet('potassium-soap') as LabelSheet;
        const pack = (of: readonly string[]): LabelSheet => ({
          ...base,
          id: 'own-x',
          specimen: false,
          actives: of.map((name) => ({ name, percent: 10, moa: 'none assigned' })),
        });
        expect(strictness(pack([one, more]), country)).toBeLessThanOrEqual(strictness(pack([one]), country));
        if (one === 'Garlic juice') expect(strictness(pack([one]), country)).toBeLessThan(2);
      }),
      { numRuns: runs(2000) },
    );
  });

  // source: from memory; ask where it matters
  test.each([
    ['imidacloprid-drench', 'US', 'US-CA', 'barred'],
    ['imidacloprid-drench', 'US', 'US-OH', 'ask'],
    ['carbaryl-dust', 'CA', 'CA-ON', 'barred'],
    ['neem-oil', 'CA', null, 'barred'],
    ['neem-oil', 'US', 'US-OH', null],
    ['spinosad', 'GB', null, 'ask'],
    ['bt-kurstaki', 'IN', null, null],
  ] as const)('%s in %s %s: %s', (id, country, region, is) => expect(allowedIn(findSheet(id) as LabelSheet, { country, region })?.is ?? null).toBe(is));

  test('on what is eaten, and in a room, the law may say another thing', () => {
    const tebuconazole = findSheet('tebuconazole') as LabelSheet;
    expect(allowedIn(tebuconazole, { country: 'GB' }, { eaten: false })).toBeNull();
    expect(allowedIn(tebuconazole, { country: 'GB' }, { eaten: true })?.is).toBe('barred');
    const drench = findSheet('imidacloprid-drench') as LabelSheet;
    expect(allowedIn(drench, { country: 'US', region: 'US-CA' }, { indoors: true })?.is).toBe('ask');
  });

  test('what is made at home is barred in Great Britain whatever Settings say, at the ladder as in the law', () => {
    expect(homeMadeLaw({ country: 'GB' })).toBe('no');
    expect(homeMadeLaw({ country: 'IN' })).toBeNull();
    const v = verdictOn('neem-leaf-tea', { host: 'rose', trouble: 'greenfly', country: 'GB', homeMade: 'allowed' });
    expect(v.reasons.map((r) => r.code)).toContain('home-made');
    expect(v.status).toBe('never');
  });
});

describe('what must be reported, state by state', () => {
  const duty = (trouble: string, host: string, country: string, region: string | null, latitude: number, longitude: number) =>
    dutyIn(findTrouble(trouble) as never, findHost(host) as never, { country, region, latitude, longitude });
  // source: from memory, as of 2026-12
  test.each([
    ['spongy-moth', 'oak', 'US', 'US-OH', 40, -83, 'none'],
    ['spongy-moth', 'oak', 'US', 'US-CA', 38.6, -121.5, 'must'],
    ['spongy-moth', 'oak', 'US', null, 40, -83, 'ask'],
    ['citrus-greening', 'citrus', 'US', 'US-FL', 28, -81, 'none'],
    ['citrus-greening', 'citrus', 'US', 'US-CA', 34, -117, 'must'],
    ['apple-maggot', 'apple', 'GB', null, 51.5, 0, 'must'],
    ['apple-maggot', 'apple', 'US', 'US-OH', 40, -83, 'none'],
    ['spotted-wilt', 'tomato', 'GB', null, 51.5, 0, 'none'],
    ['rose-rosette', 'rose', 'IT', null, 45, 9, 'must'],
  ] as const)('%s on %s in %s %s', (trouble, host, country, region, latitude, longitude, is) =>
    expect(duty(trouble, host, country, region, latitude, longitude)).toBe(is),
  );
});
