import { z } from 'zod';
import { sentence, suspect } from './base';

/** A helper as a file writes it. */
export const helperEntry = z
  .strictObject({
    ...suspect,
    advice: sentence.describe('What to do: almost always, leave it.'),
    hunts: z.enum(['prey', 'anything']).describe('prey: only where the troubles live that name it among their enemies. anything: it catches what comes.'),
  })
  .meta({ title: 'A helper', description: 'See docs/catalogue.md.' });

/** A harmless thing that looks like trouble. */
export const lookAlikeEntry = z
  .strictObject({ ...suspect, advice: sentence.describe('What to do: almost always, leave it.') })
  .meta({ title: 'A look-alike', description: 'See docs/catalogue.md.' });
export type FriendEntry = z.infer<typeof helperEntry> | z.infer<typeof lookAlikeEntry>;
