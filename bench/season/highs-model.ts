import type { Highs } from 'highs';
import { AIMS, fitsDay, type Aims, type ProgrammeModel } from '../../packages/core/src/programme';

/** The same programme as rows and columns, as docs/programme.md writes it down; each aim is one sum of columns. */
interface Written {
  readonly rows: readonly string[];
  readonly binaries: readonly string[];
  /** Whole numbers from 0 on. */
  readonly counted: readonly string[];
  readonly aims: Readonly<Record<keyof Aims, readonly string[]>>;
}

const term = (n: number, name: string) => `${n < 0 ? '-' : '+'} ${String(Math.abs(n))} ${name}`;

function written(model: ProgrammeModel): Written {
  const rows: string[] = [];
  const binaries: string[] = [];
  const counted: string[] = [];
  const aims: Record<keyof Aims, string[]> = { unanswered: [], bareDays: [], bareSoon: [], harm: [], evenings: [], mixes: [], early: [], later: [] };
  const x = (i: number, d: number) => `x_${String(i)}_${String(d)}`;
  const days = Array.from({ length: model.days }, (_, d) => d);
  /** By day and quarter hour: the starts that would still be at work then. */
  const atWork = new Map<string, string[]>();
  const may = model.courses.map((c) => days.filter((d) => fitsDay(c, d)));
  const mixed = new Set<string>();

  model.courses.forEach((c, i) => {
    const on = may[i] ?? [];
    for (const d of on) {
      binaries.push(x(i, d));
      const starts: string[] = [];
      for (const s of c.open[d] ?? []) {
        for (let q = s.from; q + c.quarters <= s.to; q++) {
          const y = `y_${String(i)}_${String(d)}_${String(q)}`;
          if (starts.includes(y)) continue;
          starts.push(y);
          binaries.push(y);
          for (let t = q; t < q + c.quarters; t++) {
            const key = `${String(d)}_${String(t)}`;
            atWork.set(key, [...(atWork.get(key) ?? []), y]);
          }
        }
      }
      // a round on a day has one start
      rows.push(`${starts.map((y) => `+ ${y}`).join(' ')} - ${x(i, d)} = 0`);
      rows.push(`${x(i, d)} - e_${String(d)} <= 0`);
      aims.harm.push(term(c.harm, x(i, d)));
      if (d > 0) aims.later.push(term(d, x(i, d)));
      if (c.mix !== null) {
        const m = `m_${String(d)}_${c.mix.replace(/\W/g, '')}`;
        mixed.add(m);
        rows.push(`${x(i, d)} - ${m} <= 0`);
      }
    }
    // any so many days running hold one round at most
    const least = Math.max(1, c.least);
    for (const d of on) {
      const window = on.filter((t) => t >= d && t < d + least);
      if (window.length > 1) rows.push(`${window.map((t) => `+ ${x(i, t)}`).join(' ')} <= 1`);
    }
    if (on.length > 0) rows.push(`${on.map((d) => `+ ${x(i, d)}`).join(' ')} <= ${String(c.rounds)}`);
    // days on which what came before still holds are thrown away
    for (const d of on) {
      const w = `w_${String(i)}_${String(d)}`;
      const over = [
        ...(c.due > d ? [`${w} ${term(-(c.due - d), x(i, d))} >= 0`] : []),
        ...on.flatMap((e) => {
          const left = e + (c.holds[e] ?? 0) - d;
          return e < d && left > 0 ? [`${w} ${term(-left, x(i, e))} ${term(-left, x(i, d))} >= ${String(-left)}`] : [];
        }),
      ];
      if (over.length === 0) continue;
      rows.push(...over);
      counted.push(w);
      aims.early.push(term(1, w));
    }
    for (const d of c.fixed) rows.push(on.includes(d) ? `${x(i, d)} = 1` : `0 ${x(i, on[0] ?? 0)} >= 1`);
    const end = Math.min(model.days, c.until);
    for (const t of days.filter((d) => d >= c.due && d < end)) {
      const u = `u_${String(i)}_${String(t)}`;
      binaries.push(u);
      aims.bareDays.push(term(1, u));
      aims.bareSoon.push(term(model.days - t, u));
      const holding = on.filter((d) => d <= t && t < d + (c.holds[d] ?? 0));
      const through = c.wanted === null ? '' : ` + z_${String(i)}_${String(t)}`;
      rows.push(`${u} ${holding.map((d) => `+ ${x(i, d)}`).join(' ')}${through} >= 1`);
      if (c.wanted !== null) {
        const z = `z_${String(i)}_${String(t)}`;
        binaries.push(z);
        // through is a course only that has had all its rounds
        rows.push(`${[...on.filter((d) => d <= t).map((d) => `+ ${x(i, d)}`), term(-c.wanted, z)].join(' ')} >= 0`);
      }
    }
    c.warnings.forEach((w, k) => {
      const v = `v_${String(i)}_${String(k)}`;
      binaries.push(v);
      aims.unanswered.push(term(1, v));
      rows.push(
        `${v} ${on
          .filter((d) => d >= w.from && d <= w.to)
          .map((d) => `+ ${x(i, d)}`)
          .join(' ')} >= 1`,
      );
    });
  });
  for (const d of days) {
    binaries.push(`e_${String(d)}`);
    aims.evenings.push(term(1, `e_${String(d)}`));
  }
  for (const m of mixed) {
    binaries.push(m);
    aims.mixes.push(term(1, m));
  }
  // one pair of hands
  for (const busy of atWork.values()) if (busy.length > 1) rows.push(`${busy.map((y) => `+ ${y}`).join(' ')} <= 1`);
  const place = new Map(model.courses.map((c, i) => [c.id, i]));
  for (const { first, then, days: between } of model.apart) {
    const [a, b] = [place.get(first) as number, place.get(then) as number];
    for (const d of may[a] ?? []) {
      for (const t of may[b] ?? []) if (t >= d && t - d < between) rows.push(`${x(a, d)} + ${x(b, t)} <= 1`);
    }
  }
  for (const total of model.totals) {
    const takers = model.courses.flatMap((c, i) => {
      const each = c.takes.find((t) => t.total === total.id)?.amount ?? 0;
      return each > 0 ? (may[i] ?? []).map((d) => term(each, x(i, d))) : [];
    });
    if (takers.length > 0) rows.push(`${takers.join(' ')} <= ${String(total.left + 1e-9)}`);
  }
  return { rows, binaries, counted, aims };
}

const STAGES: readonly (readonly (keyof Aims)[])[] = [['unanswered', 'bareDays'], ['bareSoon'], ['harm', 'evenings', 'mixes'], ['early', 'later']];
/** More than any one aim comes to in a stage. */
const STEP = 1000;

/**
 * The best aims by HiGHS, in four stages so that no weight is too large for its tolerance; null where nothing can be.
 */
export function byHighs(highs: Highs, model: ProgrammeModel): Aims | null {
  const { rows, binaries, counted, aims } = written(model);
  const fixed: string[] = [];
  const found: Partial<Record<keyof Aims, number>> = {};
  for (const stage of STAGES) {
    const goal = stage.flatMap((aim, k) =>
      aims[aim].map((t) => t.replace(/^([+-]) (\S+)/, (_, s: string, n: string) => `${s} ${String(Number(n) * STEP ** (stage.length - 1 - k))}`)),
    );
    const text = [
      'Minimize',
      ` obj: ${goal.length > 0 ? goal.join(' ') : '0 e_0'}`,
      'Subject To',
      ...[...rows, ...fixed].map((r, i) => ` r${String(i)}: ${r}`),
      ...(counted.length > 0 ? ['General', ` ${counted.join(' ')}`] : []),
      'Binary',
      ` ${binaries.join(' ')}`,
      'End',
    ].join('\n');
    const solved = highs.solve(text, { mip_rel_gap: 0, mip_abs_gap: 0.1, output_flag: false });
    if (solved.Status !== 'Optimal') return null;
    const columns = solved.Columns as Readonly<Record<string, { readonly Primal: number }>>;
    for (const aim of stage) {
      const value = aims[aim].reduce((sum, t) => {
        const [sign, n, name] = t.split(' ') as [string, string, string];
        return sum + (sign === '-' ? -1 : 1) * Number(n) * Math.round(columns[name]?.Primal ?? 0);
      }, 0);
      found[aim] = value;
      if (aims[aim].length > 0) fixed.push(`${aims[aim].join(' ')} <= ${String(value)}`);
    }
  }
  return Object.fromEntries(AIMS.map((a) => [a, found[a] ?? 0])) as unknown as Aims;
}
