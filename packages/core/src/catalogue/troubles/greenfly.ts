import { SOFT_SUCKERS } from '../means';
import { cp, mem, use, trouble } from '../write';

export const greenfly = trouble({
  id: 'greenfly',
  name: 'Greenfly and other green aphids', also: 'aphids, plant lice, rose aphid, peach potato aphid', kind: 'insect', labelAs: 'aphids', sizeMm: 2,
  hosts: { rose: 2, pepper: 1.5, tomato: 0.8, potato: 1, lettuce: 1.2, pea: 1.2, strawberry: 0.8, 'sweet-pea': 1.2, lily: 0.8, chrysanthemum: 1, hoya: 0.6, citrus: 0.8, 'group:house': 0.5, any: 0.5 },
  seen: { always: 'green-crowd', often: 'sticky cast-skins', sometimes: 'curled-tips ants soot', rarely: 'tan-husks dark-crowd', never: 'webbing pustules flies-up' },
  first: 'green-crowd cast-skins',
  season: '4-10', favours: 'dry warm', unit: 'tips',
  facts: [cp('White cast skins on the leaf tell of aphids even after they have gone.'), mem('Soft, over-fed growth draws them.')],
  life: [['Egg', '11-3', 'bark of woody hosts', 'contact'], ['Crowd', '4-10', 'soft tips, buds, undersides', 'contact hand helpers systemic'], ['Winged', '5-9', 'flies to new plants', 'none']],
  open: cp('Soft all season: what wets them kills them; inside curled leaves it does not reach.'),
  tolerate: cp('On a grown plant with helpers about, leave it and look again in a week.'), act: 0.15, again: 5,
  by: 'flight', spread: cp('Winged ones carry viruses from plant to plant within seconds of probing.'), carries: 'mosaic-virus potato-leaf-roll plum-pox',
  never: cp('Never makes holes or webs.'),
  enemies: 'ladybird-larva ladybird hoverfly-larva lacewing-larva parasitic-wasp', apart: { 'glasshouse-whitefly': 'Whitefly rises in a cloud when brushed.', psyllid: 'Psyllids jump and have flat nymphs.' },
  hidesInCurl: true,
  controls: [...SOFT_SUCKERS, use('pinch-tips', 0.5, 'The softest tips carry most of them.')],
});
