import { HAZARD_WORDS, type ShedItem } from '@sleetbrook/core/api';
import { sayStock } from '@sleetbrook/core/bench';
import { codeFor } from './code';
import { Paper } from './paper';

/** A6 across, points. */
const A6 = [419.53, 297.64] as const;

/**
 * A warning label to stick on a container: what it is, how strong, what it does to you, since when, and a code
 * that opens the item.
 */
export async function labelPdf(item: ShedItem, url: string): Promise<Uint8Array> {
  const paper = await Paper.start(item.name, A6);
  paper.write(item.name, { size: 20, bold: true });
  if (item.strength) {
    paper.write(`${item.strength.of === 'copper' ? 'Copper sulfate crystals' : 'Hydrated lime'}, ${sayStock(item.strength.gPerL)}`, { size: 12, space: 2 });
  }
  paper.write(`${item.kind === 'product' ? 'Bought' : 'Made'} ${item.on}${item.goodUntil ? `, good until ${item.goodUntil}` : ''}`, { size: 11, muted: true });
  for (const h of item.hazards) paper.write(HAZARD_WORDS[h].toUpperCase(), { size: 12, bold: true, space: 2 });
  paper.write('Not food, not drink. Keep closed and locked away from children and animals. If swallowed or in the eyes: rinse, and call the poison centre.', {
    size: 9,
    space: 3,
  });
  paper.code(codeFor(url).rows, 92);
  return paper.bytes();
}
