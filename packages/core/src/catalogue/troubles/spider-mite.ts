import { CP, MEM } from '../../measure';
import type { Trouble } from '../schema';

export const spiderMite: Trouble = {
  id: 'spider-mite',
  name: 'Spider mite',
  kind: 'mite',
  hosts: { tomato: 1.5, courgette: 1, orchid: 1, peperomia: 1, 'runner-bean': 1, 'broad-bean': 0.6, raspberry: 0.6, apple: 0.5, rose: 0.6, 'sweet-pea': 0.6, 'family:Fabaceae': 0.5, bay: 0.3 },
  signs: {
    stipple: 'always', webbing: 'often', 'moving-specks': 'often', bronzed: 'often', 'curled-tips': 'sometimes',
    ants: 'never', sticky: 'rarely', 'dark-crowd': 'rarely', 'ragged-holes': 'never', powder: 'rarely', pustules: 'never', slime: 'never',
  },
  facts: [
    { text: 'Dry heat brings it on; it lives underneath, where sprays often miss.', prov: CP },
    { text: 'Sulfur kills predatory mites as well.', prov: CP },
  ],
  months: [5, 6, 7, 8, 9],
  favours: ['dry', 'warm'],
  unit: 'leaves',
  vulnerable: { text: 'Moving stages underneath; eggs survive most sprays, so a second round follows.', prov: CP },
  tolerate: { text: 'Light speckling on old leaves outdoors can wait for rain.', prov: CP },
  threshold: { share: 0.1, prov: MEM },
  lookAgainDays: 5,
  enemies: ['lacewing-larva', 'ladybird-larva'],
  lookAlikes: ['old-leaf-yellowing'],
  hidesInCurl: false,
  controls: [
    { control: 'leave-it', effect: 0.1, why: 'A rainy week sets it back outdoors.', prov: CP },
    { control: 'hose-jet', effect: 0.5, why: 'Washes mites and web off the undersides.', prov: CP },
    { control: 'pick-off-leaves', effect: 0.4, why: 'Takes the worst leaves away with what lives on them.', prov: CP },
    { control: 'soap-spray', effect: 0.8, why: 'Kills those it wets; the undersides are where it counts.', prov: CP },
    { control: 'neem-spray', effect: 0.7, why: 'Smothers, and slows breeding.', prov: CP },
    { control: 'sulfur-spray', effect: 0.7, why: 'Kills mites, the helpful ones too.', prov: CP },
    { control: 'organophosphate-spray', effect: 0.3, why: 'Often makes it worse: their enemies die first.', prov: MEM },
    { control: 'licensed-person', effect: 0.9, why: 'For what is beyond home means.', prov: CP },
  ],
};
