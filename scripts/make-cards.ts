import { writeFileSync } from 'node:fs';
import { cardOf, controlCardOf } from '../packages/core/src/catalogue/card';
import { CONTROLS } from '../packages/core/src/catalogue/controls';
import { SIGNS } from '../packages/core/src/catalogue/signs';
import { TROUBLES } from '../packages/core/src/catalogue/troubles';

/** Writes catalogue/cards.ts from the entries. `npm run check` says when it has fallen behind. */
const body = TROUBLES.map((t) => `  ${JSON.stringify(cardOf(t))},`).join('\n');
writeFileSync(
  new URL('../packages/core/src/catalogue/cards.ts', import.meta.url),
  `import type { ControlCard, TroubleCard } from './card';

/** Made by \`npm run catalogue:cards\` from the entries: do not edit. */
export const TROUBLE_CARDS: readonly TroubleCard[] = [
${body}
];

export const CONTROL_CARDS: readonly ControlCard[] = [
${CONTROLS.map((c) => `  ${JSON.stringify(controlCardOf(c))},`).join('\n')}
];

export const SIGN_NAMES: Readonly<Record<string, string>> = ${JSON.stringify(Object.fromEntries(SIGNS.map((s) => [s.id, s.name])))};

const byId = new Map(TROUBLE_CARDS.map((c) => [c.id, c]));
export const findTroubleCard = (id: string): TroubleCard | undefined => byId.get(id);

const controlById = new Map(CONTROL_CARDS.map((c) => [c.id, c]));
export const findControlCard = (id: string): ControlCard | undefined => controlById.get(id);
`,
);
