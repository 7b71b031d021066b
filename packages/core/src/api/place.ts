import { z } from 'zod';

/** A country to choose, with what is proposed there. */
export const countrySchema = z.object({ code: z.string().length(2), name: z.string(), also: z.array(z.string()) });
export type Country = z.infer<typeof countrySchema>;

/** A town of the list that ships, with its zone. */
export const townSchema = z.object({
  name: z.string(),
  /** A state's letters, where towns of one name are many; empty elsewhere. */
  region: z.string(),
  country: z.string(),
  latitude: z.number(),
  longitude: z.number(),
  zone: z.string(),
  people: z.number(),
});
export type Town = z.infer<typeof townSchema>;

export const zoneSchema = z.object({ zone: z.string() });
