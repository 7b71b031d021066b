import { LAW_ENTRIES } from '../catalogue/made/law';
import type { LawEntry } from '../catalogue/entry/law';
import { MEM, pub, type Provenance } from '../measure';
import type { Active } from './actives';
import { activesOf } from './strict';
import type { LabelSheet } from './schema';

/** Where a garden is, as far as the law goes. */
export interface LawPlace {
  /** ISO 3166-1; null or empty while it was not asked. */
  readonly country: string | null;
  /** ISO 3166-2 of a state or province; null or empty where it was not asked or has no law of its own. */
  readonly region?: string | null;
}

/** On what, and where, a product would be used. */
export interface LawUse {
  readonly eaten?: boolean;
  readonly indoors?: boolean;
  readonly turf?: boolean;
}

/** What the law says of a sheet, as far as it is known here. */
export interface Allowed {
  /** 'ask': nobody here knows that a home gardener may use it there. */
  readonly is: 'barred' | 'ask';
  readonly words: string;
  readonly prov: Provenance;
}

type ActiveLaw = LawEntry['actives'][string];
type Word = ActiveLaw['home'];

const ASK = 'Not known to be sold for home gardens where you are: is it, and does its label say so?';

/** The entries that speak for a place, the most particular last. */
function entriesFor({ country, region }: LawPlace): readonly LawEntry[] {
  const wide = (e: LawEntry) => (e.places.length > 1 ? 0 : 1);
  const ofCountry = LAW_ENTRIES.filter((e) => country && e.places.includes(country)).sort((a, b) => wide(a) - wide(b));
  const ofRegion = LAW_ENTRIES.filter((e) => region && e.places.includes(region));
  return [...ofCountry, ...ofRegion];
}

/** The strictest word for a use: a no anywhere stands. */
function wordFor(law: ActiveLaw, use: LawUse): Word {
  const said = [law.home, use.eaten ? law.eaten : undefined, use.indoors ? law.indoors : undefined, use.turf ? law.turf : undefined].filter(
    (w) => w !== undefined,
  );
  // in a room its own word goes before that of the garden
  if (use.indoors && law.indoors !== undefined) return law.indoors;
  return said.includes('no') ? 'no' : said.includes('unknown') ? 'unknown' : 'yes';
}

interface Said {
  readonly word: Word;
  readonly law: ActiveLaw | null;
}

/** What is known of one active: what names it goes before what names all that is synthetic; a no stands at every level. */
function saidOf(active: Active | null, synthetic: boolean, entries: readonly LawEntry[], use: LawUse): Said {
  const laws = entries.flatMap((e) => [
    ...(synthetic && e.actives['synthetic'] ? [e.actives['synthetic']] : []),
    ...(active && e.actives[active.id] ? [e.actives[active.id]] : []),
  ]) as ActiveLaw[];
  const bars = laws.filter((l) => wordFor(l, use) === 'no');
  // what bars just this one is said before what bars all of its kind
  const no = bars.findLast((l) => entries.some((e) => active && e.actives[active.id] === l)) ?? bars.at(-1);
  if (no) return { word: 'no', law: no };
  const last = laws.at(-1);
  return last ? { word: wordFor(last, use), law: last } : { word: 'unknown', law: null };
}

const provOf = (l: ActiveLaw | null): Provenance => (l?.mark === 'published' ? pub(l.source ?? '') : MEM);

/**
 * Whether a product may be used in a home garden of a place: by its actives, whatever the sheet says of itself. What is
 * not known to be allowed is asked; naming a country never makes it laxer than naming none, unless it is listed as allowed.
 * @returns null where it is known to be allowed
 * @example allowedIn(neem, { country: 'GB' }) // { is: 'ask', … }
 */
export function allowedIn(sheet: LabelSheet, place: LawPlace, use: LawUse = {}): Allowed | null {
  const actives = activesOf(sheet);
  const strangers = sheet.actives.length - actives.length;
  // of what nobody here knows, a conventional product that no organic list carries counts as synthetic
  const strange = strangers > 0 ? [{ active: null, synthetic: sheet.class === 'conventional' && !sheet.organicListed }] : [];
  const entries = entriesFor(place);
  const all = [...actives.map((active) => ({ active, synthetic: active.synthetic })), ...strange].map((x) => saidOf(x.active, x.synthetic, entries, use));
  const no = all.find((x) => x.word === 'no');
  if (no) return { is: 'barred', words: no.law?.words ?? 'Not allowed in home gardens there.', prov: provOf(no.law) };
  const unknown = all.find((x) => x.word === 'unknown');
  if (!unknown) return null;
  return { is: 'ask', words: unknown.law?.words ?? sheet.regionNote?.text ?? ASK, prov: unknown.law ? provOf(unknown.law) : (sheet.regionNote?.prov ?? MEM) };
}

/**
 * Whether what is made at home may be used as a pesticide in a place.
 * @returns null where nothing is known
 */
export function homeMadeLaw(place: LawPlace): 'yes' | 'no' | null {
  const said = entriesFor(place).flatMap((e) => (e.homeMade ? [e.homeMade.home] : []));
  return said.includes('no') ? 'no' : said.includes('yes') ? 'yes' : null;
}
