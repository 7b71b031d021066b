import { done, refused, trim } from '../../measure';
import { step } from '../step';
import { length, num, str, work } from './parts';
import type { Preparation } from './types';

/** Room that one vaporiser serves, m³ (from memory; the maker's figure goes before it). */
const ROOM_M3 = 300;
/** Doors and vents open before anybody goes in, h; a test holds this and the warmth to what the specimen sheet says. */
const AIRING_H = 12;
const WARMEST_C = 25;

/** Sulfur vapour in a closed greenhouse, 3 to 4 hours at night (common practice). */
export const sulfurVaporiser: Preparation = {
  id: 'sulfur-vaporiser',
  control: 'sulfur-vaporiser',
  name: 'Sulfur vaporiser',
  use: 'Powdery mildew in a closed greenhouse',
  group: 'vapour',
  homeMade: false,
  inputs: [
    length('long', 'House, length', 6),
    length('wide', 'House, width', 3),
    length('high', 'House, mean height', 2.2, 10),
    {
      kind: 'choice',
      id: 'hours',
      label: 'Hours',
      options: [
        { value: '3', label: '3 hours' },
        { value: '4', label: '4 hours' },
      ],
    },
    {
      kind: 'choice',
      id: 'joined',
      label: 'The house is',
      options: [
        { value: 'apart', label: 'Apart from any dwelling' },
        { value: 'joined', label: 'Joined to a dwelling' },
      ],
    },
  ],
  make: (v) => {
    if (str(v, 'joined') === 'joined')
      return refused('joined', 'Never where people sleep behind the wall: sulfur vapour goes through doors and harms lungs.', 'joined');
    const m3 = num(v, 'long') * num(v, 'wide') * num(v, 'high');
    const hours = Number(str(v, 'hours') || 3);
    const devices = Math.max(1, Math.ceil(m3 / ROOM_M3 - 1e-9));
    return done({
      amounts: [
        { name: 'Vaporisers', value: devices, of: 'pieces' },
        { name: 'Hours at night', value: hours, of: 'pieces' },
        { name: 'Hours of airing before anybody enters', value: AIRING_H, of: 'pieces' },
      ],
      steps: [
        step('protect', 'Put on before you fill it', ['Pure sulfur for vaporisers only, to the maker’s mark, no higher.'], {
          gate: ['Gloves', 'Goggles', 'Respirator that stops sulfur dioxide, not a dust mask'],
        }),
        step('check', 'Look round', [`${trim(m3, 0)} m³ of air. Nothing of plastic within 1 m above it.`], {
          gate: ['No oil was sprayed within 14 days', 'No helpers were released here', 'Everybody is out, pets too', 'Doors and vents are closed'],
        }),
        step('warn', 'Hang up the warning', ['On every door: sulfur vapour, keep out, and the hour until which.'], { gate: ['A notice is on every door'] }),
        step('run', `Run it ${hours} hours`, ['After dark, by a timer switch outside. Nobody inside.'], {
          caution: 'Too hot, and sulfur burns to a choking gas. A maker’s device with its own heater, never a flame.',
        }),
        step('air', `Air ${AIRING_H} hours`, ['Open from outside. No smell left before you go in.'], { gate: ['No smell is left'] }),
      ],
      notes: ['Once a week while mildew is about; before it shows is better than after.'],
      cautions: [
        `Kills predatory mites. Not over ${WARMEST_C} °C. Not within 14 days of oil, either way round.`,
        'Asthma in the house: do not use it.',
        'Wash produce before eating.',
      ],
      working: [
        work('Air in the house', `${trim(m3, 1)} m³`, [], 'length × width × mean height'),
        work('Vaporisers', String(devices), [], 'one to 300 m³, rounded up; the maker’s figure goes before', 'MEM'),
      ],
    });
  },
};
