import { HOSTS, type PartId } from '@sleetbrook/core/cards';
import { HOST_NAMES } from '@sleetbrook/core/catalogue';
import { plantOptions } from '../src/screens/plant-options';
import { plantShapes, shows } from '../src/screens/look/drawings/plants';
import type { Tokens } from '../src/ui/tokens';

/** Every colour named after itself, so that a missing one shows. */
const t = new Proxy({}, { get: (_o, name) => `#${String(name)}` }) as Tokens;

describe('where do you see it', () => {
  test.each(HOSTS.map((h) => [h.id, h] as const))('%s: each part that can be asked about is drawn, whole, and unlike the others', (_id, h) => {
    const seen = new Map<string, PartId>();
    for (const part of h.parts) {
      expect([part, shows(h.form, part)]).toEqual([part, true]);
      const shapes = plantShapes(h.form, part, t);
      for (const s of shapes) {
        expect(s.d).toMatch(/^M/);
        expect(s.d).not.toMatch(/NaN|undefined|Infinity/);
        expect(s.fill ?? s.stroke).toMatch(/^#[a-zA-Z]+$/);
      }
      const look = JSON.stringify(shapes);
      expect([part, seen.get(look)]).toEqual([part, undefined]);
      seen.set(look, part);
    }
  });

  test('a cactus has no leaves like a tree, and a bulb is lit where its roots are', () => {
    expect(plantShapes('cactus', 'stem', t)).not.toEqual(plantShapes('tree', 'stem', t));
    expect(plantShapes('bulb', 'root', t).some((s) => s.fill === '#leaf')).toBe(true);
    expect(plantShapes('tree', 'root', t).some((s) => s.stroke === '#ochre')).toBe(true);
  });

  test('nothing is lit but what is meant', () => {
    for (const form of ['rosette', 'vine', 'fern', 'conifer', 'palm'] as const) {
      const lit = plantShapes(form, 'tip', t).filter((s) => s.stroke === '#moss');
      const all = plantShapes(form, 'whole', t).filter((s) => s.stroke === '#moss');
      expect([form, lit.length > 0 && lit.length < all.length]).toEqual([form, true]);
    }
  });
});

const PLANT_OPTIONS = plantOptions(HOST_NAMES);

describe('choosing a plant', () => {
  test('before the names have come the list is there all the same', () => expect(plantOptions([]).map((o) => o.label)).toEqual(HOSTS.map((h) => h.name)));

  const found = (text: string) => PLANT_OPTIONS.filter((o) => `${o.label} ${o.also}`.toLowerCase().includes(text)).map((o) => o.value);
  test.each([
    ['zucchini', 'courgette'],
    ['eggplant', 'aubergine'],
    ['brinjal', 'aubergine'],
    ['arugula', 'salad-rocket'],
    ['kaki', 'persimmon'],
    ['thuja', 'arborvitae'],
    ['sansevieria', 'snake-plant'],
    ['turf', 'lawn'],
  ])('%s is found', (word, id) => expect(found(word)).toContain(id));

  test('of two that go by one name, each says under it which is eaten', () => {
    for (const word of ['cherry', 'sage', 'sweet pea']) {
      const ids = found(word);
      expect(ids.length).toBeGreaterThan(1);
      const apart = new Map(HOST_NAMES.map((n) => [n.id, n.apart]));
      const plants = HOSTS.filter((h) => ids.includes(h.id) && apart.get(h.id));
      expect([word, new Set(plants.map((h) => h.edible)).size]).toEqual([word, 2]);
      for (const h of plants) expect(PLANT_OPTIONS.find((o) => o.value === h.id)?.note).toBe(apart.get(h.id));
    }
  });

  test('another of a kind stands last, for what has no entry', () => {
    const standIns = HOSTS.filter((h) => h.stands).map((h) => h.id);
    expect(PLANT_OPTIONS.slice(-standIns.length).map((o) => o.value)).toEqual(standIns);
    expect(standIns).toEqual(
      expect.arrayContaining(['other-vegetable', 'other-fruit', 'other-flower', 'other-house', 'other-shrub', 'other-conifer', 'other-grass', 'unknown-plant']),
    );
  });
});
