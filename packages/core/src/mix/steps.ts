import type { LabelSheet } from '../label';
import { sayBoth, sayIn, sayVolume, trim, type Millilitres } from '../measure';
import { step, type Step } from './step';
import type { Load, MixPlan } from './types';

const PROTECTION: Readonly<Record<LabelSheet['protection'][number], string>> = {
  gloves: 'Chemical-proof gloves',
  goggles: 'Goggles',
  sleeves: 'Long sleeves and trousers',
  mask: 'Particle mask (N95)',
  respirator: 'Respirator',
  boots: 'Boots',
};

/** What to wear before the pack is opened. @example protectionList(soap) // ['Chemical-proof gloves', 'Goggles', …] */
export const protectionList = (sheet: LabelSheet): string[] => sheet.protection.map((p) => PROTECTION[p]);

/** A volume as the grower's jug and tank are marked, with litres beside it for those who think in gallons. */
const said = (ml: Millilitres, { units }: MixPlan) => (units === 'us' || units === 'imperial' ? sayBoth(ml, 'volume', units) : sayVolume(ml));

/**
 * The step cards of a running mix, in the order in which nothing goes wrong: protection on, sprayer
 * checked, water before product, the measure rinsed into the tank, foaming products last.
 * Order: common practice.
 * @param sprayerName as the grower calls it
 */
export function stepsFor(plan: MixPlan, sprayerName: string | null): Step[] {
  const { sheet } = plan;
  const steps: Step[] = [
    step('protect', 'Put on before you open it', ['Children, pets and bare skin stay away.'], {
      gate: protectionList(sheet),
      caution: 'The concentrate is the most dangerous part of the job.',
    }),
  ];
  if (sheet.into === 'not-mixed') {
    for (const load of plan.loads) {
      steps.push(step(`measure-${load.number}`, 'Measure the bait', [], { measure: load, load: load.number }));
    }
    steps.push(
      step('scatter', 'Scatter it', [`Thinly over ${sayIn(plan.area, 'area', plan.units)}, a few pellets a hand apart.`], {
        caution: 'Never in heaps: pets would eat it.',
      }),
    );
    return [...steps, ...closing(sheet, false)];
  }
  steps.push(
    step('check', 'Check the sprayer', [`${sprayerName ?? 'The sprayer'} is clean, and not the weed-killer one.`], {
      gate: ['Clean, and never held weed-killer'],
    }),
  );
  for (const load of plan.loads) steps.push(...loadSteps(plan, load));
  return [...steps, ...closing(sheet, true)];
}

function loadSteps(plan: MixPlan, load: Load): Step[] {
  const { sheet } = plan;
  const n = load.number;
  const at = (id: string) => `${id}-${n}`;
  const share = { load: n };
  const noun = nounOf(sheet);
  const measure = step(
    at('measure'),
    `Measure the ${noun}`,
    sheet.state === 'liquid' ? ['Shake the bottle first. Level, over a tray.'] : ['Level, without packing it down.'],
    {
      ...share,
      measure: load,
      caution:
        sheet.into === 'foams-last'
          ? 'Water is in first. Soap last, poured slowly, or it foams over.'
          : sheet.state === 'dry'
            ? 'Dust: stand upwind, mask on.'
            : null,
    },
  );
  const rinse = step(at('rinse'), 'Rinse the measure into the tank', ['With a little clean water, twice.'], share);
  const fill = (to: Millilitres) =>
    step(at('fill'), `Fill to ${said(to, plan)}`, ['The hose end stays above the water, always.'], {
      ...share,
      caution: 'A hose below the surface can draw it back into the tap.',
    });
  if (sheet.into === 'foams-last') {
    return [
      fill(load.water),
      measure,
      step(at('add'), 'Pour it in slowly', ['Stir gently: no froth.'], share),
      rinse,
      step(at('shake'), 'Close and turn over', ['Three slow turns, no shaking.'], share),
      spray(plan, load),
    ];
  }
  const half = step(at('water'), `Water to ${said((load.water / 2) as Millilitres, plan)}`, ['About half of it first.'], share);
  const add =
    sheet.into === 'slurry-first'
      ? step(at('add'), 'Stir to a slurry, then pour in', ['A little water in a cup, stir until no lumps, pour into the tank.'], share)
      : sheet.into === 'soap-then-oil'
        ? step(
            at('add'),
            'Soap in first, then the oil',
            [`${trim(load.product * 2, 0)} ml of plain liquid soap, then the oil.`, 'Bottle solid? Stand it in warm water for 5 minutes.'],
            share,
          )
        : step(at('add'), 'Pour it in', ['Close to the opening, no splashing.'], share);
  return [
    half,
    measure,
    add,
    rinse,
    fill(load.water),
    step(
      at('shake'),
      'Close and shake',
      [sheet.into === 'soap-then-oil' ? 'Until frothy, and keep shaking while you spray.' : 'And again now and then while you spray.'],
      share,
    ),
    spray(plan, load),
  ];
}

function spray(plan: MixPlan, load: Load): Step {
  const how =
    plan.line.coverage === 'run-off'
      ? 'Both sides of every leaf, until it drips.'
      : plan.line.coverage === 'drenched'
        ? 'Slowly round the base.'
        : 'Just wetted, both sides.';
  const part = plan.loads.length > 1 ? ` This load covers ${sayIn((plan.area * load.water) / plan.water, 'area', plan.units)}.` : '';
  return step(
    `spray-${load.number}`,
    plan.line.coverage === 'drenched' ? 'Pour it on' : 'Spray',
    [`${how}${part}`, 'Walk backwards and upwind, into clean air.'],
    {
      load: load.number,
      caution: plan.sheet.bees !== 'none' ? 'Bees still on the flowers? Stop and wait.' : null,
    },
  );
}

function closing(sheet: LabelSheet, sprayed: boolean): Step[] {
  return [
    step(
      'clean',
      'Rinse and wash',
      sprayed
        ? ['Rinse the sprayer and measures over the treated plants.', 'Wash hands, then face. Clothes apart from the rest.']
        : ['Wash hands. Wipe the measure and keep it for this only.'],
    ),
    step(
      'store',
      'Lock it away',
      [
        `In its own pack, closed, out of reach. ${sheet.disposal}`,
        sprayed
          ? `Left-over mix keeps ${trim(sheet.mixLifeHours, 0)} h at most: spray it out over the same plants, within the label rate.`
          : 'Never near food or feed.',
      ],
      { caution: 'Never in a food or drink container.' },
    ),
  ];
}

const nounOf = (sheet: LabelSheet) => {
  const active = sheet.actives[0]?.name.toLowerCase() ?? 'product';
  if (sheet.id === 'potassium-soap') return 'soap';
  if (sheet.groups.includes('oil')) return 'oil';
  return active.startsWith('bacillus') ? 'Bt' : active;
};
