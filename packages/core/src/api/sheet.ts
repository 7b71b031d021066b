import { z } from 'zod';
import { labelSheetSchema } from '../label/schema';

/** A label sheet that the grower typed from a pack. Each save is a version of its own; records keep theirs. */
export const ownSheetSchema = labelSheetSchema.extend({
  id: z.string().regex(/^own-[0-9a-f-]{36}$/, 'An own sheet’s id is own- and a UUID.'),
  specimen: z.literal(false),
});
export type OwnSheet = z.infer<typeof ownSheetSchema>;

/** The text of a file that the grower chose. */
export const sheetFileSchema = z.strictObject({ text: z.string().min(1, 'The file is empty.') });

/** What came of an import. */
export const importedSchema = z.object({ added: z.number().int(), changed: z.number().int(), same: z.number().int() });
export type Imported = z.infer<typeof importedSchema>;
