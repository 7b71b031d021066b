import { sayIn, trim, type UnitSystem } from '../../measure';
import { step, type Step } from '../step';
import { COPPER_SALTS, LIMES, type BordeauxAmounts, type CopperSalt, type Lime } from './formula';
import type { FromStocks } from './stocks';

const PROTECT = step('protect', 'Put on before you open it', ['Copper sulfate harms the eyes for good; lime burns them.'], {
  gate: ['Goggles', 'Respirator or particle mask', 'Gloves', 'Long sleeves and trousers', 'Children and pets are away'],
});
/** Order of mixing: copper into water first, then the lime. Source: UC ANR Publication 7481. */
const LAST = [
  step(
    'check',
    'Hold a bright nail in it',
    ['A clean iron nail, for a minute.', 'It stays bright: enough lime. It turns copper-red: stir in a little more lime slurry, and try again.'],
    {
      gate: ['The nail stays bright'],
      seconds: 60,
    },
  ),
  step('spray', 'Spray it now', ['Keep shaking: it settles. All round, until it drips, from below too.'], {
    caution: 'It stains walls, fences and evergreens blue. Not on leaves that are out, not near water.',
  }),
  step('clean', 'Rinse at once', ['Sprayer and nozzle three times: it sets hard. Rinse water on the same trees. Hands, then face; clothes apart.']),
  step('over', 'What is left', ['Spray it out over the same trees within the year’s copper, today. Tomorrow it is waste, and never goes down a drain.'], {
    caution: 'Never with any other product in the tank.',
  }),
];

/**
 * The cards of a Bordeaux mix, from dry or from stocks. Burnt lime is slaked first, slowly, and stands two hours.
 * @param stocks null when it is made from dry
 */
export function bordeauxSteps(a: BordeauxAmounts, salt: CopperSalt, lime: Lime, stocks: FromStocks | null, units: UnitSystem = 'metric'): Step[] {
  const third = a.volume / 3;
  const litres = (ml: number) => sayIn(ml, 'volume', units);
  if (stocks) {
    return [
      PROTECT,
      step('water', `Water to ${litres(stocks.water)}`, ['Into the clean sprayer, not the weed-killer one.'], { gate: ['Clean, and never held weed-killer'] }),
      step('copper', `${litres(stocks.copperStock)} of copper stock`, ['Shake the stock first. Pour it into the water.']),
      step('lime', `${litres(stocks.limeStock)} of lime stock`, ['Shake it hard: lime lies at the bottom. Pour it in, stirring all the time.'], {
        caution: 'Copper first, lime second: the other way round it curdles.',
      }),
      ...LAST,
    ];
  }
  const slake = a.slake
    ? [
        step(
          'slake',
          'Slake the lime first',
          [
            `${litres(a.slake.water)} of cold water, out of the mix’s own, in a steel vessel that holds ${litres(a.slake.vesselAtLeast)} or more: never plastic, glass or zinc-coated.`,
            `${trim(a.lime, 1)} g of burnt lime into it, a spoonful at a time. Wait until it stops boiling before the next.`,
          ],
          {
            gate: ['Lime goes slowly into the water, never water onto lime', 'The vessel stands firm, outside, at most a third full'],
            caution: 'It boils and spits. Face and arms away; water for the eyes at hand.',
          },
        ),
        step('wait', 'Wait two hours', ['Until it is cold and smooth. Only cold milk of lime meets the copper.'], { seconds: 7200 }),
      ]
    : [
        step(
          'slurry',
          'Lime to a slurry',
          [`${trim(a.lime, 1)} g of ${LIMES[lime].name.toLowerCase()}, stirred into ${litres(third / 2)} of water until no lumps are left.`],
          { caution: 'Dust: stand upwind, mask on.' },
        ),
      ];
  return [
    PROTECT,
    step('dissolve', 'Dissolve the copper', [
      `${trim(a.copper, 1)} g of ${COPPER_SALTS[salt].name.toLowerCase()} in ${litres(third)} of warm water, in plastic or glass: it eats metal.`,
    ]),
    ...slake,
    step(
      'water',
      `Water to ${litres(Math.min(third, a.volume - third - (a.slake?.water ?? third / 2)))}`,
      ['Into the clean sprayer, not the weed-killer one. Pour the copper in.'],
      {
        gate: ['Clean, and never held weed-killer'],
      },
    ),
    step('join', 'Then the lime slurry', ['Through a sieve, stirring all the time.'], {
      caution: 'Copper first, lime second: the other way round it curdles.',
    }),
    step('fill', `Fill to ${litres(a.volume)}`, ['The hose end stays above the water. Close, shake.']),
    ...LAST,
  ];
}
