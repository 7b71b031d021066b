import { findHost, FRIENDS, HOSTS, TROUBLES, type Friend, type Trouble } from '../src/catalogue';
import { nextLook, rankSuspects, settle, type Answer } from '../src/diagnose';
import { usualness } from '../src/scout';
import type { WeatherWord } from '../src/scout';

const see = (...ids: string[]): Answer[] => ids.map((signId) => ({ signId, seen: true }));
const not = (...ids: string[]): Answer[] => ids.map((signId) => ({ signId, seen: false }));
const on = (id: string) => {
  const host = findHost(id);
  if (!host) throw new Error(id);
  return host;
};

/** What a grower tells, from the trade's common practice, and what it should be taken for. */
const STORIES: [story: string, host: string, month: number, answers: Answer[], first: string, kind: string][] = [
  [
    'bushes bare to the veins within days, small caterpillars inside',
    'gooseberry',
    5,
    see('only-veins', 'caterpillar', 'eggs-along-veins'),
    'gooseberry-sawfly',
    'trouble',
  ],
  [
    'holes and droppings, white butterflies, yellow eggs underneath',
    'cabbage',
    7,
    see('ragged-holes', 'droppings', 'white-butterflies', 'egg-rafts'),
    'cabbage-white',
    'trouble',
  ],
  ['holes overnight and a silver trail', 'lettuce', 4, [...see('ragged-holes', 'slime', 'night-feeding'), ...not('caterpillar')], 'slugs', 'trouble'],
  ['the same holes, droppings but no trail', 'cabbage', 7, [...see('ragged-holes', 'droppings', 'caterpillar'), ...not('slime')], 'cabbage-white', 'trouble'],
  ['orange pustules that mark a finger', 'leek', 9, see('pustules', 'yellow-spots-above'), 'rust', 'trouble'],
  ['powder that rubs off in patches', 'courgette', 8, [...see('powder'), ...not('vein-marbling', 'white-film')], 'powdery-mildew', 'trouble'],
  ['silver along the veins that does not rub off', 'courgette', 8, [...see('vein-marbling'), ...not('powder')], 'squash-marbling', 'look-alike'],
  ['dried drops after a spray', 'apple', 6, [...see('white-film'), ...not('powder', 'olive-spots')], 'spray-residue', 'look-alike'],
  ['olive velvet spots in a wet May', 'apple', 5, see('olive-spots', 'fruit-scabs'), 'apple-scab', 'trouble'],
  ['pale specks, webbing and things that walk', 'tomato', 7, see('stipple', 'webbing', 'moving-specks'), 'spider-mite', 'trouble'],
  [
    'only the lowest leaves yellow',
    'tomato',
    7,
    [
      ...see('old-leaves-yellow'),
      ...not(
        'stipple',
        'webbing',
        'pustules',
        'all-pale',
        'target-rings',
        'between-veins-old',
        'leaf-edge-scorch',
        'pale-dotted-spots',
        'stunted',
        'flies-up',
        'midday-droop',
      ),
    ],
    'old-leaf-yellowing',
    'look-alike',
  ],
  ['a spiky dark larva', 'broad-bean', 6, [...see('spiky-larva'), ...not('sticky', 'ants')], 'ladybird-larva', 'helper'],
  ['flat larvae with jaws', 'rose', 6, see('jawed-larva'), 'lacewing-larva', 'helper'],
  ['tan husks that sit still', 'broad-bean', 7, [...see('tan-husks'), ...not('ants', 'sticky')], 'aphid-mummies', 'look-alike'],
];

describe('what growers tell', () => {
  test.each(STORIES)('%s on %s', (_story, host, month, answers, first, kind) => {
    expect(rankSuspects({ host: on(host), month, recent: [] }, answers)[0]).toMatchObject({ id: first, kind });
  });

  /** Ten cases as growers bring them, with what the screen gives as the first reason. Facts: common practice. */
  const WORKED: [story: string, host: string, month: number, recent: WeatherWord[], answers: Answer[], first: string, reason: string][] = [
    [
      'black crowds and ants in dry May',
      'broad-bean',
      5,
      ['dry', 'warm'],
      see('dark-crowd', 'ants'),
      'black-bean-aphid',
      'Dark crowds on the tips: nearly always there with black bean aphid.',
    ],
    [
      'one runner down, sawdust at its foot',
      'courgette',
      7,
      ['warm'],
      see('one-runner-wilts', 'sawdust'),
      'squash-vine-borer',
      'Sawdust at the stem base: often there with squash vine borer.',
    ],
    [
      'one runner down, threads from the cut',
      'cucumber',
      7,
      ['warm'],
      [...see('one-runner-wilts', 'threads-from-cut'), ...not('sawdust')],
      'cucurbit-bacterial-wilt',
      'Sticky threads from the cut: nearly always there with bacterial wilt of cucumbers.',
    ],
    [
      'pinholes and tiny beetles that jump',
      'radish',
      5,
      ['dry', 'warm'],
      see('pinholes', 'jumping-beetles'),
      'flea-beetle',
      'Tiny beetles that jump: often there with flea beetles.',
    ],
    [
      'black sticky film under a lime tree crowd',
      'citrus',
      8,
      ['dry'],
      see('soot', 'sticky'),
      'sooty-mould',
      'Black sooty film: nearly always there with sooty mould on honeydew.',
    ],
    [
      'wilts though the compost is wet, roots brown',
      'monstera',
      1,
      [],
      see('wilt-wet-soil', 'roots-brown-mushy'),
      'root-rot',
      'Brown, soft roots: nearly always there with root rot.',
    ],
    [
      'dark dry patch under the tomato',
      'tomato',
      8,
      ['dry', 'warm'],
      see('blossom-end'),
      'blossom-end-rot',
      'Dark, dry blossom end: nearly always there with blossom end rot.',
    ],
    [
      'berries go pale and hard',
      'blueberry',
      6,
      ['wet', 'cool'],
      see('berries-pale-hard', 'blossom-brown'),
      'mummy-berry',
      'Berries turn pale and hard: nearly always there with mummy berry.',
    ],
    [
      'even brown dots under the frond',
      'fern',
      6,
      [],
      see('brown-dots-rows'),
      'fern-spores',
      'Even brown dots underneath: nearly always there with fern spore heaps.',
    ],
    [
      'white felt that bleeds pink',
      'crape-myrtle',
      7,
      ['warm'],
      see('bark-felt', 'soot'),
      'bark-scale',
      'White felt that bleeds pink: nearly always there with felted bark scale.',
    ],
  ];
  test.each(WORKED)('%s on %s', (_story, host, month, recent, answers, first, reason) => {
    const [suspect] = rankSuspects({ host: on(host), month, recent }, answers);
    expect(suspect?.id).toBe(first);
    expect(suspect?.evidence.filter((e) => e.direction === 'for').map((e) => e.sentence)).toContain(reason);
  });

  test('scab is never named on a leek, nor sawfly on a cabbage', () => {
    const ids = (host: string) => rankSuspects({ host: on(host), month: 5, recent: [] }, []).map((s) => s.id);
    expect(ids('leek')).not.toContain('apple-scab');
    expect(ids('cabbage')).not.toContain('gooseberry-sawfly');
  });

  test('wet weather favours rust, dry heat the mite', () => {
    const chance = (id: string, recent: ('wet' | 'dry' | 'warm' | 'cool')[]) =>
      rankSuspects({ host: on('broad-bean'), month: 6, recent }, []).find((s) => s.id === id)?.probability ?? 0;
    expect(chance('rust', ['wet', 'cool'])).toBeGreaterThan(chance('rust', ['dry', 'warm']));
    expect(chance('spider-mite', ['dry', 'warm'])).toBeGreaterThan(chance('spider-mite', ['wet', 'cool']));
  });
});

const typical = (e: Trouble | Friend) =>
  Object.entries(e.signs)
    .filter(([, t]) => t === 'always' || t === 'often')
    .map(([id]) => id);
/** The host on which an entry is most usual, of those that have a part to show it. */
const home = (e: Trouble | Friend) => {
  const [best] = Object.entries(e.hosts).sort((a, b) => b[1] - a[1])[0] ?? [];
  const is = (h: (typeof HOSTS)[number]) => h.id === best || best === `family:${h.family}` || best === `group:${h.group}` || best === 'any';
  return HOSTS.find((h) => is(h) && usualness(e, { host: h, month: 6, recent: [] }) > 0);
};

describe('every entry', () => {
  test.each([...TROUBLES, ...FRIENDS].map((e) => [e.id, e] as const))('%s is among the first three by its own typical signs at home, in season', (id, e) => {
    const host = home(e);
    if (!host) throw new Error('no host');
    const month = 'months' in e ? (e.months[0] ?? 6) : 6;
    const answers = see(...typical(e));
    const suspects = rankSuspects({ host, month, recent: [] }, answers);
    const place = suspects.findIndex((x) => x.id === id);
    expect(place).toBeGreaterThanOrEqual(0);
    expect(place).toBeLessThan(3);
    expect(suspects[place]?.evidence[0]?.direction).not.toBe('against');
  });

  test.each([...TROUBLES, ...FRIENDS].map((t) => [t.id, t] as const))('%s is reached from one sign by the questions asked, answered truthfully', (id, e) => {
    const host = home(e);
    if (!host) throw new Error('no host');
    const context = { host, month: 'months' in e ? (e.months[0] ?? 6) : 6, recent: [] };
    const typicalSigns = new Set(typical(e));
    let answers: Answer[] = see(
      ...Object.entries(e.signs)
        .flatMap(([sign, t]) => (t === 'always' ? [sign] : []))
        .slice(0, 1),
    );
    for (let asked = 0; asked < 8; asked++) {
      const found = settle(context, rankSuspects(context, answers), answers);
      if (found.state === 'settled') break;
      const look = nextLook(context, answers);
      if (!look) break;
      answers = [...answers, { signId: look.sign.id, seen: typicalSigns.has(look.sign.id), asked: true }];
    }
    expect(rankSuspects(context, answers)[0]?.id).toBe(id);
  });
});
