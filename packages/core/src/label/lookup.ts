import type { Host, Trouble } from '../catalogue';
import { done, refused, sayProvenance, type Outcome, inSentence } from '../measure';
import { sayRate } from './rate';
import type { LabelLine, LabelSheet } from './schema';

/**
 * The line of a label that covers this host and pest. What the label does not carry is refused. Of several lines the
 * most particular counts, wherever it stands on the label: first one that holds at the plant's stage, then the nearer
 * word for the crop ("potato" before "vegetables"), then the nearer word for the trouble; of equals the strictest.
 * @param stage of the plants, where it is known: a line for dormant wood does not hide the one for leaves
 * @returns refused `crop-forbidden`, `crop-not-on-label` or `pest-not-on-label`
 * @example lineFor(malathion, broadBean, slugs) // refused: pest-not-on-label
 */
export function lineFor(sheet: LabelSheet, host: Host, trouble: Pick<Trouble, 'labelAs'>, stage: Stage | null = null): Outcome<LabelLine> {
  const barred = sheet.forbidden.find((f) => host.crops.includes(f.crop));
  if (barred) return refused('crop-forbidden', barred.why);
  const onCrop = sheet.lines.filter((l) => l.crops.some((c) => host.crops.includes(c)));
  if (onCrop.length === 0) {
    return refused('crop-not-on-label', `${host.name} are not on this label: do not use it there.`);
  }
  const covers = onCrop.filter((l) => l.pests.some((p) => trouble.labelAs.includes(p)));
  const line = covers.reduce<LabelLine | null>(
    (best, l) => (best === null || before(rankOf(l, host, trouble, stage), rankOf(best, host, trouble, stage)) ? l : best),
    null,
  );
  return line ? done(line) : refused('pest-not-on-label', `This trouble is not on this label for ${inSentence(host.name)}: do not use it for that.`);
}

type Stage = NonNullable<LabelLine['stages']>[number];

/** Where the first of the grower's words that a line carries stands among them: the nearer the word, the lower. */
const nearest = (words: readonly string[], carried: readonly string[]) => words.findIndex((w) => carried.includes(w));

/** Lower is nearer; of what is equally near, the longest wait, then the least that may be used. */
const rankOf = (l: LabelLine, host: Host, trouble: Pick<Trouble, 'labelAs'>, stage: Stage | null): readonly number[] => [
  stage === null || !l.stages || l.stages.includes(stage) ? 0 : 1,
  nearest(host.crops, l.crops),
  nearest(trouble.labelAs, l.pests),
  stage !== null && l.stages ? 0 : 1,
  -(l.phiDays ?? Infinity),
  l.rate.max,
];

function before(a: readonly number[], b: readonly number[]): boolean {
  const at = a.findIndex((n, i) => n !== b[i]);
  return at >= 0 && (a[at] as number) < (b[at] as number);
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
