import { z } from 'zod';
import { trim, type UnitSystem } from '../measure';

export const RATE_FORMS = ['per-litre', 'per-m2', 'per-plant', 'per-m-row', 'per-litre-soil', 'per-cm-trunk', 'per-m-height'] as const;
export type RateForm = (typeof RATE_FORMS)[number];

/** What each form is counted by, in words. */
export const FORM_WORDS: Readonly<Record<RateForm, string>> = {
  'per-litre': 'per litre',
  'per-m2': 'per m²',
  'per-plant': 'per plant',
  'per-m-row': 'per m of row',
  'per-litre-soil': 'per litre of potting mix',
  'per-cm-trunk': 'per cm round the trunk',
  'per-m-height': 'per m of height',
};

const figure = z.number({ error: 'The rate must be a figure, such as 7.' }).max(1e5, 'No label has such a rate.');

/**
 * What the label allows, min to max, in ml or g for one of what the form counts by: a litre of mix, a square metre,
 * a plant, a metre of row, a litre of potting mix, a centimetre round the trunk, a metre of height. The figures are
 * exact: what was printed stands beside them and is what is shown. `min` is 0 where the label says "up to".
 */
export const rateSchema = z
  .strictObject({
    form: z.enum(RATE_FORMS),
    unit: z.enum(['ml', 'g']),
    min: figure.min(0, 'The rate can not be less than 0.'),
    max: figure.positive('The rate must be more than 0.'),
    /** As it stands on the label, and whose spoons and gallons it means. */
    printed: z.strictObject({ text: z.string().trim().min(1).max(120), system: z.enum(['metric', 'us', 'imperial', 'australian']) }).optional(),
    /** Set on the dial of a hose-end sprayer. */
    dial: z.boolean().optional(),
  })
  .refine((r) => r.min <= r.max, { message: 'The lower rate is above the upper one.', path: ['min'] });
export type Rate = z.infer<typeof rateSchema>;

/** @example sayPer('per-cm-trunk') // 'per cm round the trunk' */
export const sayPer = (form: RateForm): string => FORM_WORDS[form];

/**
 * The rate in the units kept inside.
 * @example sayRateExact({ form: 'per-litre', unit: 'ml', min: 10, max: 20 }) // '10 to 20 ml per litre'
 */
export function sayRateExact(rate: Rate): string {
  const n = (x: number) => trim(x, x < 1 ? 4 : 2);
  const span = rate.min === rate.max ? n(rate.max) : rate.min === 0 ? `up to ${n(rate.max)}` : `${n(rate.min)} to ${n(rate.max)}`;
  return `${span} ${rate.unit} ${FORM_WORDS[rate.form]}`;
}

/**
 * The rate as the label prints it.
 * @example sayRate(line.rate) // '1½ to 2 tbsp/gal'
 */
export const sayRate = (rate: Rate): string => rate.printed?.text ?? sayRateExact(rate);

/** Where in a rate's range a mix begins: half way; all of it where the label says "up to". */
export const startRate = (rate: Rate): number => (rate.min === 0 ? rate.max : (rate.min + rate.max) / 2);

/** Whose units a printed rate is in, else what the reader uses. */
export const systemOf = (rate: Rate, reader: UnitSystem): UnitSystem => rate.printed?.system ?? reader;
