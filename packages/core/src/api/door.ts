import { z } from 'zod';
import { idSchema, instantSchema } from './common';
import { codeSchema } from './shed';

const deviceNameSchema = z.string({ error: 'Say which device this is.' }).trim().min(1, 'Say which device this is.').max(40, 'At most 40 letters.');

/** A phone or a computer that was let in, and may be turned away again by itself. */
export const deviceSchema = z.object({
  id: idSchema,
  name: z.string(),
  pairedAt: instantSchema,
  seenAt: instantSchema,
  /** The one that asks. */
  here: z.boolean(),
});
export type Device = z.infer<typeof deviceSchema>;

/** How the door of the house stands to whoever asks. */
export const doorSchema = z.object({
  /** Beyond this machine the house listens behind a passcode only. */
  guarded: z.boolean(),
  /** Whether the device that asks is in. */
  in: z.boolean(),
  /** Whether the line is encrypted: over plain HTTP a neighbour on the network can read along. */
  encrypted: z.boolean(),
  /** Address with encryption, where there is one and this is not it. */
  better: z.string().nullable(),
  /** Whether the passcode can be changed here: not where whoever starts the server sets it. */
  passcodeIsOurs: z.boolean(),
});
export type Door = z.infer<typeof doorSchema>;

/** What a device says to be let in: the household's passcode, or words that were drawn for it. */
export const knockSchema = z.strictObject({
  secret: z.string({ error: 'Give the words or the passcode.' }).trim().min(1, 'Give the words or the passcode.').max(200, 'At most 200 letters.'),
  name: deviceNameSchema,
});
export type Knock = z.infer<typeof knockSchema>;

/** Words that let in one device, once and soon; and the code of the address with them. */
export const pairingSchema = codeSchema.extend({ words: z.string(), until: instantSchema });
export type Pairing = z.infer<typeof pairingSchema>;

/** Fewer letters are guessed in an afternoon. */
export const SHORTEST_PASSCODE = 8;

/** What is wrong with a passcode, as the end of a sentence; null where nothing is. */
export function passcodeFault(passcode: string): string | null {
  const letters = [...passcode.trim()].length;
  if (letters < SHORTEST_PASSCODE) return `has ${letters} letters: take ${SHORTEST_PASSCODE} or more, such as six words that nobody would put together.`;
  if (new Set(passcode).size < 4) return 'is a few letters over and over: take six words that nobody would put together.';
  return null;
}

export const passcodeChangeSchema = z.strictObject({
  now: z.string({ error: 'Give the passcode as it is now.' }).trim().min(1, 'Give the passcode as it is now.').max(200, 'At most 200 letters.'),
  next: z
    .string({ error: 'Give the new one.' })
    .trim()
    .max(200, 'At most 200 letters.')
    .superRefine((next, at) => {
      const fault = passcodeFault(next);
      if (fault) at.addIssue({ code: 'custom', message: `The new one ${fault}` });
    }),
});
export type PasscodeChange = z.infer<typeof passcodeChangeSchema>;
