import { createHash, randomBytes, randomUUID, timingSafeEqual } from 'node:crypto';
import type { Device, PasscodeChange } from '@sleetbrook/core/api';
import { invalid } from '../http/problem';
import type { Work } from '../threads/jobs';
import type { Keys } from './store';
import { drawWords, PAIRING_WORDS, sameWords } from './words';

/** Words to pair with are read off one screen and typed into another. */
export const PAIRING_MS = 10 * 60_000;
/** Each request is a sight of a device; it is written down once in a while. */
const SEEN_MS = 5 * 60_000;

const digest = (s: string) => createHash('sha256').update(s).digest();

export interface Household {
  /** @returns the device's token where words or passcode are right; null where neither is */
  letIn(secret: string, name: string): Promise<string | null>;
  deviceOf(token: string): Device | undefined;
  devices(here: string | null): Device[];
  turnAway(id: string): boolean;
  /** Words for one device more; those drawn before serve no longer. */
  pair(): { readonly words: string; readonly until: Date };
  /** Sets a new passcode: every device has to be let in anew. @throws Refusal when the old one is wrong */
  change(change: PasscodeChange): Promise<void>;
  /** Whether the passcode can be changed from a screen. */
  readonly passcodeIsOurs: boolean;
}

interface Options {
  readonly keys: Keys;
  readonly work: Work;
  readonly passcodeIsOurs: boolean;
  readonly now?: () => Date;
}

/** The household's passcode, the words of the moment, and who was let in by them. */
export function householdOf({ keys, work, passcodeIsOurs, now = () => new Date() }: Options): Household {
  let pairing: { readonly digest: Buffer; readonly until: Date } | null = null;

  const areTheWords = (secret: string): boolean => {
    if (!pairing || pairing.until <= now()) return false;
    return timingSafeEqual(digest(sameWords(secret)), pairing.digest);
  };
  const isThePasscode = async (secret: string): Promise<boolean> => {
    const hash = keys.passcode();
    return hash !== undefined && work('checkPasscode', { passcode: secret, hash });
  };
  const admit = (name: string): string => {
    const token = randomBytes(32).toString('base64url');
    keys.add(randomUUID(), name, token, now());
    return token;
  };

  return {
    passcodeIsOurs,
    letIn: async (secret, name) => {
      if (areTheWords(secret)) {
        // once: two that come with them side by side are one too many
        pairing = null;
        return admit(name);
      }
      return (await isThePasscode(secret)) ? admit(name) : null;
    },
    deviceOf: (token) => {
      const device = keys.deviceOf(token);
      if (device && now().getTime() - Date.parse(device.seenAt) > SEEN_MS) keys.seen(device.id, now());
      return device;
    },
    devices: keys.devices,
    turnAway: keys.remove,
    pair: () => {
      const words = drawWords(PAIRING_WORDS);
      pairing = { digest: digest(words), until: new Date(now().getTime() + PAIRING_MS) };
      return { words, until: pairing.until };
    },
    change: async ({ now: old, next }) => {
      if (!(await isThePasscode(old))) throw invalid('now', 'This is not the passcode as it is now.');
      keys.setPasscode(await work('hashPasscode', next), now());
      pairing = null;
    },
  };
}

/**
 * Makes the stored passcode the one that the server is started with. The same one again lets everybody stay; another one
 * ends what the last let in.
 */
export async function takePasscode(keys: Keys, work: Work, passcode: string, at: Date): Promise<void> {
  const hash = keys.passcode();
  if (hash !== undefined && (await work('checkPasscode', { passcode, hash }))) return;
  keys.setPasscode(await work('hashPasscode', passcode), at);
}
