// How many printed rates get from the label to the tank and into the record: one line of figures.
import { cardFaults } from './card-rules';
import { cardPages } from './cards';
import { printedRates } from './rates';
import { walkRate } from './walk';

const walked = printedRates().map(walkRate);
const mixed = walked.filter((w) => w.mixed).length;
const recorded = walked.filter((w) => w.recorded).length;
const pages = cardPages();
const faulty = pages.filter((p) => cardFaults(p).length > 0);
const figures = { rates: walked.length, mixed, recorded, cards: pages.length, cardFaults: faulty.length };
if (process.argv.includes('--json')) process.stdout.write(`${JSON.stringify(figures)}\n`);
else {
  process.stdout.write(`${figures.rates} rates, ${mixed} mixed, ${recorded} recorded; ${pages.length} pages of cards, ${faulty.length} at fault\n`);
  for (const w of walked.filter((x) => !x.recorded)) process.stdout.write(`  ${w.text}: ${w.why}\n`);
}
