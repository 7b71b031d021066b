import type { MATERIAL_GROUPS } from './schema';

/** What is known of an active ingredient, whatever a pack is called and whatever was typed of it. From memory where nothing else is said. */
export interface Active {
  readonly id: string;
  /** The ways packs print it. */
  readonly printed: RegExp;
  /** Mode of action and whose number it is: IRAC for insects and mites, FRAC for fungi; null where neither gives one. */
  readonly moa: { readonly by: 'IRAC' | 'FRAC'; readonly code: string } | null;
  readonly groups: readonly (typeof MATERIAL_GROUPS)[number][];
  /** Days apart from other materials, whichever comes first. */
  readonly gaps: Readonly<Partial<Record<'oil' | 'sulfur' | 'copper' | 'captan', number>>>;
  /** The least that it is taken for; a sheet may be sterner. */
  readonly bees: 'none' | 'wet' | 'toxic';
  readonly fish: boolean;
  /** No certified-organic list carries it. */
  readonly synthetic: boolean;
  /** A cholinesterase inhibitor: the signs, the antidote and the breath given differ. */
  readonly cholinesterase?: true;
}

type Kind = Omit<Active, 'id' | 'printed' | 'moa'>;
const BROAD: Kind = { groups: ['broad-insecticide'], gaps: {}, bees: 'toxic', fish: true, synthetic: true };
const MILD: Kind = { groups: [], gaps: {}, bees: 'none', fish: false, synthetic: false };
const FUNGICIDE: Kind = { groups: [], gaps: {}, bees: 'none', fish: true, synthetic: true };
const COPPER: Kind = { groups: ['copper'], gaps: {}, bees: 'wet', fish: true, synthetic: false };

const irac = (code: string) => ({ by: 'IRAC', code }) as const;
const frac = (code: string) => ({ by: 'FRAC', code }) as const;
const a = (id: string, printed: RegExp, moa: Active['moa'], kind: Kind): Active => ({ id, printed, moa, ...kind });

/**
 * Active ingredients that home gardeners meet, the more particular before the more general: the first that fits counts.
 * Groups after the IRAC and FRAC mode of action classifications.
 */
export const ACTIVES: readonly Active[] = [
  a('copper-octanoate', /copper.{0,4}octanoate|copper soap/i, frac('M01'), { ...COPPER, groups: ['copper', 'soap'] }),
  a('bordeaux', /bordeaux|copper.{0,25}lime/i, frac('M01'), { ...COPPER, gaps: { sulfur: 14 } }),
  a('copper-hydroxide', /(?:copper|cupric).{0,4}hydroxide/i, frac('M01'), COPPER),
  a('copper-oxychloride', /copper.{0,4}oxychloride/i, frac('M01'), COPPER),
  a('copper-oxide', /cuprous|copper.{0,6}oxide/i, frac('M01'), COPPER),
  a('copper-sulfate', /copper.{0,25}sul(?:f|ph)ate|sul(?:f|ph)ate of copper/i, frac('M01'), COPPER),
  a('copper', /copper|cupri?c/i, frac('M01'), COPPER),
  a('lime-sulfur', /polysul(?:f|ph)ide|lime.{0,3}sul(?:f|ph)ur/i, frac('M02'), {
    ...MILD,
    groups: ['sulfur'],
    gaps: { oil: 30, copper: 14 },
    bees: 'wet',
    fish: true,
  }),
  a('sulfur', /\bsul(?:f|ph)ur\b/i, frac('M02'), { ...MILD, groups: ['sulfur'], gaps: { oil: 14 } }),
  a('captan', /\bcaptan\b/i, frac('M04'), { ...FUNGICIDE, groups: ['captan'], gaps: { oil: 14 }, bees: 'wet' }),
  a('mancozeb', /mancozeb|maneb|zineb/i, frac('M03'), FUNGICIDE),
  a('chlorothalonil', /chlorothalonil/i, frac('M05'), { ...FUNGICIDE, gaps: { oil: 14 } }),
  a('triazole', /\w(?:conazole|butanil|triafol)\b/i, frac('3'), { ...FUNGICIDE, bees: 'wet' }),
  a('phosphonate', /phosph(?:onate|ite)|phosphorous acid|fosetyl/i, frac('P07'), { ...MILD, gaps: { copper: 20 } }),
  a('bacillus-fungicide', /bacillus (?:subtilis|amyloliquefaciens|velezensis|pumilus)/i, frac('BM02'), { ...MILD, gaps: { copper: 3 } }),
  a('trichoderma', /trichoderma/i, frac('BM02'), { ...MILD, gaps: { copper: 7 } }),
  a('bicarbonate', /bicarbonate|hydrogen carbonate/i, frac('NC'), MILD),
  a('malathion', /malathion|maldison/i, irac('1B'), { ...BROAD, cholinesterase: true }),
  a(
    'organophosphate',
    /diazinon|chlorpyrifos|dimethoate|acephate|fenitrothion|phosmet|pirimiphos|trichlorfon|dichlorvos|profenofos|quinalphos|methidathion/i,
    irac('1B'),
    { ...BROAD, cholinesterase: true },
  ),
  a('carbaryl', /carbaryl/i, irac('1A'), { ...BROAD, cholinesterase: true }),
  a('carbamate', /methomyl|propoxur|carbofuran|methiocarb|pirimicarb/i, irac('1A'), { ...BROAD, cholinesterase: true }),
  a('pyrethrins', /pyrethr(?:ins?|um)\b/i, irac('3A'), { ...BROAD, bees: 'wet', synthetic: false }),
  a('pyrethroid', /[a-z](?:thrin|cyhalothrin|fluthrin|valerate)\b/i, irac('3A'), BROAD),
  a('imidacloprid', /imidacloprid/i, irac('4A'), BROAD),
  a('dinotefuran', /dinotefuran/i, irac('4A'), BROAD),
  a('acetamiprid', /acetamiprid/i, irac('4A'), BROAD),
  a('neonicotinoid', /thiamethoxam|clothianidin|thiacloprid|nitenpyram/i, irac('4A'), BROAD),
  a('spinosyn', /spinosad|spinetoram/i, irac('5'), { ...BROAD, synthetic: false }),
  a('azadirachtin', /azadirachtin/i, irac('UN'), { ...MILD, bees: 'wet', fish: true }),
  a('neem-oil', /neem/i, irac('UNE'), { ...MILD, groups: ['oil'], gaps: { sulfur: 14 }, bees: 'wet', fish: true }),
  a('oil', /\boils?\b|paraffin/i, irac('UNM'), { ...MILD, groups: ['oil'], gaps: { sulfur: 14, captan: 14 }, bees: 'wet', fish: true }),
  a('soap', /\bsoap|fatty acids?/i, null, { ...MILD, groups: ['soap'], bees: 'wet', fish: true }),
  a('bt-israelensis', /israelensis/i, irac('11A'), MILD),
  a('bt', /thuringiensis/i, irac('11A'), MILD),
  a('beauveria', /beauveria|metarhizium|cordyceps|isaria/i, irac('UNF'), { ...MILD, bees: 'wet', fish: true }),
  a('diatomaceous-earth', /diatom|kieselguhr|silicon dioxide/i, irac('UNM'), { ...MILD, bees: 'wet' }),
  a('kaolin', /kaolin/i, null, { ...MILD, bees: 'wet' }),
  a('borate', /borax|borate|boric/i, irac('8D'), MILD),
  a('diamide', /(?:chlorantranili|cyantranili|cyclanili|tetranili|flubendi)\w+/i, irac('28'), { ...BROAD, groups: [], bees: 'wet' }),
  a('granulovirus', /granulo ?virus|nucleopolyhedrovirus|baculovirus/i, irac('31'), MILD),
  a('yeast-fungicide', /aureobasidium/i, frac('BM02'), { ...MILD, gaps: { copper: 2, captan: 2 } }),
  a('iron-phosphate', /(?:iron|ferric) ?phosphate/i, null, MILD),
  a('iron-edta', /(?:iron|ferric|sodium).{0,10}edta/i, null, MILD),
  a('metaldehyde', /metaldehyde/i, null, { ...MILD, bees: 'none', fish: true, synthetic: true }),
  a('fipronil', /fipronil/i, irac('2B'), BROAD),
  a('hydramethylnon', /hydramethylnon/i, irac('20A'), { ...BROAD, groups: [], bees: 'none' }),
  a('abamectin', /abamectin|avermectin|emamectin/i, irac('6'), BROAD),
  a('sulfoxaflor', /sulfoxaflor/i, irac('4C'), BROAD),
  a('flupyradifurone', /flupyradifurone/i, irac('4D'), { ...BROAD, bees: 'wet' }),
  a('pyriproxyfen', /pyriproxyfen/i, irac('7C'), { ...BROAD, groups: [], bees: 'wet' }),
  a('methoprene', /methoprene/i, irac('7A'), { ...BROAD, groups: [], bees: 'none' }),
  a('indoxacarb', /indoxacarb/i, irac('22A'), BROAD),
  a('spirotetramat', /spiro(?:tetramat|mesifen|diclofen)/i, irac('23'), { ...BROAD, groups: [], bees: 'toxic' }),
  a('flonicamid', /flonicamid/i, irac('29'), { ...BROAD, groups: [], bees: 'wet' }),
  a('bifenazate', /bifenazate|acequinocyl|fenpyroximate/i, irac('20'), { ...BROAD, groups: [], bees: 'wet' }),
  a('buprofezin', /buprofezin/i, irac('16'), { ...BROAD, groups: [], bees: 'none' }),
  a('ecdysone-agonist', /(?:tebufeno|methoxyfeno|halofeno)zide/i, irac('18'), { ...BROAD, groups: [], bees: 'none' }),
  a('benzoylurea', /(?:\w+fluron|novaluron|lufenuron|\w+fluazuron|\w+benzuron)\b/i, irac('15'), { ...BROAD, groups: [], bees: 'wet' }),
  a('cyromazine', /cyromazine/i, irac('17'), { ...BROAD, groups: [], bees: 'none' }),
  a('mite-growth', /etoxazole|clofentezine|hexythiazox/i, irac('10'), { ...BROAD, groups: [], bees: 'none' }),
  a('pymetrozine', /pymetrozine|pyrifluquinazon|afidopyropen/i, irac('9'), { ...BROAD, groups: [], bees: 'wet' }),
  a('rotenone', /rotenone|derris/i, irac('21B'), { ...BROAD, synthetic: false }),
  a('metaflumizone', /metaflumizone/i, irac('22B'), BROAD),
  a('cyflumetofen', /cyflumetofen|cyenopyrafen/i, irac('25'), { ...BROAD, groups: [], bees: 'none' }),
  a('piperonyl-butoxide', /piperonyl/i, null, { ...MILD, fish: true, synthetic: true }),
  a('folpet', /folpet/i, frac('M04'), { ...FUNGICIDE, gaps: { oil: 14 } }),
  a('phthalimide-kin', /dithianon|dodine|fluazinam|iprodione|fludioxonil|cyprodinil|pyrimethanil|fenhexamid|isofetamid/i, null, FUNGICIDE),
  a('oomycete-fungicide', /propamocarb|cymoxanil|dimethomorph|mandipropamid|ametoctradin|cyazofamid|oxathiapiprolin|zoxamide/i, null, FUNGICIDE),
  a('mildew-fungicide', /bupirimate|proquinazid|quinoxyfen|metrafenone|cyflufenamid|spiroxamine/i, null, FUNGICIDE),
  a('peroxide', /peroxide|peroxy\w+|hypochlor/i, null, { ...MILD, bees: 'wet', fish: true }),
  a('nematodes', /steinernema|heterorhabditis|phasmarhabditis/i, null, MILD),
  a('streptomyces', /streptomyces|ampelomyces|gliocladium|pseudomonas|bacteriophage/i, frac('BM02'), MILD),
  a('plant-defence', /laminarin|cerevisane|chitosan|harpin|acibenzolar|reynoutria|knotweed/i, frac('P'), MILD),
  a('basic-substance', /lecithin|whey|equisetum|horsetail|nettle|vinegar|acetic acid|citric acid|mustard seed|silicate|garlic|capsai|kelp|seaweed/i, null, {
    ...MILD,
    bees: 'wet',
  }),
  a('sugar-ester', /sucrose|sorbitol|maltodextrin|polysiloxane|silicone/i, null, { ...MILD, bees: 'wet' }),
  a('strobilurin', /[a-z]+strobin\b/i, frac('11'), FUNGICIDE),
  a('thiophanate', /thiophanate|benomyl|carbendazim/i, frac('1'), FUNGICIDE),
  a('boscalid', /boscalid|fluopyram|fluxapyroxad|penthiopyrad/i, frac('7'), FUNGICIDE),
  a('metalaxyl', /metalaxyl|mefenoxam/i, frac('4'), FUNGICIDE),
];

/**
 * The active ingredient that a pack names; undefined for one that nobody here knows.
 * @example findActive('Cupric Hydroxide 53.8%')?.id // 'copper-hydroxide'
 */
export function findActive(name: string): Active | undefined {
  if (!found.has(name))
    found.set(
      name,
      ACTIVES.find((x) => x.printed.test(name)),
    );
  return found.get(name);
}
/** Every rule of every case asks for the same few names. */
const found = new Map<string, Active | undefined>();
