import type { Site } from '../catalogue/sites';
import type { Control, Does, Host, Trouble } from '../catalogue';
import type { LabelLine, LabelSheet } from '../label';
import type { Instant, Provenance, WorkingInput } from '../measure';
import type { Tolerance } from '../scout/count';
import type { About, Around, HomeMade, Plan, Policy } from './circumstances';
import type { Conditions, Place, Setting, Span } from '../weather';

/** What decides about a planting. */
export interface PlantingFacts {
  readonly stage: 'seedling' | 'growing' | 'flowering' | 'fruiting' | 'dormant';
  readonly site: Site;
  readonly edible: boolean;
  readonly dense: boolean;
  /** How much damage the grower bears here. */
  readonly tolerance: Tolerance;
  readonly pickFrom: string | null;
  readonly pickUntil: string | null;
  readonly areaM2: number;
  /** Of the tallest plant; null when not known. */
  readonly heightM: number | null;
  readonly about: readonly About[];
}

/** What an earlier treatment of this planting means for the next. */
export interface PastTreatment {
  readonly at: Instant;
  readonly controlId: string;
  readonly sheet: LabelSheet | null;
  readonly lineId: string | null;
  /** Product used, in the rate's unit; null when not known. */
  readonly amount: number | null;
  readonly areaM2: number;
}

export interface Situation {
  readonly now: Instant;
  readonly place: Place;
  readonly host: Host;
  readonly trouble: Trouble;
  readonly planting: PlantingFacts;
  readonly policy: Policy;
  readonly around: readonly Around[];
  readonly homeMade: HomeMade;
  readonly plans: readonly Plan[];
  /** Until when nobody may be among the plants, for what was done to them or in the same enclosed place. */
  readonly keptOut?: { readonly until: Instant; readonly by: string } | null;
  /** The stage of its life that was seen; null: what the month says. */
  readonly stageSeen: string | null;
  /** Quarter hours from now on, as far as the weather is known. */
  readonly conditions: readonly Conditions[];
  /** Treatments of this planting, oldest first. */
  readonly records: readonly PastTreatment[];
  /** ISO 3166-1 of the country the garden is in; null while it is not known. */
  readonly country?: string | null;
  /** ISO 3166-2 of its state or province; null where it is not known. */
  readonly region?: string | null;
  /** The plant-health office has been told and has answered. */
  readonly reported?: boolean;
  /** It is against what may come: nothing of it is there yet. */
  readonly preventing?: boolean;
  /** Signs seen at the last look. */
  readonly seenSigns: readonly string[];
  /** Share affected at the last count; null or left out where none was made. */
  readonly share?: number | null;
  /** The grower's own label sheets; one of these goes before the specimen it was made from. */
  readonly sheets: readonly LabelSheet[];
  /** Sheets of which the grower said that the label in the hand is for home gardens there, each as `id version`. */
  readonly allowedHere?: readonly string[];
}

/** A control with the sheet and the line that cover this crop and trouble, where it has one. */
export interface Candidate {
  readonly control: Control;
  readonly sheet: LabelSheet | null;
  readonly line: LabelLine | null;
  /** Why no line covers it, when none does. */
  readonly refusal: string | null;
}

/** Something that could be otherwise, and what the situation would then be: the "what if" of the ladder. */
export interface Change {
  /** The same change from two reasons has one code. */
  readonly code: string;
  /** "Wait until the petals have fallen". */
  readonly label: string;
  readonly planting?: Partial<PlantingFacts>;
  /** What is no longer so about the planting. */
  readonly without?: About;
  /** What is so about it from then on. */
  readonly withAbout?: About;
  readonly reported?: boolean;
  readonly stageSeen?: string | null;
  readonly homeMade?: HomeMade;
  readonly noPlans?: boolean;
}

/** When something closed will open: a moment, or an event to wait for with what it would change. */
export type Opening = { readonly kind: 'at'; readonly at: Instant } | { readonly kind: 'event'; readonly event: string; readonly change: Change | null };

export interface Reason {
  readonly code: string;
  /** 'note' informs and closes nothing. */
  readonly weight: 'never' | 'not-now' | 'note';
  readonly sentence: string;
  readonly inputs: readonly WorkingInput[];
  readonly source: Provenance;
  readonly opens?: Opening;
  /** Another way out than waiting. */
  readonly orElse?: Change;
}

/** One rule: what it has against treating at `at`, or null. */
export type Rule = (s: Situation, c: Candidate, at: Instant) => Reason | null;

export interface Verdict {
  /** The control, and the sheet where the grower has more than one for it. */
  readonly key: string;
  readonly control: Control;
  readonly sheet: LabelSheet | null;
  readonly line: LabelLine | null;
  readonly status: 'usable' | 'not-now' | 'never';
  /** Most serious first. */
  readonly reasons: readonly Reason[];
  /** When a 'not-now' opens. */
  readonly opens: Opening | null;
  /** The next open hours from now on, for this control, label waits included. */
  readonly openSpans: readonly Span[];
  /** What it does against this trouble. */
  readonly does: Does;
  /** Share expected to be stopped here and now: the figure that is shown is the one that is reckoned with. */
  readonly effect: number;
  /** The same at its best, from the trouble's entry. */
  readonly effectAtBest: number;
  readonly effectWhy: string;
  /** It keeps it away as well. */
  readonly alsoPrevents: boolean;
  /** Nobody has held it against this trouble: it holds in general only, and is never the first step. */
  readonly inherited: boolean;
  /** The trade does it before all else from such a share on; null where it has no such place. */
  readonly first: { readonly from: number } | null;
  /** Where the plants stand, as the hour rules saw it. */
  readonly setting: Setting;
}
