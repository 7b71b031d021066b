import type { Case, Confirmation, Garden, Planting, RunningClock, Treatment, Warning } from '../api';
import type { LabelSheet } from '../label';
import type { Instant } from '../measure';
import type { Aims, ProgrammeModel } from '../programme';
import type { LocalDay } from '../schedule';
import type { Certainty, HourlyWeather } from '../weather';

/** A case that may carry a course, with all that decides about its rounds. */
export interface CourseFacts {
  readonly case: Case;
  readonly planting: Planting;
  /** Of this planting within the time that labels look back, oldest first. */
  readonly treatments: readonly Treatment[];
  /** Signs seen when they were last asked for. */
  readonly seenSigns: readonly string[];
  /** Counts that found none, one after another, up to the last. */
  readonly cleanCounts: number;
  /** Share affected at the last count; null where none was made. */
  readonly share: number | null;
}

/** What the season is laid out from. Everything in it was said, read or foretold by somebody. */
export interface SeasonFacts {
  readonly now: Instant;
  readonly garden: Garden;
  readonly courses: readonly CourseFacts[];
  /** The grower's own label sheets. */
  readonly sheets: readonly LabelSheet[];
  /** Hours that somebody told of, with gaps where nobody did; oldest first. */
  readonly hours: readonly HourlyWeather[];
  readonly warnings: readonly Warning[];
  /** What keeps people out of somewhere now. */
  readonly keepOut: readonly RunningClock[];
  /** Labels that were held against their sheet, with the law of the place. */
  readonly confirmations: readonly Pick<Confirmation, 'sheetId' | 'version'>[];
  /** What stands in the shed, by the sheet it goes by. */
  readonly shed: readonly { readonly sheetId: string; readonly amount: number; readonly unit: 'ml' | 'g' }[];
}

/** How sure the hours of a round are; `unknown`: nobody tells of that day yet, and the sky decides. */
export type Sure = Certainty | 'unknown';

/** A round as it is to come. */
export interface RoundAhead {
  /** Counted with those that were done. */
  readonly number: number;
  readonly day: LocalDay;
  readonly from: Instant;
  readonly to: Instant;
  readonly sure: Sure;
  /** Set by the grower. */
  readonly fixed: boolean;
  /** Why then, and not on another day. */
  readonly why: string;
}

/** A day on which a course can have no round, and what stands in the way. */
export interface ClosedDay {
  readonly day: LocalDay;
  readonly why: string;
  /** What would free it, where something would. */
  readonly frees: string | null;
}

/** One course as it stands and as it goes on. */
export interface CourseAhead {
  readonly caseId: string;
  readonly plantingId: string;
  readonly plantingName: string;
  readonly troubleId: string;
  readonly troubleName: string;
  readonly controlId: string;
  readonly controlName: string;
  readonly state: 'on' | 'paused' | 'ended' | 'over' | 'waits';
  /** Why it waits, is over, or was ended. */
  readonly why: string | null;
  /** In words, how it is meant to be done. */
  readonly words: string;
  readonly done: readonly { readonly at: Instant; readonly treatmentId: string }[];
  /** "2 to 6". */
  readonly of: string;
  readonly dueOn: LocalDay | null;
  readonly dueWhy: string;
  readonly rounds: readonly RoundAhead[];
  /** After the days that can be planned by the hour: about when. */
  readonly later: readonly LocalDay[];
  readonly closed: readonly ClosedDay[];
  readonly lookOn: LocalDay | null;
  /** What ends it before its rounds are through. */
  readonly ends: string;
  /** What brings the next round nearer. */
  readonly nearer: readonly ('rain' | 'sun' | 'growth')[];
  /** What the shed lacks for the rounds that are laid out; null where it is enough or nobody knows. */
  readonly lacks: string | null;
}

/** All rounds that somebody goes out for on one day. */
export interface Evening {
  readonly day: LocalDay;
  readonly from: Instant;
  readonly to: Instant;
  readonly sure: Sure;
  readonly rounds: readonly { readonly caseId: string; readonly number: number; readonly from: Instant }[];
  /** Rounds that come out of one mix. */
  readonly mixes: readonly { readonly name: string; readonly caseIds: readonly string[] }[];
}

export interface Season {
  readonly now: Instant;
  readonly today: LocalDay;
  readonly days: number;
  readonly courses: readonly CourseAhead[];
  readonly evenings: readonly Evening[];
  readonly aims: Aims;
  /** Whether no better layout can be; else it is the best that was found, and breaks no limit either. */
  readonly proven: boolean;
  /** Days set by hand that can not be kept, and why. */
  readonly stuck: readonly { readonly caseId: string; readonly day: LocalDay; readonly why: string }[];
  /** What was solved, for asking what would be otherwise. */
  readonly model: ProgrammeModel;
}

/** Something to be tried before it is taken. */
export type WhatIf =
  | { readonly kind: 'away'; readonly from: LocalDay; readonly to: LocalDay }
  | { readonly kind: 'picking-later'; readonly plantingId: string; readonly days: number }
  | { readonly kind: 'without'; readonly controlId: string }
  | { readonly kind: 'fixed'; readonly caseId: string; readonly days: readonly LocalDay[] };
