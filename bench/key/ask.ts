import { askThrough, measureWritten, writtenCases } from './written';

/** `npm run bench:written -- [file:line]`: the written cases that went wrong, each with what was asked. */
const only = process.argv[2];
const outcomes = writtenCases()
  .filter((c) => !only || c.at.includes(only))
  .map(askThrough);
for (const o of outcomes) {
  const [leader] = o.top;
  const first = o.of.truths.includes(leader?.id ?? '');
  if (first && (o.finding.state === 'settled' || o.finding.state === 'two') && o.idle.length === 0 && !only) continue;
  process.stdout.write(
    `${o.of.at} ${o.of.context.host.id} ${o.of.truths.join('+') || 'unknown'}: ${o.finding.state} ${o.top.map((s) => `${s.id} ${Math.round(100 * s.probability)}`).join(', ')} | ${o.asked.map((a) => (o.idle.includes(a) ? `(${a})` : o.of.shows.has(a) ? `+${a}` : a)).join(' ')}\n`,
  );
}
process.stdout.write(`${JSON.stringify(measureWritten(outcomes))}\n`);
