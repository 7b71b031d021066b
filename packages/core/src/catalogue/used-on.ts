import { CONTROLS } from './controls';
import type { Control, Does, Trouble, Use, When } from './schema';

type Against = Pick<Trouble, 'controls' | 'labelAs' | 'kind' | 'inside' | 'waterMould' | 'report' | 'species'>;

/** A label word gives permission and never an effect: these a control can do nothing against. */
const isInVain = (c: Control, t: Against): boolean =>
  c.notFor?.some((n) => (n === 'inside' ? t.inside : n === 'water-mould' ? t.waterMould : n === t.kind)) ?? false;

const REPORT: Use = { control: 'report-it', effect: 0, why: 'The plant-health office decides what is done, and must see it in place.', prov: { mark: 'CP' } };

const known = new WeakMap<Trouble['controls'], readonly Use[]>();

/**
 * Everything that is used on a trouble: what its own entry names, and what controls name by label word
 * ("aphids"). The entry's own figure goes before a control's general one; what can do nothing against such an
 * organism is left out, whatever its label says.
 */
export function usesOn(trouble: Against): readonly Use[] {
  const before = known.get(trouble.controls);
  if (before) return before;
  const named = new Set(trouble.controls.map((u) => u.control));
  const implied = CONTROLS.filter((c) => !named.has(c.id) && !isInVain(c, trouble)).flatMap((c): Use[] => {
    const hit = c.alsoFor?.find((a) => a.pests.some((p) => trouble.labelAs.includes(p)));
    return hit ? [{ control: c.id, effect: hit.effect, why: hit.why, prov: hit.prov, inherited: true }] : [];
  });
  const uses = [...trouble.controls, ...implied, ...(trouble.report || trouble.species.some((s) => s.report) ? [REPORT] : [])];
  known.set(trouble.controls, uses);
  return uses;
}

/** When a control keeps a trouble away, in what can be seen: as the trouble's own line says, else as the control does. */
export const whenOn = (control: Pick<Control, 'id' | 'when'>, trouble: Pick<Trouble, 'controls'>): When | null =>
  trouble.controls.find((u) => u.control === control.id)?.when ?? control.when ?? null;

/** What is not alive is put right by care and by hand: there it cures what elsewhere only helps along. */
const CARE = 2;

/**
 * What a control does against a trouble: as its own line says, else as the control does in general.
 * @example doesOn(rowCover, cabbageWhite) // 'prevents'
 */
export function doesOn(control: Pick<Control, 'id' | 'does' | 'rung'>, trouble: Pick<Trouble, 'controls' | 'kind'>): Does {
  const own = trouble.controls.find((u) => u.control === control.id)?.does;
  return (
    own ??
    (trouble.kind === 'disorder' && control.rung > 0 && control.rung <= CARE && (control.does === 'aids' || control.does === 'prevents')
      ? 'cures'
      : control.does)
  );
}
