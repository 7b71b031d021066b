import type { Site } from '../../packages/core/src/catalogue/sites';
import { CONTROLS } from '../../packages/core/src/catalogue';
import { howSentences } from '../../packages/core/src/catalogue/how';
import type { Control } from '../../packages/core/src/catalogue/schema';
import {
  FORMULATION_CODES,
  FORMULATIONS,
  METHOD_WORDS,
  methodsFor,
  type Formulation,
  type LabelLine,
  type LabelSheet,
  type Method,
} from '../../packages/core/src/label';
import { findSheet } from '../../packages/core/src/label/sheets';
import { millilitres, squareMetres, STARTER_KITS } from '../../packages/core/src/measure';
import { planMix, stepsFor, type MixPlan, type MixRequest, type Step } from '../../packages/core/src/mix';

/** The cards of one job, as they are read one after another. */
export interface CardPage {
  readonly control: string;
  readonly formulation: Formulation | null;
  readonly method: Method | null;
  readonly site: Site;
  readonly steps: readonly Step[];
  readonly text: string;
}

const SITES: readonly Site[] = ['outdoors', 'tunnel', 'indoors'];
const KIT = [
  ...STARTER_KITS.metric,
  { kind: 'scale', id: 'scale', name: 'scale', resolutionG: 0.1, capacityG: 5000 },
  { kind: 'jug', id: 'jug', name: 'jug', capacityMl: 1000, stepMl: 1 },
] as const;

const said = (s: Step) => [`[${s.title}]`, ...s.text, ...s.gate.map((g) => `( ) ${g}`), ...(s.caution ? [`! ${s.caution}`] : [])].join('\n');

/** What a sheet would be, were the product another kind, put on another way. */
function sheetAs(base: LabelSheet, formulation: Formulation, method: Method): LabelSheet {
  const kind = FORMULATIONS[formulation];
  const same = formulation === base.formulation;
  const into = same ? base.into : kind.into;
  const state = same ? base.state : kind.state;
  const dry = into === 'not-mixed';
  const { levelDensity: _d, ...rest } = base;
  const unit = state === 'liquid' ? 'ml' : 'g';
  return {
    ...rest,
    formulation,
    into,
    state,
    lines: base.lines.slice(0, 1).map((line) => ({
      ...line,
      rate: { form: dry || method === 'soil-mixed' ? ('per-m2' as const) : ('per-litre' as const), unit, min: 2, max: 5 },
      waterMlPerM2: dry ? 0 : 200,
      coverage: METHOD_WORDS[method].coverage,
      method,
    })),
  };
}

const plans = new Map<string, MixPlan>();

/** The figures are the same for every control: they are worked out once for a kind of product and a way of putting it on. */
function planFor(sheet: LabelSheet, line: LabelLine, sprayer: MixRequest['sprayer']): MixPlan {
  const key = [sheet.formulation, sheet.state, sheet.into, line.method].join(' ');
  const known = plans.get(key);
  if (known) return { ...known, sheet, line };
  const plan = planMix({ sheet, line, rate: 4, area: squareMetres(20), water: null, sprayer, kit: KIT });
  if (!plan.ok) throw new Error(`${key}: ${plan.reasons.map((r) => r.sentence).join(' ')}`);
  plans.set(key, plan.value);
  return plan.value;
}

function mixedPages(control: Control, base: LabelSheet): CardPage[] {
  return FORMULATION_CODES.flatMap((formulation) =>
    methodsFor(formulation).flatMap((method) => {
      const sheet = sheetAs(base, formulation, method);
      const line = sheet.lines[0];
      if (!line) return [];
      const sprayer = method === 'soil-drench' || method === 'soil-mixed' ? null : { name: 'Pump sprayer', capacity: millilitres(5000) };
      const plan = planFor(sheet, line, sprayer);
      return SITES.map((site): CardPage => {
        const steps = stepsFor(plan, { sprayer: sprayer?.name ?? null, site, how: control.how });
        return { control: control.id, formulation, method, site, steps, text: steps.map(said).join('\n') };
      });
    }),
  );
}

/** Every control with every kind of product, in every way and place: what its cards say. */
export function cardPages(): CardPage[] {
  return CONTROLS.flatMap((control) => {
    const base = control.sheet === undefined ? undefined : findSheet(control.sheet);
    if (base) return mixedPages(control, base);
    const text = [...howSentences(control), ...control.cautions.map((c) => `! ${c.text}`)].join('\n');
    return SITES.map((site): CardPage => ({ control: control.id, formulation: null, method: null, site, steps: [], text }));
  });
}
