import type { Host, Trouble } from '../catalogue';
import { done, refused, sayProvenance, type Outcome } from '../measure';
import { sayRate } from './rate';
import type { LabelLine, LabelSheet } from './schema';

/**
 * The line of a label that covers this host and pest. What the label does not carry is refused.
 * @returns refused `crop-forbidden`, `crop-not-on-label` or `pest-not-on-label`
 * A line that names the trouble itself goes before one that names its kind ("aphids").
 * @example lineFor(malathion, broadBean, slugs) // refused: pest-not-on-label
 */
export function lineFor(sheet: LabelSheet, host: Host, trouble: Pick<Trouble, 'labelAs'>): Outcome<LabelLine> {
  const barred = sheet.forbidden.find((f) => host.crops.includes(f.crop));
  if (barred) return refused('crop-forbidden', barred.why);
  const onCrop = sheet.lines.filter((l) => l.crops.some((c) => host.crops.includes(c)));
  if (onCrop.length === 0) {
    return refused('crop-not-on-label', `${host.name} are not on this label: do not use it there.`);
  }
  const line = trouble.labelAs.flatMap((word) => onCrop.find((l) => l.pests.includes(word)) ?? [])[0];
  return line ? done(line) : refused('pest-not-on-label', `This trouble is not on this label for ${host.name.toLowerCase()}: do not use it for that.`);
}

/**
 * Whether its figures must have been compared with the label in the hand before anything is mixed: every
 * conventional product, and every sheet that is not ours. One typed in here is compared as it is kept; one taken in
 * from a file may come from anybody, and calls itself what it likes.
 */
export const mustBeChecked = (sheet: LabelSheet): boolean => sheet.class === 'conventional' || !sheet.specimen;

/**
 * The label's line as the sheet prints it, for quoting in a refusal or an answer.
 */
export function quoteLine(sheet: LabelSheet, line: LabelLine): string {
  const wait = line.phiDays === null ? 'not on food' : `picking wait ${line.phiDays} ${line.phiDays === 1 ? 'day' : 'days'}`;
  const most = line.maxPerSeason === null ? '' : `, at most ${line.maxPerSeason} a season`;
  return `${sheet.name}: ${line.crops.join(', ')}: ${line.asPrinted ?? sayRate(line.rate)}, ${wait}, ${line.intervalDays} ${line.intervalDays === 1 ? 'day' : 'days'} between${most} (${sayProvenance(line.prov)})`;
}
