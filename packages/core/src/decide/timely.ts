import type { Trouble } from '../catalogue';
import { findControl } from '../catalogue/controls';
import { usesOn, whenOn } from '../catalogue/used-on';
import { WORTH_TRYING } from './gentler';
import { timingOf } from './timing';
import type { PlantingFacts } from './types';

/** What has its time in more phases than these is done all year: nobody need be reminded of it. */
const FEW_PHASES = 4;

/** What keeps a trouble away if it is done about now. */
export interface Timely {
  readonly control: string;
  /** In what can be seen: "as buds swell, before they open". */
  readonly text: string;
}

/**
 * The gentlest means against a trouble whose short time may be about at this stage of the planting; null where there is
 * none. It reminds, and judges nothing: whether it may be used is decided in the case.
 */
export function timelyGuard(trouble: Trouble, stage: PlantingFacts['stage']): Timely | null {
  const found = usesOn(trouble).flatMap((use) => {
    const control = findControl(use.control);
    const when = control && whenOn(control, trouble);
    if (!control || !when || use.effect < WORTH_TRYING || when.phases.length > FEW_PHASES || when.phases.includes('before-planting')) return [];
    const timing = timingOf(control, trouble, stage);
    return timing?.is === 'now' ? [{ control: control.name, text: timing.text, rung: control.rung }] : [];
  });
  const gentlest = found.sort((a, b) => a.rung - b.rung)[0];
  return gentlest ? { control: gentlest.control, text: gentlest.text } : null;
}
