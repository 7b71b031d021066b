import { MEM, pub, type Provenance } from '../measure';
import { activesOf } from './strict';
import type { LabelSheet } from './schema';

/** The member states of the European Union, ISO 3166-1. */
export const EU: readonly string[] = 'AT BE BG CY CZ DE DK EE ES FI FR GR HR HU IE IT LT LU LV MT NL PL PT RO SE SI SK'.split(' ');
const EU_GB = [...EU, 'GB'];

/** What the law of a country says of an active ingredient in a home garden. */
interface Word {
  readonly countries: readonly string[];
  /** Actives by id, or what any of them is. */
  readonly of: readonly string[] | 'synthetic';
  /** 'barred' closes it; 'ask': it differs within the country. */
  readonly kind: 'barred' | 'ask';
  readonly words: string;
  readonly prov: Provenance;
}

/** Dated by what is cited; the rest is from memory, and the grower is told to ask where none of it fits. */
const WORDS: readonly Word[] = [
  { countries: EU, of: ['carbaryl'], kind: 'barred', words: 'Withdrawn in the European Union since 2007.', prov: pub('Commission Decision 2007/355/EC') },
  { countries: EU, of: ['mancozeb'], kind: 'barred', words: 'Withdrawn in the European Union since 2021.', prov: pub('Regulation (EU) 2020/2087') },
  {
    countries: EU,
    of: ['malathion'],
    kind: 'barred',
    words: 'In the European Union in permanent greenhouses only, by professionals.',
    prov: pub('Regulation (EU) 2018/1495'),
  },
  { countries: EU, of: ['chlorothalonil'], kind: 'barred', words: 'Withdrawn in the European Union since 2019.', prov: pub('Regulation (EU) 2019/677') },
  {
    countries: EU,
    of: ['imidacloprid', 'neonicotinoid'],
    kind: 'barred',
    words: 'Barred outdoors in the European Union since 2018, and no longer approved.',
    prov: pub('Regulations (EU) 2018/783 to 2018/785'),
  },
  { countries: EU_GB, of: ['dinotefuran', 'organophosphate', 'carbamate'], kind: 'barred', words: 'Not approved for gardens there.', prov: MEM },
  {
    countries: ['GB'],
    of: ['carbaryl', 'mancozeb', 'malathion', 'imidacloprid', 'neonicotinoid', 'chlorothalonil'],
    kind: 'barred',
    words: 'Withdrawn for home gardeners in the United Kingdom.',
    prov: MEM,
  },
  {
    countries: ['GB'],
    of: ['bordeaux', 'copper-hydroxide', 'copper-oxychloride', 'copper-oxide', 'copper-sulfate', 'copper-octanoate', 'copper'],
    kind: 'barred',
    words: 'Copper is no longer approved as a spray for home gardeners in the United Kingdom.',
    prov: MEM,
  },
  { countries: ['FR'], of: ['acetamiprid'], kind: 'barred', words: 'Barred in France since 2018.', prov: pub('Loi n° 2016-1087') },
  {
    countries: ['FR'],
    of: 'synthetic',
    kind: 'barred',
    words: 'In France home gardeners may use biological, low-risk and organic products only, since 2019.',
    prov: pub('Loi n° 2014-110'),
  },
  {
    countries: ['US'],
    of: ['imidacloprid', 'dinotefuran', 'acetamiprid', 'neonicotinoid'],
    kind: 'ask',
    words: 'Several states leave this outdoors to licensed people, California, New Jersey, Maine and Vermont among them: ask your state’s office first.',
    prov: MEM,
  },
  {
    countries: ['CA'],
    of: 'synthetic',
    kind: 'ask',
    words: 'Several provinces bar such products in gardens, Ontario and Quebec among them: ask yours first.',
    prov: MEM,
  },
];

/** Countries whose bars stand above: for the others nothing is known here. */
const KNOWN: readonly string[] = [...EU_GB, 'US', 'CA'];

/** What the law says of a sheet in a country, as far as it is known here. */
export interface Allowed {
  readonly is: 'barred' | 'ask';
  readonly words: string;
  readonly prov: Provenance;
}

/**
 * Whether a product may be used in a home garden of a country: by its actives, whatever the sheet says of itself.
 * @param country ISO 3166-1; null where it is not known, and then nothing is barred and the sheet's own note is asked
 * @returns null where nothing stands against it that is known here
 */
export function allowedIn(sheet: LabelSheet, country: string | null): Allowed | null {
  const actives = activesOf(sheet);
  // of what nobody here knows, a conventional product that no organic list carries counts as synthetic
  const synthetic = actives.some((a) => a.synthetic) || (actives.length < sheet.actives.length && sheet.class === 'conventional' && !sheet.organicListed);
  const meant = WORDS.filter(
    (w) => country !== null && w.countries.includes(country) && (w.of === 'synthetic' ? synthetic : actives.some((a) => w.of.includes(a.id))),
  );
  const word = meant.find((w) => w.kind === 'barred') ?? meant[0];
  if (word) return { is: word.kind, words: word.words, prov: word.prov };
  if (!sheet.regionNote || (country !== null && KNOWN.includes(country))) return null;
  return { is: 'ask', words: sheet.regionNote.text, prov: sheet.regionNote.prov };
}
