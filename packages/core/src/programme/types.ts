/** A stretch of one day in quarter hours since local midnight: `from` belongs to it, `to` does not. */
export interface Quarters {
  readonly from: number;
  readonly to: number;
}

/** Days in which a round answers a warning: before what it warns of, or the days after in which it still reaches back. */
export interface Asked {
  readonly id: string;
  readonly from: number;
  readonly to: number;
}

/**
 * One course as the programme sees it. Days count from today, which is 0.
 * What may never be is hard; what is wanted costs, by the order of aims.
 */
export interface CourseModel {
  readonly id: string;
  /** By day: the stretches that every rule, the label and the hours leave open; empty where none is. */
  readonly open: readonly (readonly Quarters[])[];
  /** How long one round takes, quarter hours. */
  readonly quarters: number;
  /** Days that must lie between two rounds. Hard. */
  readonly least: number;
  /** By day: how many days a round on that day holds, with the rain that is foretold. */
  readonly holds: readonly number[];
  /** Rounds that the label and what is at hand still allow. Hard. */
  readonly rounds: number;
  /** Rounds still wanted until it is judged; null: as long as what it guards against goes on. */
  readonly wanted: number | null;
  /** The day on which the next round is due; before today where it is late. */
  readonly due: number;
  /** From this day on nothing more of it is wanted. */
  readonly until: number;
  /** 1 the mildest … 9 the harshest. */
  readonly harm: number;
  /** What is mixed at once for several plantings has one name; null: nothing is mixed. */
  readonly mix: string | null;
  /** What one round takes from shared totals. */
  readonly takes: readonly { readonly total: string; readonly amount: number }[];
  readonly warnings: readonly Asked[];
  /** Days that the grower has set. */
  readonly fixed: readonly number[];
}

/** After a round of one course another may not be sooner; on the same day neither may be. */
export interface Apart {
  readonly first: string;
  readonly then: string;
  readonly days: number;
}

/** What several courses use up together: times a label allows, copper on a bed, what stands in the shed. */
export interface Total {
  readonly id: string;
  readonly left: number;
}

/** All courses of a garden over the days that can be planned by the quarter hour. */
export interface ProgrammeModel {
  readonly days: number;
  readonly courses: readonly CourseModel[];
  readonly apart: readonly Apart[];
  readonly totals: readonly Total[];
}

/** A round as it is laid out. */
export interface PlannedRound {
  readonly course: string;
  readonly day: number;
  /** Quarter hours since local midnight. */
  readonly start: number;
  readonly end: number;
}

/** What is worse first: the order in which a programme is judged. */
export interface Aims {
  /** Warnings that no round answers in time. */
  readonly unanswered: number;
  /** Days on which something that should be guarded is not. */
  readonly bareDays: number;
  /** Those days, each counted by how many of the days that are planned are left then: sooner is worse. */
  readonly bareSoon: number;
  /** Harm of all rounds. */
  readonly harm: number;
  /** Days on which somebody has to go out. */
  readonly evenings: number;
  /** Times something is mixed. */
  readonly mixes: number;
  /** Days on which a round still held when the next one came: thrown away. */
  readonly early: number;
  /** Sum of the days of all rounds: sooner is less. */
  readonly later: number;
}

export interface Programme {
  readonly rounds: readonly PlannedRound[];
  readonly aims: Aims;
  /** Whether nothing better can be; else it is the best that was found in so many steps, and breaks no limit either. */
  readonly proven: boolean;
}

/** From the worst to the least. */
export const AIMS: readonly (keyof Aims)[] = ['unanswered', 'bareDays', 'bareSoon', 'harm', 'evenings', 'mixes', 'early', 'later'];
