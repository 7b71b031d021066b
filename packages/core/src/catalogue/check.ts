import { z } from 'zod';
import { CONTROLS } from './controls';
import { HELPERS } from './friends/helpers';
import { LOOK_ALIKES } from './friends/look-alikes';
import { HOSTS } from './hosts';
import { controlSchema, friendSchema, hostSchema, signSchema, troubleSchema, type Trouble } from './schema';
import { SIGNS } from './signs';
import { TROUBLES } from './troubles';
import { usesOn } from './used-on';

const FRIENDS = [...HELPERS, ...LOOK_ALIKES];
const SUSPECTS = [...TROUBLES, ...FRIENDS];
const ids = (list: readonly { id: string }[]) => new Set(list.map((x) => x.id));
const HOST_IDS = ids(HOSTS);
const SIGN_IDS = ids(SIGNS);
const CONTROL_IDS = ids(CONTROLS);
const TROUBLE_IDS = ids(TROUBLES);
const HELPER_IDS = ids(HELPERS);
const SUSPECT_IDS = ids(SUSPECTS);
const FAMILIES = new Set(HOSTS.map((h) => h.family));
const GROUPS = new Set<string>(HOSTS.map((h) => h.group));
/** Names that no reader could open: everything must be shown with some other sign than its never-signs. */
const SHOWN = new Set(['always', 'often', 'sometimes']);

/**
 * Everything wrong with the catalogue, in words for a contributor; empty when all is well.
 * Checks each entry against its schema, that every reference leads somewhere and that nothing is an orphan.
 * @param sheetIds ids of the label sheets that ship
 */
export function checkCatalogue(sheetIds: readonly string[]): string[] {
  return [...againstSchemas(), ...SUSPECTS.flatMap(suspectFaults), ...TROUBLES.flatMap(troubleFaults), ...orphans(sheetIds)];
}

function againstSchemas(): string[] {
  const lists: [string, z.ZodType, readonly { id: string }[]][] = [
    ['host', hostSchema, HOSTS],
    ['sign', signSchema, SIGNS],
    ['trouble', troubleSchema, TROUBLES],
    ['friend', friendSchema, FRIENDS],
    ['control', controlSchema, CONTROLS],
  ];
  const wrong: string[] = [];
  for (const [kind, schema, list] of lists) {
    const seen = new Set<string>();
    for (const entry of list) {
      if (seen.has(entry.id)) wrong.push(`${kind} ${entry.id} stands twice`);
      seen.add(entry.id);
      for (const issue of schema.safeParse(entry).error?.issues ?? []) wrong.push(`${kind} ${entry.id}: ${issue.path.join('.')}: ${issue.message}`);
    }
  }
  for (const f of FRIENDS) if (TROUBLE_IDS.has(f.id)) wrong.push(`${f.id} is a trouble and a friend: choose another id`);
  return wrong;
}

function suspectFaults(s: (typeof SUSPECTS)[number]): string[] {
  const wrong: string[] = [];
  for (const key of Object.keys(s.hosts)) {
    if (!knownHostKey(key)) wrong.push(`${s.id}: host ${key} is not known; a host id, family:NAME, group:NAME or any`);
  }
  for (const sign of Object.keys(s.signs)) if (!SIGN_IDS.has(sign)) wrong.push(`${s.id}: sign ${sign} is not known`);
  if (!Object.values(s.signs).includes('always')) wrong.push(`${s.id}: no sign is always there; name the one it can not be without`);
  return wrong;
}

function knownHostKey(key: string): boolean {
  if (key === 'any') return true;
  if (key.startsWith('family:')) return FAMILIES.has(key.slice('family:'.length));
  if (key.startsWith('group:')) return GROUPS.has(key.slice('group:'.length));
  return HOST_IDS.has(key);
}

function troubleFaults(t: Trouble): string[] {
  const wrong: string[] = [];
  const need = (known: ReadonlySet<string>, list: readonly string[], what: string) => {
    for (const id of list) if (!known.has(id)) wrong.push(`${t.id}: ${what} ${id} is not known`);
  };
  need(
    CONTROL_IDS,
    t.controls.map((c) => c.control),
    'control',
  );
  need(HELPER_IDS, t.enemies, 'helper');
  need(SUSPECT_IDS, Object.keys(t.apart), 'look-alike');
  need(TROUBLE_IDS, t.spread.carries, 'carried trouble');
  need(TROUBLE_IDS, t.follows, 'cause');
  for (const sign of t.first) {
    if (!SHOWN.has(t.signs[sign] ?? '')) wrong.push(`${t.id}: first sign ${sign} is not among its always, often or sometimes signs`);
  }
  if (!t.controls.some((c) => CONTROLS.find((k) => k.id === c.control)?.rung === 0)) wrong.push(`${t.id}: no control of rung 0; say what comes of leaving it`);
  return wrong;
}

function orphans(sheetIds: readonly string[]): string[] {
  const wrong: string[] = [];
  for (const c of CONTROLS) {
    if (c.sheet && !sheetIds.includes(c.sheet)) wrong.push(`control ${c.id}: sheet ${c.sheet} is not known`);
    if (!TROUBLES.some((t) => usesOn(t).some((x) => x.control === c.id))) wrong.push(`control ${c.id}: no trouble uses it`);
    for (const word of c.alsoFor?.flatMap((a) => a.pests) ?? []) {
      if (!TROUBLES.some((t) => t.labelAs.includes(word))) wrong.push(`control ${c.id}: no trouble goes by the label word ${word}`);
    }
  }
  for (const sign of SIGNS) {
    if (!SUSPECTS.some((s) => SHOWN.has(s.signs[sign.id] ?? ''))) wrong.push(`sign ${sign.id}: nothing shows it`);
  }
  for (const h of HOSTS) {
    const own = TROUBLES.some((t) => [h.id, `family:${h.family}`, `group:${h.group}`].some((k) => k in t.hosts));
    if (!own && !h.stands) wrong.push(`host ${h.id}: no trouble lives on it`);
  }
  return wrong;
}
