import { z } from 'zod';
import type { Provenance } from '../measure';
import type { Range } from './range';
import type { HourNeeds } from './entry/control';
import type { HowLineEntry } from './entry/how-line';
import {
  CARRIERS,
  FAVOURS,
  IN_VAIN,
  type Climate,
  type Does,
  type Form,
  type HostGroup,
  type LookKind,
  type Means,
  type PartId,
  type Phase,
  type Released,
  type TroubleKind,
  type Typicality,
} from './vocabulary';

export * from './vocabulary';

/** Small letters and hyphens; an id never changes once released: records refer to it. */
const id = z.string().regex(/^[a-z][a-z0-9-]*$/);
const sentence = z.string().min(3).max(400);

export const provenanceSchema = z
  .strictObject({ mark: z.enum(['CP', 'PUB', 'MEM']), source: z.string().min(5).optional() })
  .refine((p) => p.mark !== 'PUB' || p.source !== undefined, { message: 'a PUB fact names its source' });

/** One statement of fact with where it comes from. */
export const factSchema = z.strictObject({ text: sentence, prov: provenanceSchema });

export type Fact = z.infer<typeof factSchema>;

export interface Host {
  readonly id: string;
  readonly name: string;
  readonly family: string;
  readonly group: HostGroup;
  readonly form: Form;
  readonly edible: boolean;
  /** Words that labels use for it, widest last. */
  readonly crops: readonly string[];
  readonly parts: readonly PartId[];
  /** Flowers that bees visit. */
  readonly beePlant: boolean;
  /** New flowers open while fruit hangs, so that "in fruit" does not say that no flower is open. */
  readonly flowersOn: boolean;
  /** Tips grow upright and chafe under a cover laid straight on them. */
  readonly uprightTips: boolean;
  /** Stands for every plant of its family or group (or for any plant at all) that has no entry of its own. */
  readonly stands?: 'family' | 'group' | 'any';
}

/** What else a host goes by; apart from it, since the first screens need no more than its name. */
export interface HostNames {
  readonly id: string;
  /** Everyday and regional names, for the search. */
  readonly also: readonly string[];
  /** What tells it from another host that goes by one of its names. */
  readonly apart: string | null;
}

const BASES = ['leaf', 'under', 'blade', 'tip', 'stem', 'base', 'bud', 'flower', 'fruit', 'pod', 'root', 'bulb', 'soil', 'bark', 'plant', 'pot'] as const;
const TONES = ['ink', 'moss', 'ochre', 'rowan', 'rust', 'bark', 'soot', 'halo', 'drift', 'brook', 'water'] as const;

/** What to draw: a shape, what is on it, in which tone and how many. The app knows how. */
export const drawingSchema = z.strictObject({
  on: z.enum(BASES),
  motif: id,
  tone: z.enum(TONES).optional(),
  n: z.number().int().min(1).max(100).optional(),
});
export type Drawing = z.infer<typeof drawingSchema>;

export interface Sign {
  readonly id: string;
  /** On the tile. */
  readonly name: string;
  /** As the next look. */
  readonly question: string;
  /** The button that says it is there. */
  readonly yes: string;
  readonly parts: readonly PartId[];
  readonly look: LookKind;
  /** Other words that people look for it by. */
  readonly also: readonly string[];
  /** Anything may do it: by itself it names nothing. */
  readonly plain: boolean;
  /** Signs that are this one, seen more closely: whoever shows one of them shows this. */
  readonly covers: readonly string[];
  /** Plants that it can be asked of, by id, family or group; null for any that has its part. */
  readonly onlyOn: readonly string[] | null;
  /** Signs that can not be there beside it. */
  readonly against: readonly string[];
  /** Null for what can not be drawn. */
  readonly drawing: Drawing | null;
}

/** What is common to troubles and friends. */
export interface Suspect {
  readonly id: string;
  readonly name: string;
  /** Everyday names, for the search. */
  readonly also: readonly string[];
  /** Host ids, `family:NAME`, `group:NAME` or `any`; how common it is there, 1 being usual. The most particular one counts. */
  readonly hosts: Readonly<Record<string, number>>;
  /** How typical each sign is. What is not listed is taken as unusual, not impossible. */
  readonly signs: Readonly<Record<string, Typicality>>;
  /** Where it lives. */
  readonly range: Range;
  readonly facts: readonly Fact[];
  /** Length of the creature to look for, in millimetres, for the life-size mark; null for what is no creature. */
  readonly sizeMm: number | null;
}

/** When a means keeps something away, in what can be seen; the text goes on from "Its time:". */
export interface When {
  readonly phases: readonly Phase[];
  readonly text: string;
  readonly prov: Provenance;
}

export interface LifeStage {
  readonly stage: string;
  readonly months: readonly number[];
  readonly where: string;
  readonly open: readonly Means[];
  /** Stages that are there beside it while it is seen. */
  readonly with: readonly string[];
  /** How warm it must have been for how long until it is there; null where months are all that is known. */
  readonly warmth: Warmth | null;
}

/** Degree-days from a start that can be seen to a stage; °C. */
export interface Warmth {
  readonly lowerC: number;
  readonly upperC: number | null;
  readonly degreeDays: number;
  readonly from: string;
  readonly prov: Provenance;
}

/** Where something must be reported before anything is done about it, and when that was known (year and month). */
export interface Report {
  readonly in: readonly string[];
  readonly asOf: string;
  /** What is done until the plant-health office has answered; the first that fits the place holds. */
  readonly meanwhile: readonly Meanwhile[];
  readonly prov: Provenance;
}

/** What is asked of the finder of something that must be reported. */
export interface Meanwhile {
  /** Countries, states or provinces; null: anywhere. */
  readonly in: readonly string[] | null;
  readonly say: string;
  /** Controls that may be used at once, beside the report. */
  readonly kill: readonly string[];
}

/** One of the kinds that go by a group's name. */
export interface Species {
  readonly name: string;
  /** Host ids, `family:NAME`, `group:NAME` or `any`. */
  readonly hosts: readonly string[];
  /** Null where it is the group's. */
  readonly range: Range | null;
  readonly report: Report | null;
  /** What sets it apart. */
  readonly tell: Fact;
}

/** Where growers' schools differ: the positions, what Sleetbrook does, and why. */
export interface Schools {
  readonly topic: string;
  readonly positions: readonly string[];
  readonly ours: string;
  readonly why: string;
}

/** A share stopped while there are few of it, and from the threshold of the entry on. */
export interface Effect {
  readonly few: number;
  readonly many: number;
}

/** One control against one trouble: the pair is what anything is known of. */
export interface Use {
  readonly control: string;
  /** Share of the pest or new infection it is expected to stop, done well, when the stage is right; the greater of few and many. */
  readonly effect: number;
  /** Where few and many differ. */
  readonly shares?: Effect;
  /** Where it differs: host ids, `family:NAME`, `group:NAME` or one of SITUATIONS. */
  readonly where?: Readonly<Record<string, Effect>>;
  /** Only on these plants; on all when left out. */
  readonly on?: readonly string[];
  /** Not on these plants. */
  readonly notOn?: readonly string[];
  /** Stages of the life strip that it reaches; null or left out: as its means tell. */
  readonly reaches?: readonly string[];
  /** Lines of its card for this trouble. */
  readonly how?: readonly HowLineEntry[];
  /** The trade does it before all else from such a share on, on some of its plants or on all. */
  readonly first?: { readonly from: number; readonly on?: readonly string[] };
  /** Taken from a list or a label word, and not held against this trouble: it holds in general only. */
  readonly inherited?: true;
  readonly why: string;
  readonly prov: Provenance;
  /** What it does against this one, where that is not what the control does in general. */
  readonly does?: Does;
  /** It keeps it away as well. */
  readonly alsoPrevents?: boolean;
  /** Done as soon as it is seen: no rule of the season holds it back. */
  readonly atOnce?: boolean;
  /** Its time against this one, where that is not the control's own. */
  readonly when?: When;
  /** Least warmth of the soil against this one, °C. */
  readonly soilC?: number;
}

export interface Trouble extends Suspect {
  readonly kind: TroubleKind;
  /** Words that labels use for it, widest last. */
  readonly labelAs: readonly string[];
  /** Months in which it is usual, counted for a cool climate of the northern hemisphere. */
  readonly months: readonly number[];
  readonly favours: readonly (typeof FAVOURS)[number][];
  /** Climates it is known from, in the open; null for all. */
  readonly climates: readonly Climate[] | null;
  /** Signs that show first. */
  readonly first: readonly string[];
  /** What is counted, for scouting: "tips", "leaves". */
  readonly unit: string;
  readonly life: readonly LifeStage[];
  /** Which stage a treatment can reach, and when. */
  readonly vulnerable: Fact;
  readonly tolerate: Fact;
  /** Share of units affected at which acting is worth it. */
  readonly threshold: { readonly share: number; readonly prov: Provenance };
  /** Days until the next look. */
  readonly lookAgainDays: number;
  readonly spread: { readonly by: readonly (typeof CARRIERS)[number][]; readonly fact: Fact; readonly carries: readonly string[] };
  /** What it is never, in a sentence. */
  readonly never: Fact;
  /** Helper ids that eat it. */
  readonly enemies: readonly string[];
  /** Troubles, friends or look-alikes it is taken for, and what tells them apart. */
  readonly apart: Readonly<Record<string, string>>;
  /** Troubles that bring it: their name comes before this one's. */
  readonly follows: readonly string[];
  /** Curled leaves hide it, so contact sprays miss. */
  readonly hidesInCurl: boolean;
  /** Its hairs or spines hurt whoever comes near: hands off until it is ruled out. */
  readonly stings: boolean;
  /** Somewhere it must be reported before anything is done about it; null where no such duty is known. */
  readonly report: Report | null;
  /** Kinds that go by this name, where life, plants or the duty to report differ. */
  readonly species: readonly Species[];
  /** Signs that show only when it is far on. */
  readonly late: readonly string[];
  /** Why nobody treats it at home; null for what may be. */
  readonly notAtHome: Fact | null;
  /** It lives inside wood, sap, roots or soil, where nothing that is sprayed on arrives. */
  readonly inside: boolean;
  /** A water mould: fungicides of the true fungi do nothing to it. */
  readonly waterMould: boolean;
  readonly schools: readonly Schools[];
  readonly controls: readonly Use[];
}

/** A helper to protect, or a harmless thing that looks like trouble. */
export interface Friend extends Suspect {
  readonly kind: 'helper' | 'look-alike';
  /**
   * Of a helper: it lives by certain prey (the troubles that name it among their enemies) and is never likelier than
   * that, or by anything that it catches or visits.
   */
  readonly hunts?: 'prey' | 'anything';
  /** What to do: almost always, leave it. */
  readonly advice: string;
}

export interface Control {
  readonly id: string;
  readonly name: string;
  /** What the button says that takes it. */
  readonly act: string;
  /** 0 tolerate … 7 licensed work. */
  readonly rung: number;
  /** Order within a rung: harm to people, bees, water life, helpers, and how long it stays; 0 none to 4 severe. */
  readonly hazard: Readonly<Record<'people' | 'bees' | 'water' | 'helpers' | 'persistence', number>>;
  /** Suits a grower who uses certified-organic inputs only. */
  readonly organic: boolean;
  /** The specimen sheet it is mixed from; none for work by hand. */
  readonly sheet?: string;
  readonly needs: HourNeeds;
  /**
   * Step by step. A line may say where on the way it belongs (before anything is opened, while it goes on, after; or in
   * lists only, where the cards say it themselves) and for which way of putting it on it holds.
   */
  readonly how: readonly (string | HowLineEntry)[];
  readonly works: Fact;
  /** What nobody should expect of it. */
  readonly doesNot: Fact;
  /** What shows, afterwards, whether it worked. */
  readonly after: Fact;
  /** How it reaches what it is meant for; empty for care, which has no stage to catch. */
  readonly means: readonly Means[];
  /** What it does in general; a trouble's own line may say otherwise. */
  readonly does: Does;
  /** Its time where it keeps something away; any time when not given. */
  readonly when?: When;
  /** The plant is gone afterwards: only where nothing lesser would do. */
  readonly destroys?: boolean;
  /** Only where the plants stand in pots. */
  readonly inPots?: boolean;
  /** Only under glass or plastic, or in a room. */
  readonly underCoverOnly?: boolean;
  /** What it can do nothing against, whatever the label word. */
  readonly notFor?: readonly (typeof IN_VAIN)[number][];
  /** Kinds of trouble, by label word, that it is used on without their entries naming it. */
  readonly alsoFor?: readonly { readonly pests: readonly string[]; readonly effect: number; readonly why: string; readonly prov: Provenance }[];
  /** Made at home from plants, soap or ash: a pesticide in law in some places. */
  readonly homeMade?: boolean;
  /** Lets living helpers go, which what kills helpers undoes; and of which kind. */
  readonly releases?: Released;
  /** Least warmth of the soil, °C, where that counts; a trouble's own line may say otherwise. */
  readonly soilC?: number;
  /** Shuts insects out, the useful ones too. */
  readonly covers?: boolean;
  /** Where growers' schools differ about it. */
  readonly schools?: readonly Schools[];
  readonly cautions: readonly Fact[];
  /** Stages of the planting at which it makes no sense, with the reason. */
  readonly notAt?: readonly { readonly stage: string; readonly why: string }[];
  /** Not where plants stand closer than they are wide. */
  readonly notWhenDense?: string;
  /** Plants of these groups it does not suit, with the reason. */
  readonly notOn?: readonly { readonly group: string; readonly why: string }[];
  readonly outdoorsOnly?: boolean;
}

export type { HourNeeds };
