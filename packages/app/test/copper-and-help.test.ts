import type { Case, Garden, Planting, Treatment } from '@sleetbrook/core/api';
import { findSheet } from '@sleetbrook/core/sheets';
import type { LabelSheet } from '@sleetbrook/core/label';
import { instant, STARTER_KITS } from '@sleetbrook/core/measure';
import type { PastTreatment } from '@sleetbrook/core/decide-light';
import { lastUsed } from '../src/screens/help/last-used';
import { jobFor, type JobFacts } from '../src/screens/mix/job-for';
import { EMPTY_MIX } from '../src/state/drafts';

const sheet = findSheet('copper-hydroxide') as LabelSheet;
const NOW = instant(Date.parse('2026-02-10T12:00:00Z'));
const peach = { id: 'peach', name: 'Peach', hostId: 'peach', stage: 'dormant', areaM2: 10, trunkCm: null, heightM: null } as unknown as Planting;
const plum = { ...peach, id: 'plum', name: 'Plum', hostId: 'plum' } as unknown as Planting;
const found = { id: 'c', troubleId: 'peach-leaf-curl', plantingId: 'peach', laps: [{ controlId: 'copper-spray', sheetId: null }] } as unknown as Case;
const had = (grams: number): PastTreatment => ({
  at: instant(NOW - 40 * 86_400_000),
  controlId: 'copper-spray',
  sheet,
  lineId: 'fruit-trees',
  amount: grams,
  areaM2: 10,
});

describe('copper in the mix as it is planned', () => {
  const facts = (change: Partial<JobFacts> = {}): JobFacts => ({
    found,
    sheet,
    planting: peach,
    plantings: [peach, plum],
    openCases: [],
    sprayers: [{ id: 'b', revision: 1, name: 'Pump', capacityMl: 5000, forWeedkiller: false, calibrations: [] }],
    garden: {
      measures: [...STARTER_KITS.metric, { kind: 'scale', id: 's', name: 'scale', resolutionG: 0.1, capacityG: 500 }],
      units: 'metric',
      zone: 'Europe/Dublin',
    } as unknown as Garden,
    against: () => null,
    had: () => [],
    at: NOW,
    ...change,
  });
  const plan = (water: string, change: Partial<JobFacts> = {}, also: readonly { plantingId: string; size: string }[] = []) => {
    const job = jobFor({ ...EMPTY_MIX, rate: '4', water, also } as typeof EMPTY_MIX, facts(change));
    if (!job.ok) throw new Error(job.reasons[0]?.sentence);
    return job.value.plan;
  };
  // 4 g a litre, half of it copper: 2 l on 10 m² are 0.4 g a m², 7 l are 1.4
  test('the label’s water is within; three times of it is not, and says how much would be', () => {
    expect(plan('2 l').ok).toBe(true);
    expect(plan('6 l').ok).toBe(true);
    expect(plan('7 l')).toMatchObject({
      ok: false,
      reasons: [{ code: 'copper-load', field: 'water', sentence: expect.stringMatching(/Make 89 in 100 of it at most/) }],
    });
  });
  test('what went on before counts, and so does when it will be long enough ago', () => {
    expect(plan('4 l', { had: () => [had(8)] }).ok).toBe(true);
    expect(plan('4 l', { had: () => [had(10)] })).toMatchObject({ ok: false, reasons: [{ sentence: expect.stringMatching(/or wait until .* 1 Jan/) }] });
  });
  test('of a shared mix the planting that has had enough is named', () => {
    const both = { had: (id: string) => (id === 'plum' ? [had(24)] : []), found: { ...found, troubleId: 'bacterial-canker' } as unknown as Case };
    expect(plan('4 l', both, [{ plantingId: 'plum', size: '' }])).toMatchObject({ ok: false, reasons: [{ sentence: expect.stringMatching(/^Plum: /) }] });
  });
  test('what is mixed already is seen through', () => expect(plan('7 l', { at: null }).ok).toBe(true));
});

describe('what was used lately, for the phone', () => {
  const t = (name: string, days: number, change: object = {}) =>
    ({
      id: `${name}${days}`,
      sheet: { ...sheet, name },
      struck: null,
      finishedAt: new Date(NOW - days * 86_400_000).toISOString(),
      ...change,
    }) as unknown as Treatment;
  const names = (log: readonly Treatment[]) => lastUsed(log, NOW).map((x) => x.sheet.name);
  test('the last first, each once, none that was struck out, done by hand or is long ago', () =>
    expect(
      names([
        t('Soap', 3),
        t('Copper', 1),
        t('Soap', 5),
        t('Oil', 13.9),
        t('Neem', 14),
        t('Malathion', 2, { struck: { at: '', why: '' } }),
        t('Hand', 1, { sheet: null }),
      ]),
    ).toEqual(['Copper', 'Soap', 'Oil']));
  test('not more than can be read out', () => expect(names([1, 2, 3, 4, 5, 6].map((n) => t(`P${n}`, n)))).toEqual(['P1', 'P2', 'P3', 'P4']));
});
