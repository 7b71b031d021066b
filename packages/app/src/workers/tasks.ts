import type { Site } from '@sleetbrook/core/cards';
import {
  canShow,
  findFriend,
  findHost,
  findSign,
  findTrouble,
  HOST_NAMES,
  regionOf,
  RUNG_NAMES,
  SIGNS,
  statusIn,
  TROUBLES,
  type Host,
  type HostNames,
  type PartId,
  type Schools,
  type Sign,
} from '@sleetbrook/core/catalogue';
import {
  changesFor,
  courseIfLeft,
  goesWith,
  guardPlan,
  ladder,
  recommend,
  seenBy,
  timelyGuard,
  whyBefore,
  withChanges,
  type Change,
  type Course,
  type GuardStep,
  type PlantingFacts,
  type School,
  type Situation,
  type Timely,
  type Verdict,
} from '@sleetbrook/core/decide';
import {
  causesOf,
  meanwhile,
  nextLook,
  rankSuspects,
  recentWords,
  seasonalMonth,
  settle,
  type Answer,
  type Cause,
  type Finding,
  type KeyContext,
  type Meanwhile,
  type NextLook,
  type Suspect,
  stagesOfSigns,
  contradictions,
  whatWouldSettle,
  type Contradiction,
  type Settler,
  closerLook,
  commonAct,
  WORTH_NAMING,
  type CommonAct,
  type CloserLook,
} from '@sleetbrook/core/diagnose';
import { findPlants, findSigns } from '@sleetbrook/core/find';
import { sayProvenance } from '@sleetbrook/core/measure';
import { beside, factsOf, moveRound, seasonOf, withWhatIf, type Move, type Otherwise, type Season, type WhatIf } from '@sleetbrook/core/season';
import type { SeasonView } from '@sleetbrook/core/api';
import { hostWeight, meanTemperature, usualness, type Where } from '@sleetbrook/core/scout';
import type { SituationFacts } from '@sleetbrook/core/situation';
import { conditionsAt, type Conditions, type HourlyWeather } from '@sleetbrook/core/weather';
import { pocket } from './pocket';
import { almanacEntry, almanacList, type AlmanacQuery } from './almanac';

export interface NamingTask {
  readonly hostId: string;
  readonly month: number;
  readonly where: Where;
  readonly site: Site;
  readonly recent: readonly HourlyWeather[];
  readonly answers: readonly Answer[];
  /** Signs the grower could not tell. */
  readonly skipped: readonly string[];
  readonly part: PartId | null;
  /** Names that the grower refused. */
  readonly refused: readonly string[];
  readonly stage: PlantingFacts['stage'];
  /** What was named on these plants within the year. */
  readonly before: readonly string[];
}

/** A suspect with what the screen says about it, so that the screen needs no catalogue. */
export interface NamedSuspect extends Suspect {
  readonly unit: string | null;
  readonly sizeMm: number | null;
  readonly fact: string;
  /** For a friend or a look-alike: what to do, which is nothing. */
  readonly advice: string | null;
}

export interface Naming {
  readonly suspects: readonly NamedSuspect[];
  readonly finding: Finding;
  readonly next: NextLook | null;
  /** Which kind of a plain sign it is, asked before anything else. */
  readonly closer: CloserLook | null;
  readonly causes: readonly Cause[];
  readonly meanwhile: Meanwhile;
  /** What is done whichever of the likely ones it is. */
  readonly common: CommonAct | null;
  /** What would tell, when nothing more is asked. */
  readonly settlers: readonly Settler[];
  /** Answers that can not both be. */
  readonly odd: readonly Contradiction[];
}

export interface DecidingTask extends SituationFacts {
  readonly weather: readonly HourlyWeather[];
  /** Controls that were carried out as meant and did not do. */
  readonly failed: readonly string[];
  readonly school: School;
  /** What is changed for the sake of argument. */
  readonly whatIf: readonly Change[];
}

export interface Deciding {
  readonly verdicts: readonly Verdict[];
  /** Against what may come: what keeps it away, in the order of the plant's year; empty where something was seen. */
  readonly guard: readonly { readonly key: string; readonly part: GuardStep['part']; readonly text: string }[];
  readonly advice: {
    readonly key: string;
    readonly why: string;
    /** Keys of what goes with it, and of what keeps more from coming. */
    readonly along: readonly string[];
    readonly prevents: readonly string[];
    /** Share that has to be stopped; null where that decides nothing. */
    readonly stop: number | null;
  } | null;
  /** What could be otherwise, so that more would be open; what is tried already included. */
  readonly changes: readonly Change[];
  /** Keys of what was closed, and is usable with what is tried. */
  readonly opened: readonly string[];
  /** Keys of what would open sooner with what is tried. */
  readonly sooner: readonly string[];
  /** Why each stands before the next, in the order of the verdicts. */
  readonly order: readonly string[];
  readonly course: Course | null;
  /** The stages of its life, for saying which was seen. */
  readonly stages: readonly { readonly stage: string; readonly where: string }[];
  /** Of these, what the signs of the last look tell. */
  readonly stagesSeen: readonly string[];
  /** Where growers' schools differ on this trouble. */
  readonly schools: readonly Schools[];
  /** By key: what would go along with it, by hand or by helpers. */
  readonly along: Readonly<Record<string, readonly string[]>>;
  /** The coming 72 hours by the quarter, for the ribbon. */
  readonly ahead: readonly Conditions[];
}

const RIBBON_SLOTS = 72 * 4;
const UNDECIDED: Deciding = {
  verdicts: [],
  guard: [],
  advice: null,
  changes: [],
  opened: [],
  sooner: [],
  order: [],
  course: null,
  stages: [],
  stagesSeen: [],
  schools: [],
  along: {},
  ahead: [],
};

/** Further down nobody looks. */
const SHOWN = 12;

const contextOf = (
  task: Pick<NamingTask, 'month' | 'where' | 'recent' | 'site'> & Partial<Pick<NamingTask, 'refused' | 'stage' | 'before'>>,
  host: Host,
): KeyContext => ({
  host,
  month: seasonalMonth(task.month, task.where.latitude),
  recent: recentWords(task.recent),
  where: task.where,
  meanC: meanTemperature(task.recent),
  site: task.site,
  ...(task.stage ? { stage: task.stage } : {}),
  refused: task.refused ?? [],
  before: task.before ?? [],
});

/** A trouble that may come, and what keeps it away if it is done about now. */
export interface MayCome {
  readonly id: string;
  readonly name: string;
  readonly timely: Timely | null;
}

const NOTHING: Naming = {
  suspects: [],
  finding: { state: 'no-signs' },
  next: null,
  closer: null,
  causes: [],
  meanwhile: meanwhile([], null),
  common: null,
  settlers: [],
  odd: [],
};

function withWords(s: Suspect): NamedSuspect {
  const trouble = findTrouble(s.id);
  const friend = findFriend(s.id);
  const fact = (trouble ?? friend)?.facts[0];
  return {
    ...s,
    unit: trouble?.unit ?? null,
    sizeMm: (trouble ?? friend)?.sizeMm ?? null,
    fact: fact ? `${fact.text} (${sayProvenance(fact.prov)})` : '',
    advice: friend?.advice ?? null,
  };
}

const TYPICAL = { always: 1, often: 0.7, sometimes: 0.3, rarely: 0, never: 0 };

function likeliestFirst(context: KeyContext): Sign[] {
  const weights = new Map<string, number>();
  for (const t of TROUBLES) {
    const usual = usualness(t, context);
    for (const [sign, typicality] of Object.entries(t.signs)) weights.set(sign, (weights.get(sign) ?? 0) + usual * TYPICAL[typicality]);
  }
  return SIGNS.filter((s) => canShow(s, context.host)).sort((a, b) => (weights.get(b.id) ?? 0) - (weights.get(a.id) ?? 0));
}

/** When a verdict opens; what waits for an event, or never opens, comes last. */
const opensAt = (v: Verdict): number => (v.opens?.kind === 'at' ? v.opens.at : Infinity);

/** The computations that run off the main thread. */
export const tasks = {
  ...pocket,
  /** Signs that this plant can show, those of its usual troubles first. */
  signsOn(task: Pick<NamingTask, 'hostId' | 'month' | 'where' | 'site' | 'recent'>): readonly Sign[] {
    const host = findHost(task.hostId);
    return host ? likeliestFirst(contextOf(task, host)) : [];
  },
  name(task: NamingTask): Naming {
    const host = findHost(task.hostId);
    if (!host) return NOTHING;
    const context = contextOf(task, host);
    const suspects = rankSuspects(context, task.answers);
    const finding = settle(context, suspects, task.answers);
    return {
      suspects: suspects
        .slice(0, SHOWN)
        .filter((s, i) => i === 0 || s.notifiable || s.probability >= WORTH_NAMING)
        .map(withWords),
      finding,
      next: nextLook(context, task.answers, task.skipped),
      closer: closerLook(context, task.answers, task.skipped),
      causes: finding.state === 'no-signs' ? [] : causesOf(context, task.answers, finding.leader.id),
      meanwhile: meanwhile(suspects, task.part),
      common: finding.state === 'not-settled' ? commonAct(suspects) : null,
      settlers: finding.state === 'not-settled' ? whatWouldSettle(context, task.answers) : [],
      odd: contradictions(task.answers),
    };
  },
  /** What may come to a kind of plant, the most usual first, with what would keep it away at this stage. */
  mayCome(hostId: string, stage: PlantingFacts['stage'], where: Where | null): readonly MayCome[] {
    const host = findHost(hostId);
    if (!host) return [];
    const region = where && regionOf(where);
    return TROUBLES.filter((t) => statusIn(t.range, region) !== 'absent')
      .map((t) => ({ id: t.id, name: t.name, weight: hostWeight(t, host), timely: timelyGuard(t, stage) }))
      .filter((t) => t.weight > 0)
      .sort((a, b) => b.weight - a.weight || a.name.localeCompare(b.name))
      .map(({ id, name, timely }) => ({ id, name, timely }));
  },
  /** Everyday names of plants, and what tells two of one name apart. */
  plantNames: (): readonly HostNames[] => HOST_NAMES,
  /** Ids of plants by any of their names, best first. */
  findPlants: (text: string): readonly string[] => findPlants(text),
  /** Ids of signs in a grower's own words, best first, on whatever part and plant. */
  findSigns: (text: string): readonly string[] => findSigns(text),
  /** What signs are called, in the order given; unknown ones are left out. */
  signNames: (ids: readonly string[]): readonly string[] => ids.flatMap((id) => findSign(id)?.name ?? []),
  /** Which of these kinds of plant a trouble may come to. */
  comesTo(troubleId: string, hostIds: readonly string[]): readonly string[] {
    const trouble = findTrouble(troubleId);
    return trouble ? hostIds.filter((id) => hostWeight(trouble, findHost(id) as Host) > 0) : [];
  },
  /** The rounds ahead as they are best laid out; with something changed, laid beside what is. */
  season(view: SeasonView, what: WhatIf | null): { readonly season: Season; readonly otherwise: Otherwise | null } {
    const facts = factsOf(view);
    const season = seasonOf(withWhatIf(facts, what));
    return { season, otherwise: what && beside(seasonOf(facts), season) };
  },
  /** One round moved by hand: what it costs, or what stands in the way. */
  moveRound(view: SeasonView, caseId: string, from: string, to: string): Move {
    const facts = factsOf(view);
    return moveRound(facts, seasonOf(facts), caseId, from, to);
  },
  almanacList: (query: AlmanacQuery) => almanacList(query),
  almanacEntry: (id: string) => almanacEntry(id),
  decide(task: DecidingTask): Deciding {
    const host = findHost(task.hostId);
    const trouble = findTrouble(task.troubleId);
    const conditions = conditionsAt(task.planting.site, task.weather, task.place, task.now);
    const ahead = conditions.slice(0, RIBBON_SLOTS);
    if (!host || !trouble) return { ...UNDECIDED, ahead };
    const { situation, shows } = seenBy(task.school, { ...task, host, trouble, conditions });
    const shown = (s: Situation) => ladder(s).filter((v) => shows(v.control));
    const asItIs = shown(situation);
    const tried = withChanges(situation, task.whatIf);
    const verdicts = task.whatIf.length > 0 ? shown(tried) : asItIs;
    const advice = recommend(verdicts, tried, task.share, task.failed);
    const open = new Set(asItIs.filter((v) => v.status === 'usable').map((v) => v.key));
    const opensBefore = new Map(asItIs.map((v) => [v.key, v.status === 'usable' ? 0 : opensAt(v)]));
    const able = verdicts.filter((v) => v.status !== 'never');
    return {
      verdicts,
      guard: tried.preventing ? guardPlan(verdicts, tried).map((g) => ({ key: g.verdict.key, part: g.part, text: g.timing?.text ?? g.verdict.effectWhy })) : [],
      advice: advice && {
        key: advice.verdict.key,
        why: advice.why,
        along: advice.steps.slice(1).map((v) => v.key),
        prevents: advice.prevents.map((v) => v.key),
        stop: advice.needed?.stop ?? null,
      },
      changes: changesFor(asItIs),
      opened: verdicts.filter((v) => v.status === 'usable' && !open.has(v.key)).map((v) => v.key),
      sooner: verdicts.filter((v) => v.status === 'not-now' && opensAt(v) < (opensBefore.get(v.key) ?? Infinity)).map((v) => v.key),
      order: able.slice(1).map((v, i) => whyBefore(able[i] as Verdict, v, RUNG_NAMES)),
      course: courseIfLeft(
        situation,
        task.share,
        trouble.enemies.flatMap((id) => findFriend(id)?.name ?? []),
      ),
      stages: trouble.life.map(({ stage, where }) => ({ stage, where })),
      stagesSeen: stagesOfSigns(trouble, task.seenSigns).map((l) => l.stage),
      schools: trouble.schools,
      along: Object.fromEntries(
        able.map((v) => [
          v.key,
          goesWith([v], able, task.now)
            .filter((x) => !x.sheet && !x.control.homeMade)
            .map((x) => x.key),
        ]),
      ),
      ahead,
    };
  },
};

export type Tasks = typeof tasks;
