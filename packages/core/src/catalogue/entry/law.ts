import { z } from 'zod';
import { id, sentence, withMark } from './base';

/** A country, or a state or province where the law is theirs: ISO 3166. */
export const lawPlace = z.string().regex(/^[A-Z]{2}(-[A-Z0-9]{1,3})?$/, 'a country as GB, or a state or province as US-CA');
const word = z.enum(['yes', 'no', 'unknown']);

/** What the law says of one active ingredient in a home garden; what is not said here is asked. */
const activeLaw = withMark({
  home: word.describe('Sold for and allowed in home gardens.'),
  eaten: word.optional().describe('On what is eaten, where that differs.'),
  indoors: word.optional(),
  turf: word.optional(),
  words: sentence.optional().describe('Said to the grower where it is not a plain yes.'),
});

/** What is known of the law of some places. */
export const lawEntry = z
  .strictObject({
    id,
    places: z.array(lawPlace).min(1),
    asOf: z.string().regex(/^20\d\d-(0[1-9]|1[0-2])$/, 'year and month, as 2026-12'),
    actives: z.record(id, activeLaw).describe('By active ingredient, or `synthetic` for all that no organic list carries.'),
    homeMade: activeLaw.optional().describe('Preparations made at home from plants, soap or ash.'),
  })
  .meta({ title: 'The law of some places', description: 'See docs/catalogue.md.' });
export type LawEntry = z.infer<typeof lawEntry>;
