import { randomBytes } from 'node:crypto';
import { argon2id, argon2Verify } from 'hash-wasm';

/** Argon2id at 19 MiB, two passes, one lane: the least that OWASP's Password Storage Cheat Sheet asks for. About 100 ms. */
const COST = { memorySize: 19_456, iterations: 2, parallelism: 1, hashLength: 32 } as const;

/** A passcode as it is kept: it can be checked, and not read back. */
export const hashPasscode = (passcode: string): Promise<string> => argon2id({ password: passcode, salt: randomBytes(16), ...COST, outputType: 'encoded' });

export const checkPasscode = ({ passcode, hash }: { readonly passcode: string; readonly hash: string }): Promise<boolean> =>
  argon2Verify({ password: passcode, hash });
