import { findHost, HOSTS, TROUBLES } from '../src/catalogue';
import { lineFor } from '../src/label';
import { SHEETS } from '../src/label/sheets';

const eaten = HOSTS.filter((h) => h.edible);

describe('what is eaten never slips onto a line that is not for food', () => {
  test.each(SHEETS.map((s) => [s.id, s] as const))('%s has a picking wait for every plant that is eaten', (_id, s) => {
    const bare = eaten.flatMap((h) =>
      TROUBLES.flatMap((t) => {
        const line = lineFor(s, h, t);
        return line.ok && line.value.phiDays === null ? [`${h.id}: ${t.id}`] : [];
      }),
    );
    expect(bare).toEqual([]);
  });

  test('a stand-in that may be eaten is taken as eaten', () => {
    for (const id of ['other-vegetable', 'other-fruit', 'unknown-plant']) expect([id, findHost(id)?.edible]).toEqual([id, true]);
  });
});

describe('what harms a kind of plant harms each of its kin that has an entry', () => {
  const oil = SHEETS.find((s) => s.id === 'horticultural-oil');
  test.each(['conifer', 'juniper', 'arborvitae', 'cypress', 'spruce', 'pine', 'yew', 'other-conifer'])('oil on %s is asked about', (id) => {
    const crops = findHost(id)?.crops ?? [];
    expect(oil?.harms?.some((h) => crops.includes(h.what))).toBe(true);
  });
});
