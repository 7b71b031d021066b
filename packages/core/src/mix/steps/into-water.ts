import { sayIn, type Millilitres } from '../../measure';
import { sayProduct } from '../amounts';
import { step, type Step } from '../step';
import type { Load } from '../types';
import { nounOf, type Job } from './job';

/** Measuring, by what the product is. */
export function measureStep(job: Job, load: Load): Step {
  const { sheet } = job.plan;
  const text =
    sheet.state === 'dry'
      ? [load.measured.by === 'scale' ? 'Cup on the scale, scale to zero.' : 'Level, without packing it down.']
      : sheet.into === 'foams-last'
        ? ['Turn the closed bottle over a few times: no froth. Level, over a tray.']
        : sheet.into === 'soap-then-oil'
          ? ['Solid or thick? Stand the closed bottle in warm water for 5 minutes, then shake it. Level, over a tray.']
          : ['Shake the closed bottle first. Level, over a tray.'];
  return step(`measure-${load.number}`, `Measure the ${nounOf(sheet)}`, text, {
    load: load.number,
    measure: load,
    caution: sheet.into === 'foams-last' ? 'Water is in first. Soap last, poured slowly, or it foams over.' : dustWarning(job),
  });
}

/** Dust rises from powders, hardly from granules. */
function dustWarning({ plan, open }: Job): string | null {
  const { formulation } = plan.sheet;
  if (formulation !== 'WP' && formulation !== 'SP' && formulation !== 'D') return null;
  return open ? 'It dusts: stand upwind, mask on.' : 'It dusts: no draught, mask on.';
}

/**
 * Water and product of one load, in the order in which nothing goes wrong: half the water, the product, the measure
 * rinsed in, the rest; foaming products last; powders as a slurry; soap before oil. Common practice.
 */
export function intoWater(job: Job, load: Load): Step[] {
  const { plan, vessel } = job;
  const { sheet } = plan;
  const at = (id: string) => `${id}-${load.number}`;
  const share = { load: load.number };
  const tank = vessel === 'can' ? 'can' : 'tank';
  const measure = measureStep(job, load);
  if (vessel === 'hose-end') {
    return [
      measure,
      step(at('add'), 'Into the jar, and set the dial', [`Neat into the dry jar. Dial: ${plan.line.rate.printed?.text ?? 'as the label prints'}.`], {
        ...share,
        caution: 'The tap needs a valve against back-flow: without one it can be drawn into the drinking water.',
      }),
    ];
  }
  const rinse = step(at('rinse'), `Rinse the measure into the ${tank}`, ['With a little clean water, twice.'], share);
  const fill = (to: Millilitres) =>
    step(at('fill'), `Fill to ${sayIn(to, 'volume', plan.units)}`, ['The hose end stays above the water, always.'], {
      ...share,
      caution: 'A hose below the surface can draw it back into the tap.',
    });
  if (sheet.into === 'foams-last') {
    return [
      fill(load.water),
      measure,
      step(at('add'), 'Pour it in slowly', ['Stir gently: no froth.'], share),
      rinse,
      ...(vessel === 'can' ? [] : [step(at('shake'), 'Close and turn over', ['Three slow turns, no shaking.'], share)]),
    ];
  }
  const half = step(at('water'), `Water to ${sayIn(load.water / 2, 'volume', plan.units)}`, ['About half of it first.'], share);
  const shake =
    vessel === 'can'
      ? step(at('shake'), 'Stir', ['And again before each pour.'], share)
      : step(
          at('shake'),
          'Close and shake',
          [sheet.into === 'soap-then-oil' ? 'Until frothy, and keep shaking as you go.' : 'And again now and then as you go.'],
          share,
        );
  return [half, measure, addStep(job, load), rinse, fill(load.water), shake];
}

function addStep({ plan, vessel }: Job, load: Load): Step {
  const { sheet } = plan;
  const share = { load: load.number };
  const id = `add-${load.number}`;
  if (sheet.into === 'slurry-first') {
    return step(
      id,
      'Stir to a slurry, then pour in',
      [`A little water in a cup, stir until no lumps, pour into the ${vessel === 'can' ? 'can' : 'tank'}.`],
      share,
    );
  }
  if (sheet.into === 'soap-then-oil') {
    return step(
      id,
      'Soap in first, then the oil',
      [`${sayProduct(load.product * 2, 'ml', plan.units)} of plain liquid soap, stirred in, then the oil.`],
      share,
    );
  }
  return step(id, 'Pour it in', ['Close to the opening, no splashing.'], share);
}
