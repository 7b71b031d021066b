// Every control with every kind of product in every place, as pages to be read by a person.
import { cardFaults } from './card-rules';
import { cardPages } from './cards';

const only = process.argv.slice(2);
for (const page of cardPages()) {
  const head = [page.control, page.formulation, page.method, page.site].filter((w) => w !== null).join(' · ');
  if (only.some((word) => !head.includes(word))) continue;
  const faults = cardFaults(page);
  process.stdout.write(`\n=== ${head}${faults.length > 0 ? `   WRONG: ${faults.join('; ')}` : ''}\n${page.text}\n`);
}
