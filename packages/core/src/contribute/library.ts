import type { z } from 'zod';
import { controlEntry } from '../catalogue/entry/control';
import { helperEntry, lookAlikeEntry } from '../catalogue/entry/friend';
import { hostEntry } from '../catalogue/entry/host';
import { lawEntry } from '../catalogue/entry/law';
import { signEntry } from '../catalogue/entry/sign';
import { troubleEntry } from '../catalogue/entry/trouble';
import { meansEntry } from '../catalogue/entry/use';
import { labelSheetSchema } from '../label/schema';

/** Folders of entries, each with the schema of its files and what one entry is called. */
export const KINDS = {
  troubles: { one: 'trouble', schema: troubleEntry },
  helpers: { one: 'helper', schema: helperEntry },
  'look-alikes': { one: 'look-alike', schema: lookAlikeEntry },
  controls: { one: 'control', schema: controlEntry },
  signs: { one: 'sign', schema: signEntry },
  hosts: { one: 'host', schema: hostEntry },
  means: { one: 'means', schema: meansEntry },
  sheets: { one: 'sheet', schema: labelSheetSchema },
  law: { one: 'law', schema: lawEntry },
} as const;
export type Kind = keyof typeof KINDS;
export const KIND_NAMES = Object.keys(KINDS) as Kind[];

/** Everything that the files say, by folder. */
export type Library = { readonly [K in Kind]: readonly z.infer<(typeof KINDS)[K]['schema']>[] };

/** What is wrong with an entry, and where in it. */
export interface Wrong {
  readonly kind: Kind;
  readonly id: string;
  readonly at: readonly PropertyKey[];
  readonly text: string;
}
