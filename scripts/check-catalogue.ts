import { deadLines, unoffered } from '../bench/advice/faults';
import { checkCatalogue } from '../packages/core/src/catalogue';
import { labelSheetSchema } from '../packages/core/src/label';
import { SHEETS } from '../packages/core/src/label/sheets';

const wrong = checkCatalogue(SHEETS.map((s) => s.id));
for (const sheet of SHEETS) {
  for (const issue of labelSheetSchema.safeParse(sheet).error?.issues ?? []) wrong.push(`sheet ${sheet.id}: ${issue.path.join('.')}: ${issue.message}`);
}
for (const line of deadLines()) wrong.push(`no plant on its sheet: ${line}`);
for (const line of unoffered()) wrong.push(`on no ladder: ${line}`);
for (const line of wrong) process.stderr.write(`${line}\n`);
process.exit(wrong.length === 0 ? 0 : 1);
