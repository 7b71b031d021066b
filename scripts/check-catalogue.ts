import { checkCatalogue } from '../packages/core/src/catalogue';
import { labelSheetSchema } from '../packages/core/src/label';
import { SHEETS } from '../packages/core/src/label/sheets';

const wrong = checkCatalogue(SHEETS.map((s) => s.id));
for (const sheet of SHEETS) {
  for (const issue of labelSheetSchema.safeParse(sheet).error?.issues ?? []) wrong.push(`sheet ${sheet.id}: ${issue.path.join('.')}: ${issue.message}`);
}
for (const line of wrong) process.stderr.write(`${line}\n`);
process.exit(wrong.length === 0 ? 0 : 1);
