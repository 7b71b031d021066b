import { CP, MEM, pub, type Provenance } from '../measure';
import { monthsOf } from './months';
import type { Does, Friend, LifeStage, Means, Phase, Schools, Trouble, TroubleKind, Typicality } from './schema';

const words = (text: string) => text.split(/\s+/).filter(Boolean);

interface Fact {
  readonly text: string;
  readonly prov: Provenance;
}

/** A fact of common practice. */
export const cp = (text: string): Fact => ({ text, prov: CP });
/** A fact from memory. */
export const mem = (text: string): Fact => ({ text, prov: MEM });
/** A published fact, with its source. */
export const published = (text: string, source: string): Fact => ({ text, prov: pub(source) });

export type Means1 = Trouble['controls'][number];
/**
 * One control against a trouble.
 * @param effect share expected to be stopped, 0 … 1
 */
export const against = (control: string, effect: number, why: string, prov: Provenance = CP, does?: Does): Means1 => ({
  control,
  effect,
  why,
  prov,
  ...(does ? { does } : {}),
});

/** A list of means without those that a plant or pest is on no label of. @example ...except(SOFT_SUCKERS, 'systemic-drench') */
export const except = (list: readonly Means1[], ...ids: readonly string[]): readonly Means1[] => list.filter((u) => !ids.includes(u.control));

/** @example doing('holds', against('row-cover', 0.92, 'Shake the beetles off first.')) */
export const doing = (does: Does, use: Means1): Means1 => ({ ...use, does });

/**
 * Its time against this one, in what can be seen.
 * @example timed('bud-swell', 'as buds swell, before they open', against('copper-spray', 0.85, '…'))
 */
export const timed = (phases: string, text: string, use: Means1, prov: Provenance = CP): Means1 => ({
  ...use,
  when: { phases: words(phases) as Phase[], text, prov },
});

/** @example inSoil(5, against('nematodes', 0.8, '…')) // from 5 °C of soil on */
export const inSoil = (soilC: number, use: Means1): Means1 => ({ ...use, soilC });

/** Sign ids apart by spaces, by how typical they are. */
export type Seen = Partial<Record<Typicality, string>>;

const signsOf = (seen: Seen): Record<string, Typicality> =>
  Object.fromEntries(
    (Object.entries(seen) as [Typicality, string][]).flatMap(([typicality, ids]) =>
      ids
        .split(/\s+/)
        .filter(Boolean)
        .map((id) => [id, typicality] as const),
    ),
  );

/** A trouble as a contributor writes it; `trouble()` fills in the rest. See docs/catalogue.md. */
export interface TroubleEntry {
  readonly id: string;
  readonly name: string;
  /** Everyday names, apart by commas. */
  readonly also?: string;
  readonly kind: TroubleKind;
  /** Label words, apart by spaces; the entry's own id always comes first. */
  readonly labelAs: string;
  readonly sizeMm?: number;
  readonly hosts: Readonly<Record<string, number>>;
  readonly seen: Seen;
  /** First signs, apart by spaces. */
  readonly first: string;
  /** `5-8`: cool climate, northern hemisphere. */
  readonly season: string;
  readonly favours?: string;
  readonly unit: string;
  readonly facts: readonly Fact[];
  /** Stage, months, where it is, what it is open to. */
  readonly life: readonly (readonly [stage: string, months: string, where: string, open: string])[];
  readonly open: Fact;
  readonly tolerate: Fact;
  /** Share affected at which acting is worth it, from memory unless a mark is given. */
  readonly act: number;
  readonly actProv?: Provenance;
  /** Days until the next look. */
  readonly again: number;
  readonly by: string;
  readonly spread: Fact;
  readonly carries?: string;
  readonly never: Fact;
  readonly enemies?: string;
  readonly apart?: Readonly<Record<string, string>>;
  readonly follows?: string;
  readonly hidesInCurl?: boolean;
  /** Countries by their two letters, apart by spaces, where it must be reported before anything is done. */
  readonly report?: { readonly in: string; readonly prov?: Provenance };
  readonly notAtHome?: Fact;
  /** It lives where nothing sprayed on arrives: wood, sap, roots, soil. */
  readonly inside?: boolean;
  readonly waterMould?: boolean;
  readonly schools?: readonly Schools[];
  readonly controls: readonly Means1[];
}

/** The full entry from the short one. Nothing is checked here: `checkCatalogue` does that, in words. */
export function trouble(e: TroubleEntry): Trouble {
  return {
    id: e.id,
    name: e.name,
    also: list(e.also),
    kind: e.kind,
    labelAs: [...new Set([e.id, ...words(e.labelAs)])],
    sizeMm: e.sizeMm ?? null,
    hosts: { ...e.hosts },
    signs: signsOf(e.seen),
    first: words(e.first),
    months: monthsOf(e.season),
    favours: words(e.favours ?? '') as Trouble['favours'],
    unit: e.unit,
    facts: [...e.facts],
    life: e.life.map(([stage, months, where, open]): LifeStage => ({ stage, months: monthsOf(months), where, open: words(open) as Means[] })),
    vulnerable: e.open,
    tolerate: e.tolerate,
    threshold: { share: e.act, prov: e.actProv ?? MEM },
    lookAgainDays: e.again,
    spread: { by: words(e.by) as Trouble['spread']['by'], fact: e.spread, carries: words(e.carries ?? '') },
    never: e.never,
    enemies: words(e.enemies ?? ''),
    apart: { ...e.apart },
    follows: words(e.follows ?? ''),
    hidesInCurl: e.hidesInCurl ?? false,
    report: e.report ? { in: words(e.report.in), prov: e.report.prov ?? MEM } : null,
    notAtHome: e.notAtHome ?? null,
    inside: e.inside ?? false,
    waterMould: e.waterMould ?? false,
    schools: [...(e.schools ?? [])],
    controls: [...new Map(e.controls.map((c) => [c.control, c])).values()],
  };
}

/** A helper or a look-alike as a contributor writes it. */
export interface FriendEntry {
  readonly id: string;
  readonly name: string;
  readonly also?: string;
  readonly sizeMm?: number;
  readonly hosts: Readonly<Record<string, number>>;
  readonly seen: Seen;
  readonly facts: readonly Fact[];
  readonly advice: string;
}

const friend = (kind: Friend['kind'], e: FriendEntry): Friend => ({
  id: e.id,
  name: e.name,
  also: list(e.also),
  kind,
  sizeMm: e.sizeMm ?? null,
  hosts: { ...e.hosts },
  signs: signsOf(e.seen),
  facts: [...e.facts],
  advice: e.advice,
});
export const helper = (e: FriendEntry) => friend('helper', e);
export const lookAlike = (e: FriendEntry) => friend('look-alike', e);

const list = (text: string | undefined) =>
  (text ?? '')
    .split(',')
    .map((s) => s.trim())
    .filter(Boolean);
