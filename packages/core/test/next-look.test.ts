import fc from 'fast-check';
import { findSign, HOSTS, LOOK_COSTS, SIGNS } from '../src/catalogue';
import { nextLook, rankSuspects, settle, type Answer, type KeyContext } from '../src/diagnose';
import { hypotheses } from '../src/diagnose/hypotheses';
import { runs } from './runs';

/** Accounts under this share do not steer the questions. */
const NEGLIGIBLE = 0.0005;

const situations = fc
  .record({
    host: fc.constantFrom(...HOSTS),
    month: fc.integer({ min: 1, max: 12 }),
    picks: fc.array(fc.record({ at: fc.nat(), seen: fc.boolean(), asked: fc.boolean() }), { minLength: 1, maxLength: 6 }),
  })
  .map(({ host, month, picks }) => {
    const here = SIGNS.filter((s) => s.parts.some((p) => host.parts.includes(p)));
    const context: KeyContext = { host, month, recent: [] };
    const answers: Answer[] = picks.map(({ at, seen, asked }, i) => ({
      signId: here[at % here.length]?.id ?? '',
      seen: i === 0 || seen,
      ...(asked ? { asked } : {}),
    }));
    return { context, answers: answers.filter((a, i) => answers.findIndex((b) => b.signId === a.signId) === i) };
  });

/** The same worth, worked out with lists and by its definition: entropy and the likeliest, before and after each answer. */
function worth(context: KeyContext, answers: readonly Answer[], signId: string): { gain: number; rise: number; worth: number } {
  const live = hypotheses(context, answers).filter((h) => h.p >= NEGLIGIBLE);
  const total = live.reduce((s, h) => s + h.p, 0);
  const at = SIGNS.findIndex((s) => s.id === signId);
  const before = live.map((h) => h.p / total);
  const bits = (list: readonly number[]) => list.reduce((s, x) => (x > 0 ? s - x * Math.log2(x) : s), 0);
  const branch = (chance: (row: Float64Array) => number) => {
    const joint = live.map((h, i) => (before[i] as number) * chance(h.row));
    const p = joint.reduce((s, x) => s + x, 0);
    return { p, after: joint.map((x) => x / p) };
  };
  const ways = [branch((row) => row[at] as number), branch((row) => 1 - (row[at] as number))];
  const gain = bits(before) - ways.reduce((s, w) => s + w.p * bits(w.after), 0);
  const rise = ways.reduce((s, w) => s + w.p * Math.max(...w.after), 0) - Math.max(...before);
  const look = findSign(signId)?.look ?? 'glance';
  return { gain, rise, worth: (gain + rise) / Math.sqrt(LOOK_COSTS[look].cost) };
}

describe('the next look', () => {
  test('brings what it is said to bring, and no other look is worth more', () => {
    fc.assert(
      fc.property(situations, ({ context, answers }) => {
        const look = nextLook(context, answers);
        if (!look) return;
        const mine = worth(context, answers, look.sign.id);
        expect(look.gain).toBeCloseTo(mine.gain, 9);
        expect(look.rise).toBeCloseTo(mine.rise, 9);
        expect(look.rise).toBeGreaterThan(-1e-9);
        // put off by "can't tell", it makes room for one that is worth no more
        const second = nextLook(context, answers, [look.sign.id]);
        if (second) expect(worth(context, answers, second.sign.id).worth).toBeLessThanOrEqual(mine.worth + 1e-9);
      }),
      { numRuns: runs(150) },
    );
  });

  test('"it would settle this" holds for one of the two answers', () => {
    let held = 0;
    fc.assert(
      fc.property(situations, ({ context, answers }) => {
        const look = nextLook(context, answers);
        if (!look?.wouldSettle) return;
        held++;
        const after = [true, false].map((seen) => [...answers, { signId: look.sign.id, seen, asked: true }]);
        // within the little that steers nothing, and what an answer does to unlikely pairs
        expect(Math.max(...after.map((a) => rankSuspects(context, a).find((s) => s.kind !== 'other')?.probability ?? 0))).toBeGreaterThan(0.9);
      }),
      { numRuns: runs(400, 120) },
    );
    // few looks settle: a short run may meet none
    if (runs(400, 120) === 400) expect(held).toBeGreaterThan(0);
  });
});

describe('what the book does not know', () => {
  test('is put first, and said, only where it is likelier than not', () => {
    let first = 0;
    let second = 0;
    fc.assert(
      fc.property(situations, ({ context, answers }) => {
        const suspects = rankSuspects(context, answers);
        const [leader, next] = suspects;
        if (!leader || !next) return;
        if (leader.kind === 'other') first++;
        if (next.kind === 'other' && next.probability > leader.probability) second++;
        if (leader.kind === 'other') expect(leader.probability).toBeGreaterThanOrEqual(0.5);
        // the rest stands by its chances
        const names = suspects.filter((s) => s.kind !== 'other').map((s) => s.probability);
        expect(names).toEqual([...names].sort((a, b) => b - a));
        const finding = settle(context, suspects, answers);
        if (finding.state === 'not-settled' && answers.some((a) => a.seen)) {
          expect(finding.leader.id).toBe(leader.id);
          if (/fits nothing known/.test(finding.why)) expect(leader.kind).toBe('other');
          // words go with the figure beside them
          if (/^Very likely/.test(finding.why)) expect(leader.probability).toBeGreaterThanOrEqual(0.9);
          if (/^Probably/.test(finding.why)) expect(Math.abs(leader.probability - 0.7)).toBeLessThanOrEqual(0.2);
          if (/^Perhaps/.test(finding.why)) expect(leader.probability).toBeLessThan(0.5);
          if (next.kind === 'other' && next.probability > leader.probability && /^Perhaps/.test(finding.why)) expect(finding.why).toMatch(/not in the book/);
        }
      }),
      { numRuns: runs(400, 150) },
    );
    // one in forty and more of all
    expect(Math.min(first, second)).toBeGreaterThan(1);
  });
});
