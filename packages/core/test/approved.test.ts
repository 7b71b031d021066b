import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { FORMULATIONS, methodOf, quoteLine, readRate, readWater, waterText, type LabelSheet } from '../src/label';
import { looserThan, readRates, readSheetFile, writeRates } from '../src/label/files';
import { SHEETS } from '../src/label/sheets';
import {
  instant,
  metres,
  millilitres,
  parseQuantity,
  readSize,
  sayIn,
  sayRange,
  squareMetres,
  STARTER_KITS,
  type Measure,
  type Outcome,
  type UnitSystem,
  type Working,
} from '../src/measure';
import {
  canopyMix,
  checkRecipe,
  correctLostCount,
  correctOverfill,
  correctOvershoot,
  correctShort,
  nozzleDrift,
  planMix,
  stepsFor,
  treats,
  type MixPlan,
  type MixRequest,
  type Step,
} from '../src/mix';
import {
  bordeauxFor,
  bordeauxSteps,
  buyList,
  calibrate,
  checkBordeaux,
  checkSoap,
  copperLoad,
  fromStocks,
  heightOf,
  nextDue,
  oilForLye,
  oneOf128,
  perLitreFor,
  prepare,
  PREPARATIONS,
  readFormula,
  rescale,
  soapRecipe,
  soapSteps,
  trunkBand,
  trunkRound,
  type Values,
} from '../src/mix/bench';

import { wearFor } from '../src/mix/steps/wear';

/*
 * Every figure and sentence of the making, as a page that a person has read and approved. The figures follow from
 * rules that other tests check against their sources; here nothing changes unseen. What is meant to change is
 * written anew with APPROVE=1 and read again.
 */
const SCALE: Measure = { kind: 'scale', id: 'scale', name: 'kitchen scale', resolutionG: 1, capacityG: 5000 };

const answer = <T>(out: Outcome<T>, say: (value: T) => string): string =>
  out.ok ? say(out.value) : `refused ${out.reasons.map((r) => `${r.field}: ${r.sentence}`).join(' | ')}`;
const figures = (o: object): string => JSON.stringify(o, (_k, v: unknown) => (typeof v === 'number' ? Number(v.toPrecision(6)) : v));
const workings = (list: readonly Working[]) =>
  list.map((w) => `  = ${w.title}: ${w.result}, ${w.formula} (${w.inputs.map((i) => `${i.name} ${i.value}`).join('; ')})`);
const cards = (steps: readonly Step[]) =>
  steps.map(
    (s) =>
      `  ${s.id} [${s.title}] ${[...s.text, ...s.gate.map((g) => `( ) ${g}`), ...(s.caution ? [`! ${s.caution}`] : []), ...(s.seconds ? [`${s.seconds} s`] : [])].join(' / ')}`,
  );
const loads = (p: MixPlan) =>
  p.loads.map((l) => {
    const m = l.measured;
    const how =
      m.by === 'scale'
        ? `${m.reading} g, ${m.error.toFixed(4)}`
        : `${m.out.scoops.map((s) => `${s.count} x ${s.measure.name} ${Number(s.eachMl.toPrecision(5))}`).join(' + ')}, ${m.out.error.toFixed(4)}`;
    return `  load ${l.number}${l.full ? ' full' : ''}: ${figures({ water: l.water, product: l.product, made: l.made, rate: l.rateMade })} by ${how}${l.ways.map((w) => `\n    or ${w.sentence}`).join('')}`;
  });

const SIZES: readonly (readonly [area: number, system: UnitSystem])[] = [
  [0.5, 'metric'],
  [3.7161216, 'us'],
  [20, 'metric'],
  [58, 'imperial'],
];

function request(sheet: LabelSheet, area: number, units: UnitSystem, weighed: boolean): MixRequest {
  const line = sheet.lines[0] as LabelSheet['lines'][0];
  const { min, max } = line.rate;
  return {
    sheet,
    line,
    rate: min === 0 ? max : (min + max) / 2,
    area: squareMetres(area),
    trunkCm: 64,
    heightM: 1.8,
    count: 6,
    water: null,
    sprayer: { name: 'Pump sprayer', capacity: millilitres(5000) },
    kit: weighed ? [...STARTER_KITS[units], SCALE] : STARTER_KITS[units],
    units,
  };
}

function mixes(): string[] {
  return SHEETS.flatMap((sheet, i) =>
    SIZES.flatMap(([area, units], k) => {
      const plan = planMix(request(sheet, area, units, (i + k) % 2 === 0));
      const title = `## ${sheet.name}, ${FORMULATIONS[sheet.formulation].name}, ${methodOf(sheet, sheet.lines[0] as LabelSheet['lines'][0])}, ${area} m², ${units}`;
      if (!plan.ok) return [title, answer(plan, () => '')];
      const p = plan.value;
      const site = sheet.outdoors ? ('outdoors' as const) : ('indoors' as const);
      const steps = k === 1 || k === 2 ? cards(stepsFor(p, { sprayer: 'Pump sprayer', site, how: [] })) : [];
      return [
        title,
        `  ${figures({ water: p.water, needed: p.waterNeeded, product: p.product, size: p.size })}`,
        ...loads(p),
        ...p.warnings.map((w) => `  ~ ${w}`),
        ...steps,
        ...(k === 2 ? workings(p.working) : []),
      ];
    }),
  );
}

function slips(): string[] {
  return SHEETS.filter((s) => s.into !== 'not-mixed').flatMap((sheet, i) => {
    const units = (['metric', 'us', 'imperial'] as const)[i % 3] ?? 'metric';
    const plan = planMix(request(sheet, 20, units, false));
    if (!plan.ok) return [];
    const p = plan.value;
    const load = p.loads[0] as MixPlan['loads'][0];
    const full = millilitres(5000);
    const said = (what: string, out: Outcome<{ readonly sentence: string }>) =>
      `  ${what}: ${answer(out, (v) => `${v.sentence} ${figures({ ...v, sentence: undefined })}`)}`;
    return [
      `## ${sheet.name}, slips, ${units}`,
      ...[0, Number.NaN, 1, 1.02, 1.3, 2, 6].map((n) => said(`${n} times in`, correctOvershoot(load, load.product * n, full, p))),
      ...[-1, Infinity, 0, 0.5, 0.97, 1].map((n) => said(`only ${n} in`, correctShort(load, load.product * n, p))),
      ...[0, 1, 1.05, 1.3, 1.5, 1.6, 9].map((n) => said(`filled to ${n}`, correctOverfill(load, millilitres(load.water * n), full, p))),
      ...[
        [0, 1],
        [0.5, 1.5],
        [1, 3],
        [0, 0],
        [-1, 1],
        [Number.NaN, 1],
        [0, Infinity],
        [2, 1],
      ].map(([a = 0, b = 0]) => said(`between ${a} and ${b}`, correctLostCount(load, load.product * a, load.product * b, full, p))),
    ];
  });
}

const usual = (inputs: (typeof PREPARATIONS)[number]['inputs'], times: number, pick: number): Values =>
  Object.fromEntries(
    inputs.map((i) => {
      if (i.kind === 'choice') return [i.id, i.options.at(pick)?.value ?? ''];
      if (i.kind === 'day') return [i.id, '2026-04-20'];
      const n = i.usual * times;
      return [i.id, i.kind === 'count' ? Math.min(Math.round(n), i.max) : Math.min(n, i.max)];
    }),
  ) as Values;

function preparations(): string[] {
  return PREPARATIONS.flatMap((p) =>
    (
      [
        [1, 0],
        [1.7, -1],
        [0.6, 1],
      ] as const
    ).flatMap(([times, pick]) => [
      `## ${p.name}, ${times} times the usual, choice ${pick}`,
      ...answer(prepare(p, usual(p.inputs, times, pick), pick === 0 ? 'us' : 'metric'), (m) =>
        [
          ...m.amounts.map((a) => `  ${a.name}: ${figures({ value: a.value, to: a.to, of: a.of, spooned: a.spooned })}`),
          ...(m.used ? [`  used ${figures(m.used)}`] : []),
          ...cards(m.steps),
          ...m.notes.map((n) => `  - ${n}`),
          ...m.cautions.map((c) => `  ! ${c}`),
          ...workings(m.working),
        ].join('\n'),
      ).split('\n'),
    ]),
  );
}

function made(): string[] {
  const out: string[] = [];
  for (const [formula, ml, salt, lime] of [
    ['10-10-100', 5000, 'pentahydrate', 'hydrated'],
    ['4-4-50', 18_927, 'anhydrous', 'burnt'],
    ['20-20-100', 100_000, 'pentahydrate', 'burnt'],
  ] as const) {
    const read = readFormula(formula);
    const amounts = read.ok ? bordeauxFor(read.value, millilitres(ml), salt, lime) : read;
    out.push(`## Bordeaux ${formula}, ${ml} ml, ${salt}, ${lime}`);
    if (!amounts.ok) out.push(answer(amounts, () => ''));
    else {
      const stocks = fromStocks(amounts.value, salt, lime);
      out.push(`  ${figures({ ...amounts.value, working: undefined })}`, ...workings([amounts.value.working].flat()), `  stocks ${answer(stocks, figures)}`);
      out.push(
        ...cards(bordeauxSteps(amounts.value, salt, lime, null, 'metric')),
        ...cards(bordeauxSteps(amounts.value, salt, lime, stocks.ok ? stocks.value : null, 'us')),
      );
      for (const [m2, before] of [
        [20, 0],
        [400, 0.3],
        [200, 0.4],
      ] as const)
        out.push(
          `  copper on ${m2} m² after ${before} g a m²: ${figures(copperLoad(amounts.value.metal, squareMetres(m2), { year: before, ledger: before }))}`,
        );
    }
  }
  for (const [oils, lye, purity, surplus, step] of [
    [[{ oilId: 'rapeseed', g: 1000 }], 'potassium', 90, 5, 1],
    [
      [
        { oilId: 'olive', g: 700 },
        { oilId: 'coconut', g: 300 },
      ],
      'potassium',
      85,
      8,
      0.1,
    ],
    [[{ oilId: 'sunflower', g: 12_000 }], 'potassium', 100, 3, 5],
    [[{ oilId: 'olive', g: 1000 }], 'sodium', 99, 5, 1],
  ] as const) {
    const r = soapRecipe({ oils, lye, purity, surplus, scaleStepG: step });
    out.push(`## Soap of ${oils.map((o) => `${o.g} g ${o.oilId}`).join(', ')}, ${lye} ${purity} %, ${surplus} % over`);
    out.push(
      ...answer(r, (v) =>
        [
          `  ${figures({ ...v, working: undefined, oils: undefined })}`,
          ...workings([v.working].flat()),
          ...cards(soapSteps(v, 'metric')),
          ...cards(soapSteps(v, 'us')).slice(0, 6),
        ].join('\n'),
      ).split('\n'),
    );
  }
  for (const text of ['0-10-100', '10-10-0', '10-0-100', '-1-10-100', '10-10', 'ten', '4-4-50', '40-40-100', '10-2-100', '8,5-8,5-100'])
    out.push(`## Formula ${text}: ${answer(readFormula(text), figures)}`);
  return out;
}

function sizes(): string[] {
  const liquid = { state: 'liquid', strength: { by: 'volume', gPerL: 480 }, gPerMl: 1.1 } as const;
  const dry = { state: 'dry', strength: { by: 'weight', percent: 50 }, gPerMl: null } as const;
  return [
    '## Sizes and strengths',
    ...[
      { by: 'tape' as const, roundM: 0.64 },
      { by: 'string' as const, lengthM: 2.1, turns: 3 },
      { by: 'across' as const, acrossM: 0.2 },
    ].map((r: Parameters<typeof trunkRound>[0]) => `  round ${figures(r)}: ${answer(trunkRound(r), (v) => String(Number(v.toPrecision(6))))}`),
    ...[
      [0.64, 1.5, 0],
      [0.64, 1.2, 0.3],
      [0.64, 2.5, 0],
      [0.64, 2.6, 0],
      [0.64, 0.2, 0.3],
    ].map(([r = 0, to = 0, from = 0]) => `  band ${r} ${from} to ${to}: ${answer(trunkBand(metres(r), to, from), figures)}`),
    ...[
      { by: 'person' as const, personM: 1.7, personMarks: 3, treeMarks: 11 },
      { by: 'shadow' as const, stickM: 1, stickShadowM: 1.5, treeShadowM: 6 },
      { by: 'angle' as const, paces: 12, paceM: 0.75, upDeg: 35, downDeg: 8, eyeM: 1.6 },
      { by: 'angle' as const, paces: 12, paceM: 0.75, upDeg: 35, downDeg: null, eyeM: 1.6 },
    ].map((r: Parameters<typeof heightOf>[0]) => `  height ${figures(r)}: ${answer(heightOf(r), figures)}`),
    ...(['wetted', 'run-off'] as const).flatMap((style) =>
      [1.2, 3, 3.5, 4.5, 5].map((h) => `  canopy 2 x 1.5 x ${h} ${style}: ${answer(canopyMix({ widthM: 2, depthM: 1.5, heightM: h }, style), figures)}`),
    ),
    ...[60, null].map((seconds) => `  walk in ${seconds} s: ${answer(calibrate({ ml: 800, areaM2: 10, seconds }), figures)}`),
    `  128th: ${answer(oneOf128([31, 30, 33], 960), figures)}`,
    ...[0.1, 2, 50].map(
      (percent) =>
        `  ${percent} % of active: ${answer(perLitreFor({ as: 'percent-active', percent }, liquid), figures)}; dry ${answer(perLitreFor({ as: 'percent-active', percent }, dry), figures)}`,
    ),
    ...[0.5, 20, 50, 51].map(
      (percent) =>
        `  ${percent} % by volume: ${answer(perLitreFor({ as: 'percent-volume', percent }, liquid), figures)}; dry ${answer(perLitreFor({ as: 'percent-volume', percent }, dry), figures)}`,
    ),
    ...[0, 500, 60_000].map(
      (ppm) => `  ${ppm} ppm: ${answer(perLitreFor({ as: 'ppm', ppm }, liquid), figures)}; dry ${answer(perLitreFor({ as: 'ppm', ppm }, dry), figures)}`,
    ),
    ...[473, 100_000].map((amount) => `  ${amount} makes 180 l: ${answer(perLitreFor({ as: 'makes', amount, makesMl: 181_700 }, liquid), figures)}`),
    `  480 g/l for 50 %: ${answer(rescale(10, liquid, { ...liquid, strength: { by: 'volume', gPerL: 240 } }), figures)}; dry ${answer(rescale(10, dry, { ...dry, strength: { by: 'weight', percent: 80 } }), figures)}`,
    ...[
      { blended: null, thinned: null, stirs: [], ready: null, tempC: 18 },
      { blended: instant(0), thinned: null, stirs: [], ready: null, tempC: 18 },
      { blended: instant(0), thinned: instant(2e8), stirs: [instant(2.5e8)], ready: null, tempC: 12 },
      { blended: instant(0), thinned: instant(2e8), stirs: [], ready: instant(9e8), tempC: 25 },
    ].map((b) => `  soap due ${figures(nextDue(b) ?? {})}`),
    ...SHEETS.map(
      (s) =>
        `  ${s.name}: 250 goes for ${figures(treats(s.lines[0] as LabelSheet['lines'][0], 250, 'metric') ?? {})} / ${figures(treats(s.lines[0] as LabelSheet['lines'][0], 250, 'us') ?? {})}`,
    ),
  ];
}

/** As they stand on packs, in books and in heads. */
const AMOUNTS =
  '1½ tsp|1 1/2 tbsp|1-1/2 tsp|2 level tbsp|heaped tsp|1 cup|3 pts|1 quart|2 fl oz|8 oz|2 oz wt|1 lb 4 oz|5 ft 3 in|40 sq ft|5 sq yd|1/4 acre|0,5 l|.5 l|1,500 ml|1.000 ml|1.5 l|15 cc|2 cl|1 hl|2 cu ft|1 cubic yard|1 m3|1 to 2 tbsp|10-20 ml|20 ml -10 ml|2 tsp per gallon|1 capful|3 drops|1 handful|2 T|1 spoon|ten ml|2 furlongs|0 ml|-1 tsp|99999999 l|1 imp gal|2 US pint|1 au tbsp|2 metric tsp|12 in|3 yd|2 ha|500 mg|1 kg 200 g|1 l 200 ml|1 g 2 ml';
const RATES =
  '2 tsp/gal|1 to 2 tbsp per gallon of water|1½ tbsp per US gal|2 fl oz/gal|2 oz/gal|1 lb 4 oz per 100 gal|150 g/hl|100 g per 100 l|2 pt/A|1 lb a.i./acre|2 kg/ha|1:200|1:50 to 1:100|1 part to 50|1 part in 50|1 in 100|0.5 %|0.5 to 1 %|60 %|1 % active|500 ppm|16 fl oz makes 48 gal|makes 48 gal|dial 2 tbsp|hose-end: 1 fl oz per gal|5 ml per plant|10 g per hole|5 ml per 10 cm pot|1 tsp per inch of pot|2 oz wt per 10 ft of row|2 g per m of row|3 g per litre of potting mix|1 cup per cubic yard|6 ml per inch of trunk|6 ml per inch round the trunk|6 ml per inch diameter|30 ml per m of height|3 fl oz per foot of height|1 oz per inch|up to 2 tsp/gal|not more than 5 ml/l|at least 1 tsp/gal|20 to 10 ml/l|1 capful per gal|15 ml|per litre|2 tsp in a gallon|30 ml in 10 l|1,000 ml per 100 l|1 fl oz per 1,000 sq ft';
const SYSTEMS = ['metric', 'us', 'imperial', 'australian'] as const;

function words(): string[] {
  const amounts = AMOUNTS.split('|').flatMap((text) => [
    `## “${text}”`,
    ...new Set(
      SYSTEMS.map(
        (system) => `  ${answer(parseQuantity(text, system, ['volume', 'mass', 'length', 'area'], 'f'), (q) => `${q.understood} ${figures({ si: q.si })}`)}`,
      ),
    ),
  ]);
  const liquid = { state: 'liquid', product: { state: 'liquid', strength: { by: 'volume', gPerL: 100 }, gPerMl: null } } as const;
  const dry = { state: 'dry', product: { state: 'dry', strength: { by: 'weight', percent: 50 }, gPerMl: null } } as const;
  const rates = RATES.split('|').flatMap((text) => [
    `## “${text}” as a rate`,
    ...new Set(
      SYSTEMS.flatMap((system) =>
        [null, liquid, dry].map((of) => `  ${answer(readRate(text, system, of), (r) => `${r.understood} ${figures({ ...r, understood: undefined })}`)}`),
      ),
    ),
  ]);
  const said = [
    0.04, 0.3, 0.62, 1.23, 2.5, 4.93, 7.4, 14.79, 16, 19.7, 29.57, 40, 59.2, 100, 236.6, 473.2, 505, 946.4, 1000, 1893, 3785, 5000, 18_927, 400_000,
  ].map(
    (n) =>
      `  ${n}: ${(['volume', 'mass', 'length', 'area'] as const)
        .map((d) =>
          SYSTEMS.slice(0, 3)
            .map((system) => sayIn(n, d, system))
            .join(' = '),
        )
        .join(' ; ')}`,
  );
  const spans = [
    [1, 2],
    [3, 5],
    [11.36, 18.93],
    [5, 30],
    [28.35, 56.7],
    [400, 1200],
    [900, 950],
  ].map(
    ([a = 0, b = 0]) =>
      `  ${a} to ${b}: ${(['volume', 'mass'] as const)
        .map((d) =>
          SYSTEMS.slice(0, 3)
            .map((system) => sayRange(a, b, d, system))
            .join(' = '),
        )
        .join(' ; ')}`,
  );
  return [...amounts, ...rates, '## Said', ...said, ...spans];
}

/** What somebody has, or was told, judged: soaps, Bordeaux mixtures, recipes, sheets and files with something wrong in them. */
function checks(): string[] {
  const soaps = (['potassium', 'sodium'] as const).flatMap((lye) =>
    [80, 100].flatMap((purity) =>
      [0, 90, 150, 175, 185, 195, 240].map(
        (g) =>
          `  ${g} g ${lye} of ${purity} %: ${answer(
            checkSoap(
              [
                { oilId: 'olive', g: 700 },
                { oilId: 'coconut', g: 200 },
              ],
              g,
              purity,
              lye,
            ),
            figures,
          )}`,
      ),
    ),
  );
  const uses = [50, 200, 9999].map(
    (g) =>
      `  oil for ${g} g: ${answer(
        oilForLye(
          g,
          [
            { oilId: 'rapeseed', g: 3 },
            { oilId: 'coconut', g: 1 },
          ],
          85,
          5,
        ),
        (o) => JSON.stringify(o),
      )}`,
  );
  const dry = (text: string) => {
    const q = parseQuantity(text, 'us', ['volume', 'mass'], 'f');
    if (!q.ok) throw new Error(text);
    return { as: 'dry' as const, amount: q.value };
  };
  const stock = (ml: number) => ({ as: 'stock' as const, ml, gPerL: 119.8 });
  const mixtures = (['metric', 'us', 'imperial'] as const).flatMap((units) =>
    (
      [
        ['1 oz', '1 oz', 'pentahydrate', 'hydrated'],
        ['45 g', '45 g', 'pentahydrate', 'hydrated'],
        ['45 g', '15 g', 'pentahydrate', 'hydrated'],
        ['45 g', '34 g', 'anhydrous', 'burnt'],
        ['4 oz', '4 oz', 'pentahydrate', 'burnt'],
        ['3 tbsp', '8 tbsp', 'pentahydrate', 'hydrated'],
        ['9 tbsp', '20 tbsp', 'pentahydrate', 'hydrated'],
        ['1 qt', '1 oz', 'pentahydrate', 'hydrated'],
        [400, 400, 'pentahydrate', 'hydrated'],
        [2500, 2500, 'pentahydrate', 'hydrated'],
        [400, '48 g', 'anhydrous', 'burnt'],
      ] as const
    ).map(
      ([copper, lime, salt, kind]) =>
        `  ${copper} and ${lime}, ${salt}, ${kind}, ${units}: ${answer(
          checkBordeaux(
            typeof copper === 'number' ? stock(copper) : dry(copper),
            typeof lime === 'number' ? stock(lime) : dry(lime),
            millilitres(3785.411784),
            salt,
            kind,
            units,
          ),
          (v) => `${v.verdict}: ${v.sentences.join(' ')}`,
        )}`,
    ),
  );
  const q = (text: string, dimensions: Parameters<typeof parseQuantity>[2]) => {
    const read = parseQuantity(text, 'us', dimensions, 'f');
    if (!read.ok) throw new Error(text);
    return read.value;
  };
  const OVER_SIZE: Readonly<Record<string, readonly [string, 'volume' | 'area' | 'length']>> = {
    'per-litre': ['2 US gal', 'volume'],
    'per-m2': ['40 sq ft', 'area'],
    'per-m-row': ['30 ft', 'length'],
    'per-cm-trunk': ['30 in', 'length'],
    'per-m-height': ['6 ft', 'length'],
    'per-litre-soil': ['3 US gal', 'volume'],
  };
  const recipes = SHEETS.flatMap((sheet) =>
    sheet.lines.flatMap((line) => {
      const size = OVER_SIZE[line.rate.form];
      if (!size) return [];
      const over = q(size[0], [size[1]]);
      const n = { 'per-litre': over.si / 1000, 'per-litre-soil': over.si / 1000, 'per-cm-trunk': over.si * 100 }[line.rate.form as string] ?? over.si;
      return [0.5, 1, 1.005, 1.5].map((times) => {
        const amount = q(`${Number((line.rate.max * n * times * (1 - 1e-9)).toPrecision(9))} ${line.rate.unit}`, [line.rate.unit === 'ml' ? 'volume' : 'mass']);
        const units = times === 1 ? 'metric' : 'us';
        return `  ${sheet.id} ${line.id} ${times} times the most: ${answer(checkRecipe({ sheet, line, product: amount, over, units }), (c) => `${c.verdict}: ${c.sentences.join(' ')}`)}`;
      });
    }),
  );
  const loose = SHEETS.flatMap((s) => {
    const own: LabelSheet = {
      ...s,
      signalWord: 'none',
      bees: 'none',
      fish: false,
      keepOff: false,
      protection: [],
      maxTempC: 60,
      rainfastHours: 0,
      forbidden: [],
      gaps: [],
      reEntry: { kind: 'until-dry' },
      lines: s.lines.map((l) => ({
        ...l,
        phiDays: l.phiDays === null ? 0 : Math.max(0, l.phiDays - 1),
        intervalDays: Math.max(0, l.intervalDays - 1),
        maxPerSeason: null,
        inBloom: undefined,
        rate: { ...l.rate, max: l.rate.max * 2 },
      })),
    };
    return [`  ${s.id}:`, ...looserThan(own, s).map((l) => `    ${l}`)];
  });
  const csv = writeRates((SHEETS[0] as LabelSheet).lines);
  const [head = '', row = ''] = csv.split('\n');
  const files = [
    '',
    head,
    `${head}\n${row.replace('per-litre', 'per-lorry')}`,
    `${head}\n${row.replace(/^[^,]+/, 'bananarama')}`,
    `${head.replace('pests,', '')}\n${row}`,
    csv,
  ].map((text) => {
    const read = readRates(text);
    return read.ok ? `  ${read.value.length} lines` : `  ${read.faults.map((f) => `${f.line} ${f.field}: ${f.message}`).join(' | ')}`;
  });
  const json = [
    '',
    '{',
    '{"format":1}',
    '{"format":"sleetbrook-label-sheets","version":2}',
    '{"format":"sleetbrook-label-sheets","version":1,"sheets":[]}',
    '{"format":"sleetbrook-label-sheets",\n"version":1,\n"sheets":[{"id":3}]}',
  ].map((text) => {
    const read = readSheetFile(text);
    return read.ok ? '  read' : `  ${read.faults.map((f) => `${f.line} ${f.field}: ${f.message}`).join(' | ')}`;
  });
  const water = ['1 gal per 100 sq ft', '300 to 600 l/ha', '0.5 l per plant', '2', 'none', '', '2 lb per acre'].flatMap((text) =>
    (['per-litre', 'per-plant', 'per-cm-trunk'] as const).map(
      (form) => `  “${text}” ${form}: ${answer(readWater(text, 'us', form), (w) => `${figures(w)} ${waterText(w, form)}`)}`,
    ),
  );
  const ground = ['12 x 4 ft', '3 rows of 5 m x 60 cm', 'round 2 m', '12 by 4', '12', '0', '99999 m²', 'big', '5 gal'].flatMap((text) =>
    (['metric', 'us'] as const).map(
      (units) =>
        `  “${text}” ${units}: ${answer(readSize(text, 'area', units, { min: 0.01, max: 10_000, what: 'The area' }, 'area'), (n) => String(Number(n.toPrecision(6))))}`,
    ),
  );
  const wear = SHEETS.map(
    (s) => `  ${s.id}: ${wearFor(s, methodOf(s, s.lines[0] as LabelSheet['lines'][0])).join(', ')}; ${quoteLine(s, s.lines[0] as LabelSheet['lines'][0])}`,
  );
  const shop = [
    [620, 0, 'metric'],
    [620, 500, 'us'],
    [3000, 0, 'us'],
    [100, 0, 'imperial'],
    [10, 20, 'us'],
  ] as const;
  const buying = shop.map(
    ([amount, have, units]) =>
      `  ${amount} ml, ${have} in the shed, ${units}: ${answer(
        buyList({
          unit: 'ml',
          needs: [{ what: 'beans', amount }],
          have,
          packs: [
            { size: 250, price: 9 },
            { size: 1000, price: 24 },
          ],
          units,
        }),
        (b) => `${b.sentences.join(' ')} ${figures({ left: b.leftOver, cost: b.cost })}`,
      )}`,
  );
  const flows = [[1000], [1000, 1020], [1000, 1150], [1000, 850]].map((f) => `  flow ${f.join(', ')}: ${figures(nozzleDrift(f) ?? {})}`);
  return [
    '## Soaps that were told',
    ...soaps,
    ...uses,
    '## Bordeaux mixtures that were told',
    ...mixtures,
    '## Recipes beside the specimens',
    ...recipes,
    '## Looser than the specimen',
    ...loose,
    '## Files with something wrong',
    ...files,
    ...json,
    '## Water, ground, what to wear, what to buy',
    ...water,
    ...ground,
    ...wear,
    ...buying,
    ...flows,
  ];
}

describe('as it was read and approved', () => {
  test.each([
    ['mixes', mixes],
    ['slips', slips],
    ['preparations', preparations],
    ['made', made],
    ['sizes', sizes],
    ['words', words],
    ['checks', checks],
  ] as const)('%s', (name, page) => {
    const file = join(__dirname, 'approved', `${name}.txt`);
    const now = page();
    if (process.env['APPROVE']) writeFileSync(file, `${now.join('\n')}\n`);
    expect(existsSync(file)).toBe(true);
    const approved = readFileSync(file, 'utf8').trimEnd().split('\n');
    const text = now.join('\n').trimEnd().split('\n');
    // the first line that differs says more than a thousand
    const at = text.findIndex((l, i) => l !== approved[i]);
    expect({
      line: at,
      now: text[at],
      title:
        text
          .slice(0, at + 1)
          .reverse()
          .find((l) => l.startsWith('## ')) ?? '',
    }).toEqual({
      line: -1,
      now: undefined,
      title: '',
    });
    expect(text).toHaveLength(approved.length);
  });
});
