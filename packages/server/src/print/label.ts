import { HAZARD_WORDS, type ShedItem } from '@sleetbrook/core/api';
import { sayStock } from '@sleetbrook/core/bench';
import { codeFor } from './code';
import { Paper } from './paper';

/** A6 across, points. */
const A6 = [419.53, 297.64] as const;
/** Side of the code, points: about 35 mm, which a phone reads at arm's length. */
const CODE = 100;

/**
 * A warning label to stick on a container: what it is, how strong, what it does to you, since when, and a code
 * that opens the item.
 */
export async function labelPdf(item: ShedItem, url: string): Promise<Uint8Array> {
  const paper = await Paper.start(item.name, A6, 24);
  paper.code(codeFor(url).rows, CODE);
  const beside = { right: CODE + 8 };
  paper.write(item.name, { size: 22, bold: true, ...beside });
  if (item.strength) {
    paper.write(`${item.strength.of === 'copper' ? 'Copper sulfate crystals' : 'Hydrated lime'}, ${sayStock(item.strength.gPerL)}`, {
      size: 13,
      space: 3,
      ...beside,
    });
  }
  paper.write(`${item.kind === 'product' ? 'Bought' : 'Made'} ${item.on}${item.goodUntil ? `, good until ${item.goodUntil}` : ''}`, {
    size: 11,
    muted: true,
    ...beside,
  });
  for (const h of item.hazards) paper.write(HAZARD_WORDS[h].toUpperCase(), { size: 13, bold: true, space: 4, ...beside });
  paper.write('Not food, not drink. Keep closed and locked away from children and animals. If swallowed or in the eyes: rinse, and call the poison centre.', {
    size: 10,
    space: 6,
  });
  return paper.bytes();
}
