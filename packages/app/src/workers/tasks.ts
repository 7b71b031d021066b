import type { Policy } from '@sleetbrook/core/api';
import { findHost, findTrouble } from '@sleetbrook/core/catalogue';
import { ladder, recommend, type PastTreatment, type PlantingFacts, type Verdict } from '@sleetbrook/core/decide';
import { nextLook, rankSuspects, recentWords, seasonalMonth, settle, type Answer, type Finding, type NextLook, type Suspect } from '@sleetbrook/core/diagnose';
import type { Instant } from '@sleetbrook/core/measure';
import { conditionsOver, type Conditions, type HourlyWeather, type Place } from '@sleetbrook/core/weather';

export interface NamingTask {
  readonly hostId: string;
  readonly month: number;
  readonly latitude: number;
  readonly recent: readonly HourlyWeather[];
  readonly answers: readonly Answer[];
}

export interface Naming {
  readonly suspects: readonly Suspect[];
  readonly finding: Finding;
  readonly next: NextLook | null;
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

/** The computations that run off the main thread. */
export const tasks = {
  name(task: NamingTask): Naming {
    const host = findHost(task.hostId);
    if (!host) return { suspects: [], finding: { state: 'no-signs' }, next: null };
    const context = { host, month: seasonalMonth(task.month, task.latitude), recent: recentWords(task.recent) };
    const suspects = rankSuspects(context, task.answers);
    return { suspects, finding: settle(suspects, task.answers), next: nextLook(context, task.answers) };
  },
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
