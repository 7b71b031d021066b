import { CP, MEM } from '../../measure';
import type { Trouble } from '../schema';

export const blackBeanAphid: Trouble = {
  id: 'black-bean-aphid',
  name: 'Black bean aphid',
  kind: 'insect',
  hosts: { 'broad-bean': 2, 'runner-bean': 1.5, 'family:Fabaceae': 0.8, hollyhock: 0.3 },
  signs: {
    'dark-crowd': 'always', ants: 'often', sticky: 'often', 'curled-tips': 'sometimes', soot: 'sometimes',
    'tan-husks': 'rarely', 'spiky-larva': 'rarely', 'slug-like-larva': 'rarely',
    webbing: 'never', powder: 'never', pustules: 'never', slime: 'rarely',
  },
  facts: [
    { text: 'Ants tend sap-suckers for honeydew and carry and guard them, so ants on a stem are an early sign.', prov: CP },
    { text: 'A colony doubles in 2 to 3 days in warmth; live clones are born all season.', prov: MEM },
  ],
  months: [5, 6, 7, 8],
  favours: ['dry', 'warm'],
  unit: 'tips',
  vulnerable: { text: 'Soft at every stage in the growing season: anything that wets them reaches them, unless they sit inside a curled leaf.', prov: CP },
  tolerate: { text: 'A few tips with helpers among them often clear themselves.', prov: CP },
  threshold: { share: 0.1, prov: MEM },
  lookAgainDays: 3,
  enemies: ['ladybird-larva', 'hoverfly-larva', 'lacewing-larva'],
  lookAlikes: ['aphid-mummies'],
  hidesInCurl: true,
  controls: [
    { control: 'leave-it', effect: 0.1, why: 'Helpers may catch up, but in warmth the crowd doubles faster.', prov: MEM },
    { control: 'pinch-tips', effect: 0.7, why: 'They crowd in the soft tips, so the crowd goes with them.', prov: CP },
    { control: 'hose-jet', effect: 0.5, why: 'A jet knocks them off and few climb back.', prov: CP },
    { control: 'draw-off-ants', effect: 0.35, why: 'Without ants to guard them, helpers can reach them.', prov: CP },
    { control: 'release-ladybirds', effect: 0.6, why: 'Their larvae eat aphids in numbers while there is food.', prov: CP },
    { control: 'soap-spray', effect: 0.95, why: 'It kills what it wets: about 95 in 100 in the first spray.', prov: CP },
    { control: 'neem-spray', effect: 0.7, why: 'Smothers what it wets; slows growth and breeding for weeks.', prov: CP },
    { control: 'pyrethrin-spray', effect: 0.9, why: 'Fast contact kill, of helpers too.', prov: CP },
    { control: 'organophosphate-spray', effect: 0.95, why: 'Kills on contact, and most other insects with it.', prov: CP },
    { control: 'systemic-drench', effect: 0.95, why: 'Reaches them inside curled leaves, through the sap.', prov: CP },
    { control: 'licensed-person', effect: 0.95, why: 'For what is beyond home means.', prov: CP },
  ],
};
