import type { Provenance } from '../measure';
import type { ControlEntry } from './entry/control';
import type { FriendEntry } from './entry/friend';
import type { SignEntry } from './entry/sign';
import type { TroubleEntry } from './entry/trouble';
import type { MeansEntry, UseEntry } from './entry/use';
import type { PlacedHow } from './how';
import { reportOf } from './expand-report';
import { signsOf } from './expand-signs';
import { monthsOf } from './months';
import type { Range } from './range';
import {
  type Control,
  type Effect,
  type Fact,
  type Friend,
  type LifeStage,
  type Moment,
  type Sign,
  type Species,
  type Suspect,
  type Trouble,
  type Use,
  type Warmth,
  type When,
} from './schema';

/** What the files write short, in full. Nothing is checked here: that is done where the files are read. */

interface Sentence {
  readonly practice?: string | undefined;
  readonly memory?: string | undefined;
  readonly published?: string | undefined;
  readonly source?: string | undefined;
}

const fact = (f: Sentence): Fact =>
  f.practice !== undefined
    ? { text: f.practice, prov: { mark: 'CP' } }
    : f.memory !== undefined
      ? { text: f.memory, prov: { mark: 'MEM' } }
      : { text: f.published ?? '', prov: { mark: 'PUB', ...(f.source ? { source: f.source } : {}) } };

const MARKS = { practice: 'CP', memory: 'MEM', published: 'PUB' } as const;
const provOf = (m: { mark: keyof typeof MARKS; source?: string | undefined }): Provenance => ({
  mark: MARKS[m.mark],
  ...(m.source ? { source: m.source } : {}),
});

/** An object without the keys that nothing was said for. */
const said = <T extends object>(x: T) =>
  Object.fromEntries(Object.entries(x).filter(([, v]) => v !== undefined)) as { [K in keyof T]: Exclude<T[K], undefined> };

const time = (w: NonNullable<UseEntry['when']>): When => ({ phases: w.phases, ...fact(w) });

const effectOf = (e: UseEntry['effect']): Effect => (typeof e === 'number' ? { few: e, many: e } : e);

function use(u: UseEntry, inherited: boolean): Use {
  const { text, prov } = fact(u);
  const shares = effectOf(u.effect);
  return said({
    control: u.control,
    effect: Math.max(shares.few, shares.many),
    shares: shares.few === shares.many ? undefined : shares,
    where: u.where && Object.fromEntries(Object.entries(u.where).map(([key, e]) => [key, effectOf(e)])),
    why: text,
    prov,
    does: u.does,
    alsoPrevents: u.alsoPrevents,
    atOnce: u.atOnce,
    when: u.when && time(u.when),
    soilC: u.soilC,
    on: u.onlyOn,
    notOn: u.notOn,
    reaches: u.reaches,
    how: u.how,
    first: u.first && said({ from: u.first === true ? 0 : (u.first.from ?? 0), on: u.first === true ? undefined : u.first.onlyOn }),
    inherited: inherited || undefined,
  }) as Use;
}

/** To leave it and to ask somebody licensed hold of anything: no list says them of one trouble more than of another. */
const OF_ANYTHING: readonly string[] = ['leave-it', 'licensed-person'];

/**
 * The lines of a ladder with its shared lists written out; a later line takes the place of an earlier one on the same
 * control. What a list gives and nobody has confirmed for this trouble is inherited.
 */
export function usesOf(lines: TroubleEntry['controls'], means: ReadonlyMap<string, MeansEntry>): Use[] {
  const all = lines.flatMap((l) =>
    'list' in l
      ? (means.get(l.list)?.lines ?? [])
          .filter((u) => !l.except?.includes(u.control))
          .map((u) => use(u, !OF_ANYTHING.includes(u.control) && !l.confirmed?.includes(u.control)))
      : [use(l, false)],
  );
  return [...new Map(all.map((u) => [u.control, u])).values()];
}

/** How a control is carried out against a trouble, where its entry says so. */
export const pairCoursesOf = (e: Pick<TroubleEntry, 'controls'>): Readonly<Record<string, PairCourse>> =>
  Object.fromEntries(e.controls.flatMap((l) => ('course' in l && l.course ? [[l.control, said(l.course) as PairCourse] as const] : [])));

/** Lines of a control's card that hold for a trouble only. */
export const pairHowOf = (e: Pick<TroubleEntry, 'controls'>): Readonly<Record<string, readonly PlacedHow[]>> =>
  Object.fromEntries(e.controls.flatMap((l) => ('how' in l && l.how ? [[l.control, l.how] as const] : [])));

const rangeOf = (r: TroubleEntry['range']): Range => ({ everywhere: r.everywhere ?? false, native: r.native ?? [], spread: r.spread ?? [], prov: provOf(r) });

const warmthOf = (w: TroubleEntry['life'][number]['warmth']): Warmth | null =>
  w ? { lowerC: w.lowerC, upperC: w.upperC ?? null, degreeDays: w.degreeDays, from: w.from, prov: provOf(w) } : null;

const suspect = (e: TroubleEntry | FriendEntry, covering: readonly Sign[]): Suspect => ({
  id: e.id,
  name: e.name,
  also: e.also ?? [],
  sizeMm: e.sizeMm ?? null,
  hosts: e.hosts,
  signs: signsOf(e.signs, covering),
  range: rangeOf(e.range),
  facts: e.facts.map(fact),
});

export const trouble = (e: TroubleEntry, means: ReadonlyMap<string, MeansEntry>, covering: readonly Sign[]): Trouble => ({
  ...suspect(e, covering),
  kind: e.kind,
  labelAs: [...new Set([e.id, ...e.labelAs])],
  first: e.first,
  months: monthsOf(String(e.season)),
  favours: e.favours ?? [],
  climates: e.climates ?? null,
  unit: e.unit,
  life: e.life.map((s): LifeStage => ({
    stage: s.stage,
    months: monthsOf(String(s.months)),
    where: s.where,
    open: s.open,
    with: s.with ?? [],
    warmth: warmthOf(s.warmth),
  })),
  vulnerable: fact(e.vulnerable),
  tolerate: fact(e.tolerate),
  threshold: { share: e.threshold.share, prov: provOf(e.threshold) },
  lookAgainDays: e.lookAgainDays,
  spread: { by: e.spread.by, fact: fact(e.spread), carries: e.spread.carries ?? [] },
  never: fact(e.never),
  enemies: e.enemies ?? [],
  apart: e.apart ?? {},
  follows: e.follows ?? [],
  hidesInCurl: e.hidesInCurl ?? false,
  stings: e.stings ?? false,
  report: e.report ? reportOf(e.report, provOf(e.report)) : null,
  species: (e.species ?? []).map((s): Species => ({
    name: s.name,
    hosts: s.hosts,
    range: s.range ? rangeOf(s.range) : null,
    report: s.report ? reportOf(s.report, provOf(s.report)) : null,
    tell: fact(s),
  })),
  late: e.late ?? [],
  notAtHome: e.notAtHome ? fact(e.notAtHome) : null,
  inside: e.inside ?? false,
  waterMould: e.waterMould ?? false,
  schools: e.schools ?? [],
  controls: usesOf(e.controls, means),
});

export const friend = (kind: Friend['kind'], e: FriendEntry, covering: readonly Sign[]): Friend => ({
  ...suspect(e, covering),
  kind,
  advice: e.advice,
  ...('hunts' in e ? { hunts: e.hunts } : {}),
});

export const sign = (e: SignEntry): Sign => ({
  ...e,
  yes: e.yes ?? 'Yes',
  also: e.also ?? [],
  plain: e.plain ?? false,
  covers: e.covers ?? [],
  onlyOn: e.onlyOn ?? null,
  against: e.against ?? [],
  drawing: e.drawing ?? null,
});

/** A control; how often it is done is told apart from it, since the first screens need no more than that. */
export function control({ course: _, ...e }: ControlEntry): Control {
  return said({
    ...e,
    works: fact(e.works),
    doesNot: fact(e.doesNot),
    after: fact(e.after),
    cautions: e.cautions.map(fact),
    when: e.when && time(e.when),
    alsoFor: e.alsoFor?.map((a) => {
      const { text, prov } = fact(a);
      return { pests: a.pests, effect: a.effect, why: text, prov };
    }),
  }) as Control;
}

/** How one control is meant to be used: how often, how far apart, and when to judge it. */
export interface ControlCourse {
  /** Rounds until it is judged, and the most that make sense before something else is tried. */
  readonly rounds: { readonly least: number; readonly most: number };
  /** Days from one round to the next. */
  readonly every: { readonly min: number; readonly max: number };
  /** Days from the last round until it shows. */
  readonly judgeDays: number;
  /** It acts over weeks: little to see at first is no failure. */
  readonly slow: boolean;
  /** It guards what is clean rather than cures: it goes on while what it guards against goes on. */
  readonly guards: boolean;
  /** It ends when its rounds are done and it is judged, when two counts running find none, or when what it guards against is over. */
  readonly ends: 'judged' | 'clean' | 'over';
  /** In words, for the case. */
  readonly words: string;
  /** Moments of the year that its rounds hang on, in their order; none where days alone count. */
  readonly at?: readonly Moment[];
  readonly prov: Provenance;
}

/** What differs of a control's course against one trouble. */
export type PairCourse = Partial<Omit<ControlCourse, 'prov'>>;

export const course = (c: NonNullable<ControlEntry['course']>): ControlCourse => ({
  rounds: c.rounds,
  every: c.every,
  judgeDays: c.judgeDays,
  words: c.words,
  slow: c.slow ?? false,
  guards: c.guards ?? false,
  ends: c.ends ?? (c.guards ? 'over' : 'judged'),
  prov: provOf(c),
});
