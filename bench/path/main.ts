// How many printed rates get from the label to the tank and into the record, what the cards say, and the taps of a repeat: one line of figures.
import { cardFaults } from './card-rules';
import { cardPages } from './cards';
import { printedRates } from './rates';
import { tapsToRepeat } from './taps';
import { walkRate } from './walk';

async function main(): Promise<void> {
  const walked = printedRates().map(walkRate);
  const pages = cardPages();
  const faulty = pages.filter((p) => cardFaults(p).length > 0);
  const figures = {
    rates: walked.length,
    mixed: walked.filter((w) => w.mixed).length,
    recorded: walked.filter((w) => w.recorded).length,
    cards: pages.length,
    cardFaults: faulty.length,
    tapsToRepeat: await tapsToRepeat(),
  };
  if (process.argv.includes('--json')) return void process.stdout.write(`${JSON.stringify(figures)}\n`);
  const { rates, mixed, recorded, cards, tapsToRepeat: taps } = figures;
  process.stdout.write(`${rates} rates, ${mixed} mixed, ${recorded} recorded; ${cards} pages of cards, ${faulty.length} at fault; ${taps} taps to repeat\n`);
  for (const w of walked.filter((x) => !x.recorded)) process.stdout.write(`  ${w.text}: ${w.why}\n`);
}

void main();
