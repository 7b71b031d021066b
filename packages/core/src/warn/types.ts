import type { MilestoneKind, Planting, Stage } from '../api';
import type { RegionId } from '../catalogue';
import type { Instant, Provenance, UnitSystem } from '../measure';
import type { LocalDay } from '../schedule';
import type { Certainty, HourlyWeather, Place } from '../weather';

/** The hours of one local day that somebody told of. */
export interface WeatherDay {
  readonly day: LocalDay;
  readonly hours: readonly HourlyWeather[];
  /** All but two hours of it are told: what is summed by the day counts it. */
  readonly whole: boolean;
  readonly sure: Certainty;
}

/** What a model goes by, for one planting. */
export interface Outlook {
  readonly now: Instant;
  readonly place: Place;
  readonly units: UnitSystem;
  readonly planting: Pick<Planting, 'id' | 'hostId' | 'stage' | 'stageOn' | 'site'>;
  /** From the beginning of this growing year, with gaps where nobody told of any; ascending. */
  readonly days: readonly WeatherDay[];
  /** Hours of the days about now: those before that can still be acted on, and all that are ahead. */
  readonly hours: readonly HourlyWeather[];
  /** The day on which a milestone of this growing year was seen. */
  readonly seenOn: (what: MilestoneKind) => LocalDay | null;
  /** The end of the last thing that guards against this here. */
  readonly guardedLast: Instant | null;
}

/** What a model saw: something that is coming, that came and can not be undone, or that warmth brings to a day. */
export interface Sighting {
  readonly is: 'coming' | 'came' | 'due';
  readonly at: number;
  readonly sure: Certainty;
  readonly saw: string;
  readonly act: string;
  /** Until when it is of use. */
  readonly by: number | null;
}

export type Found = { readonly seen: readonly Sighting[] } | { readonly blind: string; readonly asks?: MilestoneKind };

/** One way of foretelling one trouble from the weather. */
export interface WarningModel {
  readonly id: string;
  readonly name: string;
  readonly troubles: readonly string[];
  readonly hosts: readonly string[];
  /** Where it is so; anywhere that the trouble lives, when left out. */
  readonly regions?: readonly RegionId[];
  /** Stages in which the plant is open to it. */
  readonly stages: readonly Stage[];
  /** What it needs to be told, in a sentence. */
  readonly needs: string;
  readonly prov: Provenance;
  readonly find: (o: Outlook) => Found;
}
