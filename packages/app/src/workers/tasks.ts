import type { Policy } from '@sleetbrook/core/api';
import { findFriend, findHost, findTrouble, SIGNS, TROUBLES, type Host, type PartId, type Sign } from '@sleetbrook/core/catalogue';
import { ladder, recommend, type PastTreatment, type PlantingFacts, type Verdict } from '@sleetbrook/core/decide';
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
} from '@sleetbrook/core/diagnose';
import { sayProvenance, type Instant } from '@sleetbrook/core/measure';
import { usualness } from '@sleetbrook/core/scout';
import { conditionsOver, type Conditions, type HourlyWeather, type Place } from '@sleetbrook/core/weather';
import { almanacEntry, almanacList, type AlmanacQuery } from './almanac';

export interface NamingTask {
  readonly hostId: string;
  readonly month: number;
  readonly latitude: number;
  readonly site: 'outdoors' | 'tunnel' | 'indoors';
  readonly recent: readonly HourlyWeather[];
  readonly answers: readonly Answer[];
  /** Signs the grower could not tell. */
  readonly skipped: readonly string[];
  readonly part: PartId | null;
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
  readonly causes: readonly Cause[];
  readonly meanwhile: Meanwhile;
}

export interface DecidingTask {
  readonly now: Instant;
  readonly place: Place;
  readonly hostId: string;
  readonly troubleId: string;
  readonly planting: PlantingFacts;
  readonly policy: Policy;
  readonly weather: readonly HourlyWeather[];
  readonly records: readonly PastTreatment[];
  readonly seenSigns: readonly string[];
  readonly share: number | null;
  readonly fromRung: number;
}

export interface Deciding {
  readonly verdicts: readonly Verdict[];
  readonly advice: { readonly controlId: string; readonly why: string } | null;
  /** The coming 72 hours by the quarter, for the ribbon. */
  readonly ahead: readonly Conditions[];
}

const RIBBON_SLOTS = 72 * 4;

/** Further down nobody looks. */
const SHOWN = 12;

const contextOf = (task: Pick<NamingTask, 'month' | 'latitude' | 'recent' | 'site'>, host: Host): KeyContext => ({
  host,
  month: seasonalMonth(task.month, task.latitude),
  recent: recentWords(task.recent),
  latitude: task.latitude,
  site: task.site,
});

const NOTHING: Naming = { suspects: [], finding: { state: 'no-signs' }, next: null, causes: [], meanwhile: meanwhile([], null) };

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
  const parts = new Set(context.host.parts);
  return SIGNS.filter((s) => s.parts.some((p) => parts.has(p))).sort((a, b) => (weights.get(b.id) ?? 0) - (weights.get(a.id) ?? 0));
}

/** The computations that run off the main thread. */
export const tasks = {
  /** Signs that this plant can show, those of its usual troubles first. */
  signsOn(task: Omit<NamingTask, 'answers' | 'skipped' | 'part'>): readonly Sign[] {
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
      suspects: suspects.slice(0, SHOWN).map(withWords),
      finding,
      next: nextLook(context, task.answers, task.skipped),
      causes: finding.state === 'no-signs' ? [] : causesOf(context, task.answers, finding.leader.id),
      meanwhile: meanwhile(suspects, task.part),
    };
  },
  almanacList: (query: AlmanacQuery) => almanacList(query),
  almanacEntry: (id: string) => almanacEntry(id),
  decide(task: DecidingTask): Deciding {
    const host = findHost(task.hostId);
    const trouble = findTrouble(task.troubleId);
    const conditions = conditionsOver(task.weather, task.place, task.now);
    const ahead = conditions.slice(0, RIBBON_SLOTS);
    if (!host || !trouble) return { verdicts: [], advice: null, ahead };
    const situation = { ...task, host, trouble, conditions };
    const verdicts = ladder(situation);
    const advice = recommend(verdicts, situation, task.share, task.fromRung);
    return { verdicts, advice: advice && { controlId: advice.verdict.control.id, why: advice.why }, ahead };
  },
};

export type Tasks = typeof tasks;
