import { atMost, done, parseNumber, parseQuantity, refused, WHOSE, type Outcome, type Quantity, type UnitSystem } from '../measure';
import { activeIn, type Product } from './strength';
import { FORM_WORDS, type RateForm } from './rate';

/** A rate in one of the label's forms, in ml or g per litre of mix, m², plant, metre … */
export interface ReadRate {
  readonly form: RateForm;
  readonly unit: 'ml' | 'g';
  /** 0 where the label says "up to". */
  readonly min: number;
  readonly max: number;
  /** One of the printed unit, so that a bare number beside it is read as the label means it; null for ratios and compound weights. */
  readonly one: { readonly si: number; readonly words: string } | null;
  /** A hose-end sprayer's dial is set to it. */
  readonly dial: boolean;
  /** How it was understood, for showing beside the field. */
  readonly understood: string;
}

/** What is known of the product, where the rate needs it. */
export interface RateOf {
  readonly state: 'liquid' | 'dry';
  /** For rates by active ingredient; null where the strength is not known. */
  readonly product: Product | null;
}

const NUM = String.raw`(?:\d+(?:\s+|-)\d+\s*\/\s*\d+|\d+\s*\/\s*\d+|\d*\s?[½⅓⅔¼¾⅛⅜⅝⅞]|\d[\d.,]*|[.,]\d+)`;
const RANGE = String.raw`(?:\s*(?:-|–|—|to|or)\s*)`;
const re = (source: string) => new RegExp(source, 'iu');
const RATIO = re(
  String.raw`^(${NUM})\s*(?::|parts?(?:\s+(?:of\s+)?(?:product|concentrate))?\s*(?:to|:|in)|in(?=\s+${NUM}(?:\s+parts?)?$)|to\s+(?=${NUM}\s*parts?\b))\s*(${NUM})\s*(?:parts?)?(?:\s+(?:of\s+)?water)?$`,
);
const IN_PARTS = /(?:parts?|\d)\s*in\b/i;
const PERCENT = re(String.raw`^(up\s+to\s+)?(${NUM})(?:${RANGE}(${NUM}))?\s*(?:%|per\s*cent|percent)\s*(.*)$`);
const PPM = re(String.raw`^(up\s+to\s+)?(${NUM})(?:${RANGE}(${NUM}))?\s*ppm\b.*$`);
const MAKES = /^(.*?)\s*\bmakes?\b\s*(.+)$/i;
const DIAL = /^(?:hose[\s-]?end(?:\s+(?:sprayer|dial))?|dial)\s*(?:set)?\s*(?:at|to|:|,)?\s*(.+)$/i;
/** The last "per", "a" or slash that follows a word: "1/2 tsp/gal" is cut at the second slash. */
const CUT =
  /^(.*[a-z²"'.)])\s*(?:\/|\bper\b|\bto\s+each\b|\bfor\s+each\b|\beach\b|\bin(?:to)?\s+(?=[\d½⅓⅔¼¾])|\bto\s+(?=(?:a|an|one|[\d½]+)\s+(?:us\s+|imp\s+)?(?:gal|litre|liter|l\b))|\bfor\s+(?=[\d½])|\ban?\b)\s*(.+)$/i;
const AMOUNTS = re(String.raw`^(?:up\s+to\s+)?(${NUM})\s*([a-z²"'.\s]*?)${RANGE}(?=${NUM})(.+)$`);
const UP_TO = /^(?:up\s+to|(?:not|no|never)\s+more\s+than|not\s+(?:over|above|exceeding)|(?:do\s+not\s+exceed)|at\s+most|max(?:imum)?\.?(?:\s+of)?)\s+/i;
const AT_LEAST = /^(?:at\s+least|min(?:imum)?\.?(?:\s+of)?|not\s+less\s+than)\s+/i;
const ACTIVE = /\s*\b(?:of\s+)?(?:a\.?\s?i\.?|active(?:\s+ingredient)?)(?=\W|$)/i;
const OF_WATER = /\s+(?:of\s+)?(?:clean\s+)?(?:water|(?:finished\s+)?spray(?:\s+(?:mix|solution|volume))?|mix(?:ture)?|solution)\s*$/i;
const PLANTS =
  /^(?:(\d+)\s+)?(?:(?:[\d.]+[\s-]*(?:inch|in|cm|"|l|gal|litre|gallon)[\s-]*)?(?:plant|pot|hole|bush|shrub|tree|hill|seedling|basket|container|stem|vine|cane|plug|cutting|bulb|rose|head|crown|clump)(?:e?s)?)(?:\s+hole)?$/i;
const ROW = /\s*\b(?:of\s+)?(?:row|drill|furrow|trench)\b\s*(?:of\s+)?/i;
const SOIL = /\s*\b(?:of\s+)?(?:potting\s+(?:mix|soil|compost)|(?:growing\s+)?(?:medium|media)|soil|compost|substrate)\s*$/i;
const CUBIC = /\bcu(?:bic)?\b|(?:ft|yd|\bm)[³3]/i;
const BY_POT = /\bpots?\b/i;
const ROUND = /\s*\b(?:of\s+)?(?:(?:trunk|stem)\s+)?(?:circumference|round|around|girth|gbh)\b.*$/i;
const ACROSS = /\s*\b(?:of\s+)?(?:(?:trunk|stem)\s+)?(?:diameter|across|through|dbh|thick(?:ness)?|width|wide|cali[bp](?:er|re))\b.*$/i;
const HEIGHT = /\s*\b(?:of\s+)?(?:(?:plant|shrub|tree|hedge)\s+)?(?:height|tall|high)\b.*$/i;
const TRUNK = /\s*\b(?:of\s+)?(?:the\s+)?(?:tree\s+)?(?:trunk|stem|bark)\b.*$/i;
const BARE_OUNCE = /\b(?:oz|ozs|ounces?)\b(?!\s*(?:wt|weight|by\s+weight|dry))/i;
const FLUID = /\b(?:fl|fluid)\.?\s*(?:oz|ozs|ounces?)\b/i;
const BY_WEIGHT = /\s*\b(?:wt|weight|by\s+weight|dry)\b\.?/gi;
const OUNCE_SAID = /\b(?:oz|ounces?)\s+(?:wt|weight|by\s+weight|dry)\b|\b(?:dry|wt|weight)\s+(?:oz|ounces?)\b/i;

const sig = (n: number) => String(Number(n.toPrecision(4)));

/** What it comes to, in the words that are shown beside the field. */
const saidOf = (min: number, max: number, unit: string, form: RateForm) => {
  const span = atMost(max, min) ? sig(max) : min === 0 ? `up to ${sig(max)}` : `${sig(min)} to ${sig(max)}`;
  return `${span} ${unit} ${FORM_WORDS[form]}`;
};

interface Figures {
  readonly form: RateForm;
  readonly unit: 'ml' | 'g';
  readonly min: number;
  readonly max: number;
  readonly one?: ReadRate['one'];
  readonly dial?: boolean;
}

const rate = ({ one = null, dial = false, ...f }: Figures, field: string, note = ''): Outcome<ReadRate> => {
  if (f.min > f.max) return refused('order', 'The lower figure is above the upper one.', field);
  return done({ ...f, one, dial, understood: `${saidOf(f.min, f.max, f.unit, f.form)}${note}` });
};

/**
 * Reads a rate as a label prints it or as people type it: `2 fl oz/gal`, `1½ to 2 tbsp per gallon of water`,
 * `up to 10 ml per litre`, `1 lb 4 oz per 100 gal`, `g/hl`, `1:200`, `0.5 %`, `500 ppm`, `16 fl oz makes 48 gal`,
 * `5 ml per plant`, `2 g per m of row`, `3 g per litre of potting mix`, `1 lb a.i./acre`, `2 fl oz per inch
 * diameter`, `30 ml per m of height`, `dial 2 tbsp`. What may mean two things is asked.
 * A ratio is product to water, so that 1:200 is one part in 201 of mix; "1 part in 50" is one part of 50.
 * @param of what is known of the product: asked for by rates of active ingredient, and it settles what an ounce is
 * @returns refused `no-per`, `which-length`, `round-or-through`, `which-ounce`, `makes-what`, `dial`, `by-pot`,
 *   `no-strength`, `no-most`, or as `parseQuantity` does for either half
 * @example readRate('2 fl oz/gal', 'us') // 15.625 ml per litre
 * @example readRate('1 to 2 tsp per gallon of water', 'us') // 1.302083 to 2.604167 ml per litre
 */
export function readRate(text: string, system: UnitSystem, of: RateOf | null = null, field = 'rate'): Outcome<ReadRate> {
  const s = text.trim().replace(/\s+/g, ' ');
  if (s === '') return refused('empty', 'Type a rate as it is printed, such as 15 ml per litre.', field);
  if (AT_LEAST.test(s)) return refused('no-most', 'A label says what is the most, too: type both, such as 1 to 2 tsp/gal.', field);
  const special = ratio(s, of, field) ?? percent(s, of, field) ?? ppm(s, of, field) ?? makes(s, system, of, field);
  if (special) return special;
  const dial = DIAL.exec(s);
  if (dial) return onDial(dial[1] ?? '', system, of, field);
  const cut = CUT.exec(s.replace(/\/\s*A$/, '/acre'));
  if (!cut) return refused('no-per', `“${s}” of product to what? Type it with per, such as 15 ml per litre or 2 tbsp/gal.`, field);
  const [, before = '', bottom = ''] = cut;
  const top = before.replace(/\s+(?:to|for|in|on|at)$/i, '');
  // "2 tsp per US gal": the spoon is the gallon's
  const whose = /\b(us|imp|imperial)\b/i.exec(bottom)?.[1]?.toLowerCase();
  const amount = readAmounts(top, whose && !/\b(us|imp|imperial|metric|au)\b/i.test(top) ? (WHOSE[whose] ?? system) : system, of, field);
  if (!amount.ok) return amount;
  const over = readOver(bottom.trim(), system, field);
  if (!over.ok) return over;
  const { per, form } = over.value;
  const { min, max, unit, unitSi } = amount.value;
  // "tbsp/gal": what stands behind the last figure, as it was typed
  const words = s.slice(lastFigureEnd(top)).trim();
  return rate({ form, unit, min: min / per, max: max / per, one: unitSi === null ? null : { si: unitSi / per, words } }, field, amount.value.note);
}

const lastFigureEnd = (top: string) => {
  const last = [...top.matchAll(new RegExp(NUM, 'giu'))].at(-1);
  return last ? last.index + last[0].length : 0;
};

function ratio(s: string, of: RateOf | null, field: string): Outcome<ReadRate> | null {
  const ends = s.split(/\s+(?:to|or)\s+(?=\d+\s*:)|\s*[–—-]\s*(?=\d+\s*:)/i).map((part) => RATIO.exec(part));
  if (ends.some((m) => m === null)) return null;
  const shares: number[] = [];
  for (const m of ends) {
    const a = parseNumber(m?.[1] ?? '', field, 'us');
    const b = parseNumber(m?.[2] ?? '', field, 'us');
    if (!a.ok) return a;
    if (!b.ok) return b;
    if (!(a.value > 0) || !(b.value > 0)) return refused('bad-rate', 'Both parts must be more than 0.', field);
    shares.push(a.value / (IN_PARTS.test(s) ? b.value : a.value + b.value));
  }
  const max = Math.max(...shares) * 1000;
  if (max > 500) return refused('bad-rate', 'That is more product than water: nothing is sprayed so. Type product first, as 1:200.', field);
  return rate(
    { form: 'per-litre', unit: of?.state === 'dry' ? 'g' : 'ml', min: Math.min(...shares) * 1000, max },
    field,
    IN_PARTS.test(s) ? '' : ' (parts of product to parts of water)',
  );
}

/** Both ends of "X to Y"; the lower is 0 after "up to". */
function ends(m: RegExpExecArray, field: string): Outcome<readonly [number, number]> {
  const a = parseNumber(m[2] ?? '', field, 'us');
  if (!a.ok) return a;
  const b = m[3] === undefined ? a : parseNumber(m[3], field, 'us');
  return b.ok ? done([m[1] ? 0 : a.value, b.value] as const) : b;
}

function percent(s: string, of: RateOf | null, field: string): Outcome<ReadRate> | null {
  const m = PERCENT.exec(s);
  if (!m) return null;
  const both = ends(m, field);
  if (!both.ok) return both;
  const [min, max] = both.value;
  if (!(max > 0)) return refused('bad-rate', 'The rate must be more than 0.', field);
  if (max > 50) return refused('bad-rate', 'A spray holds more than 0 and at most 50 % of product. Is it the product’s strength?', field);
  const words = (m[4] ?? '').trim();
  if (ACTIVE.test(` ${words}`)) return byActive(min * 10, max * 10, of, field);
  if (of?.state === 'dry' && !/w\s*\/\s*v|by weight/i.test(words)) {
    return refused('by-volume', `Percent of a powder: by weight? Then type ${sig(max * 10)} g per litre.`, field);
  }
  return rate({ form: 'per-litre', unit: /w\s*\/\s*v|by weight/i.test(words) ? 'g' : 'ml', min: min * 10, max: max * 10, one: { si: 10, words: '%' } }, field);
}

function ppm(s: string, of: RateOf | null, field: string): Outcome<ReadRate> | null {
  const m = PPM.exec(s);
  if (!m) return null;
  const both = ends(m, field);
  return both.ok ? byActive(both.value[0] / 1000, both.value[1] / 1000, of, field) : both;
}

/** g of active ingredient in a litre, as product. */
function byActive(min: number, max: number, of: RateOf | null, field: string): Outcome<ReadRate> {
  if (!of?.product)
    return refused(
      'no-strength',
      'By active ingredient: the product’s strength is needed. Give it with the active ingredient, and what a ml weighs if it is a liquid.',
      field,
    );
  const share = activeIn(of.product, field);
  if (!share.ok) return share;
  const top = max / share.value;
  if (!(top > 0)) return refused('bad-rate', 'The rate must be more than 0.', field);
  if (top > 500)
    return refused(
      'bad-rate',
      `That takes ${sig(top)} ${of.state === 'dry' ? 'g' : 'ml'} of this product in a litre: it is too weak for such a mix, or the figure is not of the mix.`,
      field,
    );
  return rate({ form: 'per-litre', unit: of.state === 'dry' ? 'g' : 'ml', min: min / share.value, max: top }, field, ' of product');
}

function makes(s: string, system: UnitSystem, of: RateOf | null, field: string): Outcome<ReadRate> | null {
  const m = MAKES.exec(s);
  if (!m) return null;
  const [, amount = '', mix = ''] = m;
  if (amount.trim() === '') return refused('makes-what', `How much of it makes ${mix.trim()}? Type it in front: 16 fl oz makes ${mix.trim()}.`, field);
  const a = readAmounts(amount, system, of, field);
  if (!a.ok) return a;
  const made = parseQuantity(mix.replace(OF_WATER, ''), system, ['volume'], field);
  if (!made.ok) return made;
  const litres = made.value.si / 1000;
  return rate({ form: 'per-litre', unit: a.value.unit, min: a.value.min / litres, max: a.value.max / litres }, field);
}

function onDial(rest: string, system: UnitSystem, of: RateOf | null, field: string): Outcome<ReadRate> {
  const per = CUT.test(rest);
  if (!per && system !== 'us') return refused('dial', 'What does the dial count by? Type it with per, such as dial 2 US tbsp per US gal.', field);
  const read = readRate(per ? rest : `${rest} per gal`, system, of, field);
  return read.ok ? done({ ...read.value, dial: true }) : read;
}

interface Amounts {
  readonly min: number;
  readonly max: number;
  readonly unit: 'ml' | 'g';
  /** One of the printed unit; null for two units together. */
  readonly unitSi: number | null;
  readonly note: string;
}

/** "2 tsp", "1½ to 2 tbsp", "10 ml to 20 ml", "up to 1 lb 4 oz", "1 lb a.i.". */
function readAmounts(text: string, system: UnitSystem, of: RateOf | null, field: string): Outcome<Amounts> {
  const upTo = UP_TO.test(text);
  const active = ACTIVE.test(text);
  let s = text
    .replace(UP_TO, '')
    .replace(ACTIVE, '')
    .replace(/\s+of\s+(?:product|concentrate|powder|dust)\s*$/i, '')
    .trim();
  const pounds = /\b(?:lb|lbs|pounds?)\b/i.test(s);
  if (BARE_OUNCE.test(s) && !FLUID.test(s) && !OUNCE_SAID.test(s) && !pounds && of?.state !== 'dry' && !active) {
    return refused('which-ounce', '“oz”: fluid ounces, or ounces by weight? Type fl oz, or oz wt.', field);
  }
  // "1-1/2 tsp" is one and a half, not a range
  s = s
    .replace(BY_WEIGHT, '')
    .replace(/^(\d+)\s*-\s*(\d+\s*\/\s*\d+)/, '$1 $2')
    .trim();
  const span = AMOUNTS.exec(s);
  const upper = parseQuantity(span?.[3] ?? s, system, ['volume', 'mass'], field);
  if (!upper.ok) return upper;
  let lower: Outcome<Quantity> = upper;
  if (span) {
    const own = (span[2] ?? '').trim();
    // the unit stands once, behind both: "1 to 2 tbsp"
    const shared = /^\s*(?:[\d½⅓⅔¼¾⅛⅜⅝⅞.,/\s-]+)(.*)$/u.exec(span[3] ?? '')?.[1] ?? '';
    lower = parseQuantity(`${span[1]} ${own === '' ? shared : own}`, system, [upper.value.dimension], field);
    if (!lower.ok) return lower;
  }
  const last = span?.[3] ?? s;
  const figure = /^\s*([\d½⅓⅔¼¾⅛⅜⅝⅞.,/\s-]+)[^\d½⅓⅔¼¾⅛⅜⅝⅞]*$/u.exec(last);
  const n = figure ? parseNumber((figure[1] ?? '').trim(), field, system) : null;
  const unit = upper.value.dimension === 'mass' ? 'g' : 'ml';
  const whole = { min: upTo ? 0 : lower.value.si, max: upper.value.si, unit, unitSi: n?.ok ? upper.value.si / n.value : null, note: '' } as const;
  if (!active) return done(whole);
  if (!of?.product) return byActive(1, 1, of, field) as Outcome<never>;
  const share = activeIn(of.product, field);
  if (!share.ok) return share;
  const product = of.state === 'dry' ? 'g' : 'ml';
  return done({ min: whole.min / share.value, max: whole.max / share.value, unit: product, unitSi: null, note: ' of product' });
}

/** What it is counted by, and how many of the form's own units stand behind "per". */
function readOver(text: string, system: UnitSystem, field: string): Outcome<{ form: RateForm; per: number }> {
  const s = text.replace(/^(?:each|every|one|an?)\s+/i, '');
  const plants = PLANTS.exec(s);
  if (plants) return done({ form: 'per-plant', per: Number(plants[1] ?? 1) });
  const size = (words: string, dimensions: readonly Quantity['dimension'][]) =>
    parseQuantity(/^\s*[\d½⅓⅔¼¾⅛⅜⅝⅞.]/u.test(words) ? words : `1 ${words}`, system, dimensions, field);
  if (BY_POT.test(s)) {
    return refused('by-pot', 'By the size of a pot: work out the amount for your pot, and type it as 5 ml per pot.', field);
  }
  if (ROW.test(s)) {
    const row = size(s.replace(ROW, ' ').trim(), ['length']);
    return row.ok ? done({ form: 'per-m-row', per: row.value.si }) : row;
  }
  if (SOIL.test(s)) {
    const soil = size(s.replace(SOIL, ''), ['volume', 'area']);
    if (!soil.ok) return soil;
    return soil.value.dimension === 'area' ? done({ form: 'per-m2', per: soil.value.si }) : done({ form: 'per-litre-soil', per: soil.value.si / 1000 });
  }
  const kind = ACROSS.test(s) ? 'across' : HEIGHT.test(s) ? 'height' : ROUND.test(s) ? 'round' : TRUNK.test(s) ? 'trunk' : null;
  const bare = kind === null ? s.replace(OF_WATER, '') : s.replace({ across: ACROSS, height: HEIGHT, round: ROUND, trunk: TRUNK }[kind], '');
  const over = size(bare, ['volume', 'area', 'length']);
  if (!over.ok) return over;
  const { dimension, si } = over.value;
  // nobody sprays by the cubic foot: that is ground or potting mix
  if (dimension === 'volume' && CUBIC.test(bare)) return done({ form: 'per-litre-soil', per: si / 1000 });
  if (dimension === 'volume') return done({ form: 'per-litre', per: si / 1000 });
  if (dimension === 'area') return done({ form: 'per-m2', per: si });
  if (kind === 'height') return done({ form: 'per-m-height', per: si });
  if (kind === 'round') return done({ form: 'per-cm-trunk', per: si * 100 });
  // a trunk as wide as this is π times as far round
  if (kind === 'across') return done({ form: 'per-cm-trunk', per: si * 100 * Math.PI });
  if (kind === 'trunk')
    return refused('round-or-through', 'The trunk: round with a tape, or through? Type per inch round the trunk, or per inch through the trunk.', field);
  return refused('which-length', 'Of what: round the trunk, through the trunk (diameter), height, or row? Add the word.', field);
}
