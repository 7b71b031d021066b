import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { CONTROLS, findControl, findHost, FRIENDS, HOST_NAMES, HOSTS, SIGNS, TROUBLES } from '../src/catalogue';
import { courseOf } from '../src/catalogue/courses';
import { trouble, usesOf } from '../src/catalogue/expand';
import { host } from '../src/catalogue/expand-host';
import { KIND_NAMES, readLibrary, type Library } from '../src/contribute';

const ROOT = join(__dirname, '../catalogue');
const { library } = readLibrary(
  KIND_NAMES.flatMap((kind) => readdirSync(join(ROOT, kind)).map((f) => ({ path: `${kind}/${f}`, text: readFileSync(join(ROOT, kind, f), 'utf8') }))),
);
const entry = (id: string) => library.troubles.find((t) => t.id === id) as Library['troubles'][number];
const MARK = { practice: 'CP', memory: 'MEM', published: 'PUB' } as const;

describe('what the files say short is there in full', () => {
  test('every entry of every folder is in the catalogue, and nothing else', () => {
    const ids = (list: readonly { id: string }[]) => list.map((x) => x.id).sort();
    expect(ids(TROUBLES)).toEqual(ids(library.troubles));
    expect(ids(FRIENDS)).toEqual(ids([...library.helpers, ...library['look-alikes']]));
    expect(ids(CONTROLS)).toEqual(ids(library.controls));
    expect(ids(SIGNS)).toEqual(ids(library.signs));
    expect(ids(HOSTS)).toEqual(ids(library.hosts));
    expect(ids(HOST_NAMES)).toEqual(ids(library.hosts));
  });

  test.each(TROUBLES.map((t) => [t.id, t] as const))('%s: its sentences with their marks, its signs, and every stage', (id, t) => {
    const e = entry(id);
    for (const [said, full] of [
      ...e.facts.map((f, i) => [f, t.facts[i]] as const),
      [e.never, t.never] as const,
      [e.tolerate, t.tolerate] as const,
      [e.spread, t.spread.fact] as const,
    ]) {
      const mark = (['practice', 'memory', 'published'] as const).find((m) => said[m] !== undefined);
      expect(full).toEqual({ text: said[mark ?? 'memory'], prov: { mark: MARK[mark ?? 'memory'], ...(said.source ? { source: said.source } : {}) } });
    }
    // what is listed, and the plain signs that stand for one of those
    const listed = Object.values(e.signs).flat();
    for (const s of Object.keys(t.signs).filter((x) => !listed.includes(x)))
      expect(SIGNS.find((x) => x.id === s)?.covers.some((c) => listed.includes(c))).toBe(true);
    for (const [how, signs] of Object.entries(e.signs)) for (const s of signs ?? []) expect(t.signs[s]).toBe(how);
    expect(t.life.map((s) => s.stage)).toEqual(e.life.map((s) => s.stage));
    expect(t.life.map((s) => s.warmth?.degreeDays ?? null)).toEqual(e.life.map((s) => s.warmth?.degreeDays ?? null));
    expect(t.labelAs[0]).toBe(id);
    expect(new Set(t.labelAs).size).toBe(t.labelAs.length);
    expect([t.inside, t.waterMould, t.hidesInCurl]).toEqual([e.inside === true, e.waterMould === true, e.hidesInCurl === true]);
    expect(t.threshold).toMatchObject({ share: e.threshold.share, prov: { mark: MARK[e.threshold.mark] } });
    expect(t.report?.in ?? []).toEqual(e.report?.in ?? []);
    expect([t.range.native, t.range.spread, t.range.everywhere]).toEqual([e.range.native ?? [], e.range.spread ?? [], e.range.everywhere === true]);
    expect(t.climates).toEqual(e.climates ?? null);
    expect(new Set(t.controls.map((c) => c.control)).size).toBe(t.controls.length);
  });

  test('months over the turn of the year, one month, and all', () => {
    const with_ = (season: Library['troubles'][number]['season']) => trouble({ ...entry('thrips'), season }, new Map(), []).months;
    expect(with_('11-2')).toEqual([11, 12, 1, 2]);
    expect(with_('5-8')).toEqual([5, 6, 7, 8]);
    expect(with_(6)).toEqual([6]);
    expect(with_('all')).toHaveLength(12);
  });

  test('signs and controls', () => {
    for (const e of library.signs)
      expect(SIGNS.find((s) => s.id === e.id)).toEqual({
        ...e,
        yes: e.yes ?? 'Yes',
        also: e.also ?? [],
        plain: e.plain ?? false,
        covers: e.covers ?? [],
        onlyOn: e.onlyOn ?? null,
        against: e.against ?? [],
        drawing: e.drawing ?? null,
      });
    for (const e of library.controls) {
      const c = findControl(e.id);
      expect([c?.rung, c?.act, c?.means, c?.does, c?.cautions.length, c?.alsoFor?.length]).toEqual([
        e.rung,
        e.act,
        e.means,
        e.does,
        e.cautions.length,
        e.alsoFor?.length,
      ]);
      expect(c && 'course' in c).toBe(false);
      const course = courseOf(e.id, null);
      expect(course?.words ?? null).toBe(e.course?.words ?? null);
      if (e.course)
        expect(course).toMatchObject({
          rounds: e.course.rounds,
          every: e.course.every,
          slow: e.course.slow === true,
          guards: e.course.guards === true,
          prov: { mark: MARK[e.course.mark] },
        });
    }
    expect(courseOf('no-such-control', 'greenfly')).toBeNull();
    expect(findControl('sulfur-spray')?.alsoFor?.[0] ?? findControl('neem-leaf-tea')?.alsoFor?.[0]).toMatchObject({
      why: expect.any(String),
      prov: { mark: expect.stringMatching(/CP|MEM/) },
    });
  });
});

describe('a ladder from shared lists and lines of its own', () => {
  const line = (control: string, effect: number) => ({ control, effect, practice: `${control} at ${effect}.` });
  const means = new Map([
    ['soft', { id: 'soft', about: 'Against what is soft.', lines: [line('leave-it', 0.1), line('hose-jet', 0.5), line('soap-spray', 0.9)] }],
  ]);

  test('lists come in, without what is left out; a later line takes the place of an earlier one, where that stood', () => {
    const uses = usesOf([{ list: 'soft', except: ['hose-jet'] }, line('soap-spray', 0.6), { ...line('sticky-card', 0.3), does: 'aids' as const }], means);
    expect(uses.map((u) => [u.control, u.effect])).toEqual([
      ['leave-it', 0.1],
      ['soap-spray', 0.6],
      ['sticky-card', 0.3],
    ]);
    expect(uses[2]).toEqual({ control: 'sticky-card', effect: 0.3, why: 'sticky-card at 0.3.', prov: { mark: 'CP' }, does: 'aids' });
    expect(uses[0]).not.toHaveProperty('does');
  });

  test('its time and its warmth of soil go with it', () => {
    const [use] = usesOf([{ ...line('nematodes', 0.5), soilC: 5, when: { phases: ['leaf-fall'], memory: 'as leaves fall' } }], means);
    expect(use).toMatchObject({ soilC: 5, when: { phases: ['leaf-fall'], text: 'as leaves fall', prov: { mark: 'MEM' } } });
  });

  test('a list that is none adds nothing (the check names it)', () => expect(usesOf([{ list: 'hard' }], means)).toEqual([]));
});

describe('a host from a few words', () => {
  const base = { id: 'new-plant', name: 'New plants', family: 'Newaceae', group: 'vegetable' as const, shape: 'leafy' as const, form: 'herb' as const };
  test('vegetables and fruit are eaten, flowers and shrubs are not, unless said otherwise', () => {
    expect(host(base).edible).toBe(true);
    expect(host({ ...base, group: 'fruit' }).edible).toBe(true);
    for (const group of ['ornamental', 'shrub', 'house'] as const) expect(host({ ...base, group }).edible).toBe(false);
    expect(host({ ...base, group: 'shrub', edible: true }).edible).toBe(true);
    expect(host({ ...base, edible: false }).edible).toBe(false);
  });
  test('label words: its own, then its group’s; a label for herbs is not one for vegetables', () => {
    expect(host(base).crops).toEqual(['new-plant', 'vegetables']);
    expect(host({ ...base, crops: ['beans'] }).crops).toEqual(['beans', 'vegetables']);
    expect(host({ ...base, crops: ['herbs'] }).crops).toEqual(['herbs']);
    expect(host({ ...base, group: 'shrub', crops: [] }).crops).toEqual(['shrubs', 'ornamentals']);
    expect(findHost('juniper')?.crops).toContain('conifer');
  });
  test('garden flowers that bees visit go on flowering; parts by its shape', () => {
    expect(host({ ...base, group: 'ornamental', bees: true }).flowersOn).toBe(true);
    expect(host({ ...base, group: 'ornamental' }).flowersOn).toBe(false);
    expect(host({ ...base, group: 'shrub', bees: true }).flowersOn).toBe(false);
    expect(host({ ...base, bees: true, flowersOn: true }).flowersOn).toBe(true);
    expect(host(base)).toMatchObject({ beePlant: false, uprightTips: false });
    expect(host(base).parts).not.toContain('trunk');
    expect(host({ ...base, shape: 'woody' }).parts).toContain('trunk');
    expect(host(base)).not.toHaveProperty('stands');
  });
  test('families that were wrong are right (any flora)', () => {
    expect(['hazel', 'camellia', 'snake-plant', 'juniper', 'linden', 'olive'].map((id) => findHost(id)?.family)).toEqual([
      'Betulaceae',
      'Theaceae',
      'Asparagaceae',
      'Cupressaceae',
      'Malvaceae',
      'Oleaceae',
    ]);
  });
});
