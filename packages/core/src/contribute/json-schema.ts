import { z } from 'zod';
import { TARGETS, type Target } from '../catalogue/entry/base';
import { KIND_NAMES, KINDS, type Kind, type Library } from './library';

const ids = (list: readonly { id: string }[]) => list.map((x) => x.id);

/** What each kind of reference may lead to. */
export function targetsOf(l: Library): Readonly<Record<Target, readonly string[]>> {
  const troubles = ids(l.troubles);
  const helpers = ids(l.helpers);
  return {
    signs: ids(l.signs),
    controls: ids(l.controls),
    means: ids(l.means),
    troubles,
    helpers,
    suspects: [...troubles, ...helpers, ...ids(l['look-alikes'])].sort(),
    sheets: ids(l.sheets),
    'host keys': [
      ...ids(l.hosts),
      ...[...new Set(l.hosts.map((h) => `family:${h.family}`))].sort(),
      ...[...new Set(l.hosts.map((h) => `group:${h.group}`))].sort(),
      'any',
    ],
  };
}

/** Where the schema of a folder's files is. */
const schemaFile = (kind: Kind) => `schema/${KINDS[kind].one}.schema.json`;

const IDS = 'ids.schema.json';

/**
 * The formats of the files as JSON Schema, from the very schemas that check them. What an id may lead to is listed
 * beside them, so that an editor completes it and underlines what is not there.
 */
export function jsonSchemas(library: Library): { readonly path: string; readonly schema: object }[] {
  const targets = targetsOf(library);
  const name = (t: Target) => t.replace(' ', '-');
  return [
    ...KIND_NAMES.map((kind) => ({
      path: schemaFile(kind),
      schema: z.toJSONSchema(KINDS[kind].schema, {
        override: ({ jsonSchema }) => {
          const target = jsonSchema['refers'] as Target | undefined;
          if (!target) return;
          for (const key of Object.keys(jsonSchema)) delete (jsonSchema as Record<string, unknown>)[key];
          jsonSchema.$ref = `${IDS}#/$defs/${name(target)}`;
        },
      }),
    })),
    { path: `schema/${IDS}`, schema: { $defs: Object.fromEntries(TARGETS.map((t) => [name(t), { enum: targets[t] }])) } },
  ];
}
