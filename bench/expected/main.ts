// What the trade does, written down row by row before the product was asked, held against what the product says.
import { TROUBLES } from '../../packages/core/src/catalogue';
import { mismatchesOf } from './judge-row';
import { expectedRows } from './rows';

const rows = expectedRows();
const only = process.argv.slice(2).filter((a) => !a.startsWith('--'));
const asked = only.length > 0 ? rows.filter((r) => only.includes(r.trouble)) : rows;
const found = asked.flatMap(mismatchesOf);
const open = found.filter((m) => m.row.answer === '');
if (!process.argv.includes('--json'))
  for (const { row, what, said } of open) {
    const wanted = {
      first: row.first,
      never: row.never,
      report: [row.report],
      days: row.days ?? [],
      judged: row.judged ?? [],
      before: row.before,
      unknown: [],
    }[what];
    process.stdout.write(`${row.at} ${row.trouble} on ${row.host}, ${row.place} ${row.month}, ${row.share}: ${what} is ${said}, not ${wanted.join(' ')}\n`);
  }
process.stdout.write(
  `${JSON.stringify({
    rows: rows.length,
    troubles: new Set(rows.map((r) => r.trouble)).size,
    of: TROUBLES.length,
    mismatches: open.length,
    explained: new Set(found.filter((m) => m.row.answer !== '').map((m) => m.row.at)).size,
  })}\n`,
);
process.exitCode = open.length === 0 ? 0 : 1;
