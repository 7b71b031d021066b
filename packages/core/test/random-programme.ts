import type { Apart, CourseModel, ProgrammeModel, Quarters, Total } from '../src/programme';

/** Numbers that are the same for one seed on every machine (mulberry32, public domain). */
export function seeded(seed: number): () => number {
  let a = seed >>> 0;
  return () => {
    a = (a + 0x6d2b79f5) >>> 0;
    let t = a;
    t = Math.imul(t ^ (t >>> 15), t | 1);
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61);
    return ((t ^ (t >>> 14)) >>> 0) / 4_294_967_296;
  };
}

/** How a control is used: days between, days it holds, rounds wanted (null: as long as needed), harm, quarter hours of a round. */
const KINDS = [
  { name: 'soap', least: 1, holds: 2, wanted: 3, harm: 2, quarters: 2 },
  { name: 'bt', least: 5, holds: 7, wanted: null, harm: 2, quarters: 2 },
  { name: 'sulfur', least: 7, holds: 10, wanted: null, harm: 4, quarters: 3 },
  { name: 'copper', least: 7, holds: 12, wanted: null, harm: 6, quarters: 3 },
  { name: 'oil', least: 7, holds: 10, wanted: 2, harm: 3, quarters: 3 },
  { name: 'by-hand', least: 1, holds: 3, wanted: 4, harm: 1, quarters: 4 },
  { name: 'nematodes', least: 14, holds: 28, wanted: 1, harm: 1, quarters: 2 },
  { name: 'contact', least: 7, holds: 7, wanted: 2, harm: 8, quarters: 2 },
] as const;

/**
 * A garden as there may be one: up to 40 plantings, of which up to 12 have a course, with evenings that wind and rain
 * close, labels that are used up, materials that must not meet, sums of copper, and what was fixed by hand.
 */
export function randomProgramme(seed: number, most = 12, days = 14): ProgrammeModel {
  const random = seeded(seed);
  const whole = (from: number, to: number) => from + Math.floor(random() * (to - from + 1));
  const chance = (p: number) => random() < p;
  const n = whole(1, most);
  const dusk = whole(76, 84);
  const calm = Array.from({ length: days }, () => chance(0.6));
  const rain = Array.from({ length: days }, () => chance(0.2));
  const evening = (day: number): Quarters[] => (calm[day] ? [{ from: dusk - whole(0, 6), to: Math.min(96, dusk + whole(3, 10)) }] : []);
  const plantings = Math.max(1, Math.min(40, whole(1, n + 2)));
  const totals: Total[] = [];
  const apart: Apart[] = [];
  const on: number[] = [];
  const kinds: (typeof KINDS)[number][] = [];
  const courses = Array.from({ length: n }, (_, i): CourseModel => {
    const kind = KINDS[whole(0, KINDS.length - 1)] as (typeof KINDS)[number];
    kinds.push(kind);
    on.push(whole(0, plantings - 1));
    const open = Array.from({ length: days }, (__, day) => {
      if (kind.name === 'by-hand') return [{ from: 32, to: 84 }];
      const dawn: Quarters[] = chance(0.2) && calm[day] ? [{ from: 20, to: 20 + whole(1, 6) }] : [];
      return chance(0.15) ? [] : [...dawn, ...evening(day)];
    });
    const holds = Array.from({ length: days }, (__, day) => {
      const washed = rain.findIndex((r, d) => r && d >= day);
      return kind.holds > 5 && washed >= 0 && washed - day < kind.holds ? Math.max(1, washed - day + whole(0, 1)) : kind.holds;
    });
    const until = chance(0.25) ? whole(1, days) : days;
    const takes = [];
    if (kind.name === 'copper') takes.push({ total: 'copper', amount: whole(1, 4) / 10 });
    if (chance(0.2)) {
      totals.push({ id: `shed ${String(i)}`, left: whole(0, 30) / 10 });
      takes.push({ total: `shed ${String(i)}`, amount: 0.7 });
    }
    const warned = kind.wanted === null && chance(0.4) ? whole(0, 11) : null;
    return {
      id: `c${String(i)}`,
      open,
      quarters: kind.quarters,
      least: kind.least,
      holds,
      rounds: chance(0.2) ? whole(0, 2) : 6,
      wanted: kind.wanted,
      due: whole(-3, 9),
      until,
      harm: kind.harm,
      mix: kind.name === 'by-hand' ? null : kind.name,
      takes,
      warnings: warned === null ? [] : [{ id: `w${String(i)}`, from: warned, to: warned + whole(1, 3) }],
      fixed: [],
    };
  });
  totals.push({ id: 'copper', left: whole(1, 12) / 10 });
  for (let a = 0; a < n; a++)
    for (let b = 0; b < n; b++) {
      if (a === b || on[a] !== on[b]) continue;
      const names = [kinds[a]?.name, kinds[b]?.name];
      const burns = names.includes('oil') && names.includes('sulfur');
      apart.push({ first: `c${String(a)}`, then: `c${String(b)}`, days: burns ? 14 : 1 });
    }
  return { days, courses, apart, totals };
}
