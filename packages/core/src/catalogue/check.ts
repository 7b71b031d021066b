import { z } from 'zod';
import { CONTROLS } from './controls';
import { HELPERS } from './friends/helpers';
import { LOOK_ALIKES } from './friends/look-alikes';
import { HOSTS } from './hosts';
import { controlSchema, friendSchema, hostSchema, signSchema, troubleSchema } from './schema';
import { SIGNS } from './signs';
import { TROUBLES } from './troubles';

/**
 * Everything wrong with the catalogue, in words for a contributor; empty when all is well.
 * Checks each entry against its schema, that every reference leads somewhere and that nothing is an orphan.
 * @param sheetIds ids of the label sheets that ship
 */
export function checkCatalogue(sheetIds: readonly string[]): string[] {
  const wrong: string[] = [];
  const lists: [string, z.ZodType, readonly { id: string }[]][] = [
    ['host', hostSchema, HOSTS],
    ['sign', signSchema, SIGNS],
    ['trouble', troubleSchema, TROUBLES],
    ['friend', friendSchema, [...HELPERS, ...LOOK_ALIKES]],
    ['control', controlSchema, CONTROLS],
  ];
  for (const [kind, schema, list] of lists) {
    const seen = new Set<string>();
    for (const entry of list) {
      if (seen.has(entry.id)) wrong.push(`${kind} ${entry.id} stands twice`);
      seen.add(entry.id);
      const parsed = schema.safeParse(entry);
      for (const issue of parsed.error?.issues ?? []) wrong.push(`${kind} ${entry.id}: ${issue.path.join('.')}: ${issue.message}`);
    }
  }
  const has = (list: readonly { id: string }[], id: string) => list.some((x) => x.id === id);
  const families = new Set(HOSTS.map((h) => h.family));
  const suspects = [...TROUBLES, ...HELPERS, ...LOOK_ALIKES];
  for (const s of suspects) {
    for (const key of Object.keys(s.hosts)) {
      const family = key.startsWith('family:') ? key.slice(7) : null;
      if (key !== 'any' && (family ? !families.has(family) : !has(HOSTS, key))) wrong.push(`${s.id}: host ${key} is not known`);
    }
    for (const sign of Object.keys(s.signs)) if (!has(SIGNS, sign)) wrong.push(`${s.id}: sign ${sign} is not known`);
  }
  for (const t of TROUBLES) {
    for (const c of t.controls) if (!has(CONTROLS, c.control)) wrong.push(`${t.id}: control ${c.control} is not known`);
    for (const e of t.enemies) if (!has(HELPERS, e)) wrong.push(`${t.id}: helper ${e} is not known`);
    for (const l of t.lookAlikes) if (!has([...LOOK_ALIKES, ...HELPERS], l)) wrong.push(`${t.id}: look-alike ${l} is not known`);
  }
  for (const c of CONTROLS) {
    if (c.sheet && !sheetIds.includes(c.sheet)) wrong.push(`control ${c.id}: sheet ${c.sheet} is not known`);
    if (!TROUBLES.some((t) => t.controls.some((x) => x.control === c.id))) wrong.push(`control ${c.id}: no trouble uses it`);
  }
  for (const sign of SIGNS) {
    if (!suspects.some((s) => ['always', 'often', 'sometimes'].includes(s.signs[sign.id] ?? ''))) wrong.push(`sign ${sign.id}: nothing shows it`);
  }
  return wrong;
}
