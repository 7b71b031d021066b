import type { Control, Host, Trouble } from '../catalogue';
import type { LabelLine, LabelSheet } from '../label';
import type { Instant, Provenance, WorkingInput } from '../measure';
import type { Tolerance } from '../scout/count';
import type { Conditions, Place, Setting, Span } from '../weather';

/** What decides about a planting. */
export interface PlantingFacts {
  readonly stage: 'seedling' | 'growing' | 'flowering' | 'fruiting' | 'dormant';
  readonly site: 'outdoors' | 'tunnel' | 'indoors';
  readonly edible: boolean;
  readonly dense: boolean;
  /** How much damage the grower bears here. */
  readonly tolerance: Tolerance;
  readonly pickFrom: string | null;
  readonly pickUntil: string | null;
}

/** What an earlier treatment of this planting means for the next. */
export interface PastTreatment {
  readonly at: Instant;
  readonly controlId: string;
  readonly sheet: LabelSheet | null;
  readonly lineId: string | null;
}

export interface Situation {
  readonly now: Instant;
  readonly place: Place;
  readonly host: Host;
  readonly trouble: Trouble;
  readonly planting: PlantingFacts;
  readonly policy: 'by-hand' | 'organic' | 'any-labelled';
  /** Quarter hours from now on, as far as the weather is known. */
  readonly conditions: readonly Conditions[];
  /** Treatments of this planting, oldest first. */
  readonly records: readonly PastTreatment[];
  /** Signs seen at the last look. */
  readonly seenSigns: readonly string[];
}

/** A control with the sheet and the line that cover this crop and trouble, where it has one. */
export interface Candidate {
  readonly control: Control;
  readonly sheet: LabelSheet | null;
  readonly line: LabelLine | null;
  /** Why no line covers it, when none does. */
  readonly refusal: string | null;
}

/** When something closed will open: a moment, or an event to wait for. */
export type Opening = { readonly kind: 'at'; readonly at: Instant } | { readonly kind: 'event'; readonly event: string };

export interface Reason {
  readonly code: string;
  /** 'note' informs and closes nothing. */
  readonly weight: 'never' | 'not-now' | 'note';
  readonly sentence: string;
  readonly inputs: readonly WorkingInput[];
  readonly source: Provenance;
  readonly opens?: Opening;
}

/** One rule: what it has against treating at `at`, or null. */
export type Rule = (s: Situation, c: Candidate, at: Instant) => Reason | null;

export interface Verdict {
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
  /** Expected share stopped, and why, from the trouble's entry. */
  readonly effect: number;
  readonly effectWhy: string;
  /** Where the plants stand, as the hour rules saw it. */
  readonly setting: Setting;
}
