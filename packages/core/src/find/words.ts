/// <reference path="./stemmer.d.ts" />
import stemmer from 'stemmer';

/**
 * Circles of words that people use for one another when they say what they see; found by any, the one that was typed
 * before the others. From memory.
 */
const CIRCLES = [
  'fuzz fuzzy fluff fluffy fur furry mould mouldy hairy woolly',
  'cotton cottony wool woolly fluffy',
  'powder powdery flour dust dusty talc coating chalky',
  'poop poo droppings frass excrement dirt pellets',
  'worm caterpillar grub maggot larva',
  'bug insect creature beetle critter',
  'chewed eaten nibbled munched gnawed bitten holes ragged',
  'bite chewed eaten edge',
  'curl curling curled curly crinkled puckered crumpled',
  'rolled rolling folded curled',
  'twisted distorted deformed misshapen malformed lumpy',
  'yellow yellowing pale chlorosis chlorotic',
  'scorch scorched burnt burned burn crispy crisp dried',
  'wilt wilting wilts droop drooping droopy flop floppy limp sagging flagging hangs collapsed',
  'spot spots dot dots speck specks speckled blotch blotches patches patch freckles',
  'sticky tacky gooey honeydew shiny',
  'web webbing webs cobweb silk',
  'rot rotten rotting mushy decay',
  'lump lumps bump bumps gall galls swelling swellings knobbly knob wart warts knots',
  'dying dead die dieback died dies',
  'stunted small slow dwarfed tiny growing',
  'drop dropping falling fall shed losing off',
  'tunnel tunnels trail trails squiggle squiggles squiggly lines winding mine',
  'rust rusty orange pustules',
  'see transparent through windows',
  'skeleton skeletonised skeletonized lace lacy veins',
  'slime slimy slug snail',
  'smell smells stink stinks stinky smelly',
  'soot sooty black',
  'toadstool mushroom toadstools mushrooms fungus',
  'sap gum resin ooze oozing bleeding weeping dripping',
  'grass lawn turf',
  'seedling seedlings baby sprouts',
  'seed sown germinate germinated coming',
  'disappeared gone missing vanished',
  'night overnight dusk',
  'split cracked crack splitting',
  'underside underneath under beneath below',
  'leggy stretched lanky spindly long lean',
  'tree bark trunk',
  'branch branches twig twigs shoot',
  'flies fly gnats midges',
  'bottom lower lowest base',
  'ring rings circle circles bullseye target',
  'pecked birds',
  'purple purplish violet reddish',
  'bronze bronzed',
  'edge edges margin margins',
  'bag bags spindle',
  'shrivelled shriveled wrinkled mummies',
  'rabbit rabbits hare deer',
  'mouse mice vole rat rodents tooth',
  'spray spraying',
  'water hose',
];

/** One spelling for words that are spelt in two ways, American first. */
const SPELT: Readonly<Record<string, string>> = {
  mold: 'mould',
  moldy: 'mouldy',
  gray: 'grey',
  color: 'colour',
  colored: 'coloured',
  sulphur: 'sulfur',
  caterpiller: 'caterpillar',
  maggets: 'maggots',
  mildue: 'mildew',
  shriveled: 'shrivelled',
  skeletonized: 'skeletonised',
  mealy: 'mealy',
};
/** Irregular plurals. */
const ONE: Readonly<Record<string, string>> = {
  mice: 'mouse',
  leaves: 'leaf',
  larvae: 'larva',
  cacti: 'cactus',
  fungi: 'fungus',
  gladioli: 'gladiolus',
  eaten: 'eat',
  died: 'die',
  dying: 'die',
  teeth: 'tooth',
  geese: 'goose',
};
/** What says nothing of what it is. */
const STOP = new Set(
  'a an and are at been but by for from has have i in is it its like looks my of on or out over some something that the their there they this to up was were what with when stuff thing things plant plants little'.split(
    ' ',
  ),
);

const bare = (text: string) =>
  text
    .normalize('NFD')
    .replace(/[\u0300-\u036f'’]/g, '')
    .toLowerCase();

/** Words that would lose more than an ending: droppings do not drop. */
const WHOLE = new Set(['droppings']);

const stemOf = (word: string): string => (WHOLE.has(word) ? 'droppings' : stemmer(ONE[SPELT[word] ?? word] ?? SPELT[word] ?? word));

/** A text as the words that are searched: in small letters, one spelling, without endings, without what says nothing. */
export function termsOf(text: string): string[] {
  const words = bare(text)
    .split(/[^a-z0-9]+/)
    .filter(Boolean);
  const telling = words.filter((w) => !STOP.has(w));
  return (telling.length > 0 ? telling : words).map(stemOf);
}

const CIRCLE_OF = new Map<string, Set<string>>();
for (const line of CIRCLES) {
  const stems = line.split(' ').map(stemOf);
  for (const s of stems) CIRCLE_OF.set(s, new Set([...(CIRCLE_OF.get(s) ?? []), ...stems]));
}

/** Other words for a word, both without endings. */
export const othersFor = (term: string): string[] => [...(CIRCLE_OF.get(term) ?? [])].filter((t) => t !== term);
