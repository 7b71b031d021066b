import type { Card } from '@sleetbrook/core/mix';
import { sayProvenance } from '@sleetbrook/core/measure';
import { Paper } from './paper';

/**
 * A mix or a preparation on paper, to be worked from with wet hands: figures first, then the steps with boxes to
 * tick, then cautions, then the working behind every figure.
 */
export async function cardPdf(card: Card): Promise<Uint8Array> {
  const paper = await Paper.start(card.title);
  paper.write(card.title, { size: 22, bold: true });
  if (card.sub) paper.write(card.sub, { muted: true });
  paper.rule();
  for (const f of card.figures) paper.pair(f.name, f.value);
  paper.rule();
  for (const [i, step] of card.steps.entries()) {
    paper.write(`${i + 1}  ${step.title}`, { size: 13, bold: true, space: 6, box: step.gate.length === 0 });
    for (const line of step.lines) paper.write(line, { indent: 18 });
    for (const gate of step.gate) paper.write(gate, { indent: 18, box: true });
    if (step.caution) paper.write(`Careful: ${step.caution}`, { indent: 18, bold: true, size: 10 });
  }
  if (card.cautions.length > 0) {
    paper.rule();
    paper.write('Cautions', { size: 13, bold: true, space: 4 });
    for (const c of card.cautions) paper.write(c, { size: 10 });
  }
  paper.rule();
  paper.write('The working', { size: 13, bold: true, space: 4 });
  for (const w of card.working) {
    paper.write(`${w.title}: ${w.result}`, { bold: true, size: 10, space: 3 });
    for (const i of w.inputs) paper.write(`${i.name}: ${i.value}`, { size: 9, indent: 12 });
    paper.write(`${w.formula}. Source: ${sayProvenance(w.source)}.`, { size: 9, indent: 12, muted: true });
  }
  paper.write('The label of the product in your hand is the law. In an emergency: the number on your phone’s help panel.', { size: 9, muted: true, space: 10 });
  return paper.bytes();
}
