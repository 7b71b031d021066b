import { TYPICALITY, type Typicality } from '../catalogue/schema';
import type { Target } from '../catalogue/entry/base';
import { targetsOf } from './json-schema';
import type { Kind, Library, Wrong } from './library';

type Trouble = Library['troubles'][number];
type Helper = Library['helpers'][number];
type Suspect = Trouble | Helper | Library['look-alikes'][number];
type Lines = Trouble['controls'];

/** Everything must be shown by some sign that is there as a rule. */
const SHOWN: readonly Typicality[] = ['always', 'often', 'sometimes'];
const USUAL: readonly Typicality[] = ['always', 'often'];

const typicalityOf = (s: Suspect, sign: string): Typicality | undefined => TYPICALITY.find((t) => s.signs[t]?.includes(sign));
const shows = (s: Suspect, sign: string, how: readonly Typicality[]) => how.some((t) => s.signs[t]?.includes(sign));

/**
 * Everything that is wrong between the entries, each with its place, in words for a gardener; empty when all is well.
 * Each entry has been held against its schema before (`readLibrary`).
 */
export function checkLibrary(l: Library): Wrong[] {
  return [
    ...suspectsOf(l).flatMap(([kind, s]) => suspectFaults(l, kind, s)),
    ...l.troubles.flatMap((t) => troubleFaults(l, t)),
    ...l.helpers.flatMap((h) => huntsFaults(l, h)),
    ...listFaults(l),
    ...signFaults(l),
    ...orphans(l),
    ...sharedNames(l),
    ...sameIds(l),
  ];
}

const suspectsOf = (l: Library): (readonly [Kind, Suspect])[] => [
  ...l.troubles.map((t) => ['troubles', t] as const),
  ...l.helpers.map((h) => ['helpers', h] as const),
  ...l['look-alikes'].map((f) => ['look-alikes', f] as const),
];

const known = new WeakMap<Library, Readonly<Record<Target, ReadonlySet<string>>>>();

/** Where each kind of reference may lead, made once a library. */
function leadsTo(l: Library, target: Target): ReadonlySet<string> {
  const made =
    known.get(l) ?? (Object.fromEntries(Object.entries(targetsOf(l)).map(([t, ids]) => [t, new Set(ids)])) as unknown as Record<Target, ReadonlySet<string>>);
  known.set(l, made);
  return made[target];
}

/** What does not lead anywhere, by name of the target. */
function dead(l: Library, kind: Kind, id: string, target: Target, what: string, places: readonly Place[]): Wrong[] {
  return places.filter(([to]) => !leadsTo(l, target).has(to)).map(([to, at]) => ({ kind, id, at, text: `${what} ${to} is not known` }));
}

type Place = readonly [string, readonly PropertyKey[]];
const listed = (ids: readonly string[] | undefined, ...at: readonly PropertyKey[]) => (ids ?? []).map((to, i): Place => [to, [...at, i]]);

function suspectFaults(l: Library, kind: Kind, s: Suspect): Wrong[] {
  const wrong = (at: readonly PropertyKey[], text: string): Wrong => ({ kind, id: s.id, at, text });
  const all = TYPICALITY.flatMap((t) => s.signs[t] ?? []);
  const twice = all.filter((sign, i) => all.indexOf(sign) !== i);
  return [
    ...dead(
      l,
      kind,
      s.id,
      'host keys',
      'host',
      Object.keys(s.hosts).map((h) => [h, ['hosts', h]]),
    ).map((w) => ({
      ...w,
      text: `${w.text}: a host id, family:NAME, group:NAME or any`,
    })),
    ...TYPICALITY.flatMap((t) => dead(l, kind, s.id, 'signs', 'sign', listed(s.signs[t], 'signs', t))),
    ...(s.signs.always ? [] : [wrong(['signs'], 'no sign is always there: name the one it can not be without')]),
    ...twice.map((sign) => wrong(['signs'], `sign ${sign} stands twice`)),
  ];
}

/** Whether an entry names a plant, its family or its group; what is no plant's id is its own affair. */
function livesOn(l: Library, t: Trouble, key: string): boolean {
  const host = l.hosts.find((h) => h.id === key);
  if (!host) return true;
  return [key, `family:${host.family}`, `group:${host.group}`, 'any'].some((k) => k in t.hosts);
}

/** Nobody sprays away what is not alive, or what is in every cell of the plant. */
const IN_EVERY_CELL: readonly string[] = ['virus', 'disorder'];

/** The controls on a ladder, with where each stands. */
const ladderOf = (l: Library, lines: Lines): { control: string; at: PropertyKey[] }[] =>
  lines.flatMap((line, i) =>
    'list' in line
      ? (l.means.find((m) => m.id === line.list)?.lines ?? [])
          .filter((u) => !line.except?.includes(u.control))
          .map((u) => ({ control: u.control, at: ['controls', i, 'list'] }))
      : [{ control: line.control, at: ['controls', i, 'control'] }],
  );

function troubleFaults(l: Library, t: Trouble): Wrong[] {
  const wrong = (at: readonly PropertyKey[], text: string): Wrong => ({ kind: 'troubles', id: t.id, at, text });
  const lost = (target: Target, what: string, places: readonly Place[]) => dead(l, 'troubles', t.id, target, what, places);
  const ladder = ladderOf(l, t.controls);
  const rungOf = new Map(l.controls.map((c) => [c.id, c.rung]));
  const licensed = ladder.find((u) => u.control === 'licensed-person');
  return [
    ...lost(
      'controls',
      'control',
      t.controls.flatMap((u, i): readonly Place[] => ('list' in u ? listed(u.except, 'controls', i, 'except') : [[u.control, ['controls', i, 'control']]])),
    ),
    ...lost(
      'means',
      'list',
      t.controls.flatMap((u, i): readonly Place[] => ('list' in u ? [[u.list, ['controls', i, 'list']]] : [])),
    ),
    ...t.controls.flatMap((u, i) => {
      const list = 'list' in u ? l.means.find((m) => m.id === u.list) : undefined;
      if (!list || !('list' in u)) return [];
      return (u.except ?? [])
        .filter((c) => !list.lines.some((x) => x.control === c))
        .map((c) => wrong(['controls', i, 'except'], `${c} is not on the list ${list.id}`));
    }),
    ...t.controls.flatMap((u, i) =>
      'list' in u
        ? listed(u.confirmed, 'controls', i, 'confirmed')
            .filter(([c]) => !l.means.find((m) => m.id === u.list)?.lines.some((x) => x.control === c) || (u.except ?? []).includes(c))
            .map(([c, at]) => wrong(at, `${c} is not on the list ${u.list} as it is taken here, so nothing is confirmed`))
        : listed(u.reaches, 'controls', i, 'reaches')
            .filter(([stage]) => !t.life.some((x) => x.stage === stage))
            .map(([stage, at]) => wrong(at, `${stage} is no stage of its life`)),
    ),
    ...t.life.flatMap((stage, i) =>
      listed(stage.with, 'life', i, 'with')
        .filter(([name]) => name === stage.stage || !t.life.some((x) => x.stage === name))
        .map(([name, at]) => wrong(at, `${name} is no other stage of its life`)),
    ),
    ...lost('helpers', 'helper', listed(t.enemies, 'enemies')),
    ...lost(
      'suspects',
      'look-alike',
      Object.keys(t.apart ?? {}).map((to) => [to, ['apart', to]]),
    ),
    ...lost('troubles', 'carried trouble', listed(t.spread.carries, 'spread', 'carries')),
    ...lost('troubles', 'cause', listed(t.follows, 'follows')),
    ...(t.species ?? []).flatMap((s, i) => lost('host keys', 'host', listed(s.hosts, 'species', i, 'hosts'))),
    ...(t.species ?? []).flatMap((s, i) =>
      listed(s.hosts, 'species', i, 'hosts')
        .filter(([key]) => !livesOn(l, t, key))
        .map(([key, at]) => wrong(at, `${s.name} lives on ${key}, and ${t.id} does not: name it under hosts`)),
    ),
    ...listed(t.late, 'late')
      .filter(([sign]) => !shows(t, sign, SHOWN))
      .map(([sign, at]) => wrong(at, `late sign ${sign} is not among its always, often or sometimes signs`)),
    ...listed(t.first, 'first')
      .filter(([sign]) => !shows(t, sign, SHOWN))
      .map(([sign, at]) => wrong(at, `first sign ${sign} is not among its always, often or sometimes signs`)),
    ...(t.apart && t.id in t.apart ? [wrong(['apart', t.id], 'it can not be taken for itself')] : []),
    ...(ladder.some((u) => rungOf.get(u.control) === 0) ? [] : [wrong(['controls'], 'no control of rung 0: say what comes of leaving it')]),
    ...(licensed && IN_EVERY_CELL.includes(t.kind) ? [wrong(licensed.at, `no licensed person can treat a ${t.kind} away: leave that line out`)] : []),
  ];
}

/**
 * A helper says by what it lives; one that lives by its prey is named by that prey, and what shows the prey does not
 * show the helper: cottony tufts are mealybugs, and who eats them is seen beside them.
 */
function huntsFaults(l: Library, h: Helper): Wrong[] {
  if (h.hunts === 'anything') return [];
  const wrong = (at: readonly PropertyKey[], text: string): Wrong => ({ kind: 'helpers', id: h.id, at, text });
  const prey = l.troubles.filter((t) => t.enemies?.includes(h.id));
  if (prey.length === 0) return [wrong(['hunts'], 'no trouble names it among its enemies, so it would live nowhere')];
  return SHOWN.flatMap((how) =>
    listed(h.signs[how], 'signs', how).flatMap(([sign, at]) => {
      const shown = prey.find((t) => shows(t, sign, USUAL));
      return shown ? [wrong(at, `${sign} shows ${shown.id}, its prey: put it under rarely`)] : [];
    }),
  );
}

function listFaults(l: Library): Wrong[] {
  const inUse = new Set(l.troubles.flatMap((t) => t.controls.flatMap((u) => ('list' in u ? [u.list] : []))));
  return l.means.flatMap((m) => [
    ...dead(
      l,
      'means',
      m.id,
      'controls',
      'control',
      m.lines.map((u, i) => [u.control, ['lines', i, 'control']]),
    ),
    ...(inUse.has(m.id) ? [] : [{ kind: 'means' as const, id: m.id, at: ['id'], text: 'no trouble uses this list' }]),
  ]);
}

/** What stands for other signs is a plain one, and they are no plain words for others; what can not be together says so on both sides. */
function signFaults(l: Library): Wrong[] {
  const byId = new Map(l.signs.map((s) => [s.id, s]));
  return l.signs.flatMap((s) => {
    const wrong = (at: readonly PropertyKey[], text: string): Wrong => ({ kind: 'signs', id: s.id, at, text });
    return [
      ...dead(l, 'signs', s.id, 'signs', 'sign', listed(s.covers, 'covers')),
      ...dead(l, 'signs', s.id, 'signs', 'sign', listed(s.against, 'against')),
      ...(s.covers && !s.plain ? [wrong(['covers'], 'it stands for other signs, so it is a plain one: say plain: true')] : []),
      ...(s.covers ?? []).flatMap((id, i) => (byId.get(id)?.covers ? [wrong(['covers', i], `${id} stands for other signs itself: name those`)] : [])),
      ...(s.against ?? []).flatMap((id, i) =>
        byId.get(id) && !byId.get(id)?.against?.includes(s.id) ? [wrong(['against', i], `${id} does not say so of ${s.id}`)] : [],
      ),
    ];
  });
}

/** What leads nowhere, or is reached from nowhere. */
function orphans(l: Library): Wrong[] {
  const used = new Set(l.troubles.flatMap((t) => ladderOf(l, t.controls).map((u) => u.control)));
  if (l.troubles.some((t) => t.report)) used.add('report-it');
  const words = new Set(l.troubles.flatMap((t) => [t.id, ...t.labelAs]));
  const suspects = suspectsOf(l).map(([, s]) => s);
  return [
    ...l.controls.flatMap((c) => [
      ...dead(l, 'controls', c.id, 'sheets', 'sheet', c.sheet ? [[c.sheet, ['sheet']]] : []),
      ...(c.alsoFor ?? []).flatMap((a, i) =>
        listed(a.pests, 'alsoFor', i, 'pests')
          .filter(([word]) => !words.has(word))
          .map(([word, at]): Wrong => ({ kind: 'controls', id: c.id, at, text: `no trouble goes by the label word ${word}` })),
      ),
      ...(used.has(c.id) || c.alsoFor?.some((a) => a.pests.some((p) => words.has(p)))
        ? []
        : [{ kind: 'controls' as const, id: c.id, at: ['id'], text: 'no trouble uses it' }]),
    ]),
    ...l.signs
      .filter((sign) => ![sign.id, ...(sign.covers ?? [])].some((id) => suspects.some((s) => SHOWN.includes(typicalityOf(s, id) ?? 'never'))))
      .map((sign): Wrong => ({ kind: 'signs', id: sign.id, at: ['id'], text: 'nothing shows it' })),
    ...l.hosts
      .filter((h) => !h.stands && !l.troubles.some((t) => [h.id, `family:${h.family}`, `group:${h.group}`].some((k) => k in t.hosts)))
      .map((h): Wrong => ({ kind: 'hosts', id: h.id, at: ['id'], text: 'no trouble lives on it' })),
    ...l.sheets.flatMap((s) => dead(l, 'sheets', s.id, 'controls', 'control', [[s.control, ['control']]])),
  ];
}

/** What a host goes by: each plant of its name, and its everyday names, without the plural. */
const callsOf = (h: Library['hosts'][number]) =>
  new Set(
    [...h.name.split(/, | and /), ...(h.also ?? [])].map((n) =>
      n
        .trim()
        .toLowerCase()
        .replace(/ies$/, 'y')
        .replace(/(?<=[^s])s$/, ''),
    ),
  );

/** A grower who types "cherry" must be told which of two is eaten: hosts that share a name each say what tells them apart. */
function sharedNames(l: Library): Wrong[] {
  const calls = l.hosts.map((h) => ({ h, names: callsOf(h) }));
  return calls.flatMap(({ h, names }) => {
    if (h.apart) return [];
    const other = calls.find((x) => x.h.id !== h.id && [...names].some((n) => x.names.has(n)));
    const name = other && [...names].find((n) => other.names.has(n));
    return other
      ? [
          {
            kind: 'hosts' as const,
            id: h.id,
            at: h.also ? ['also'] : ['name'],
            text: `${other.h.id} goes by "${name}", too: say under apart what tells them apart`,
          },
        ]
      : [];
  });
}

/** Troubles and friends share their ids' room: a case refers to either. */
function sameIds(l: Library): Wrong[] {
  return suspectsOf(l)
    .filter(([, s], i, all) => all.findIndex(([, x]) => x.id === s.id) !== i)
    .map(([kind, s]) => ({ kind, id: s.id, at: ['id'], text: 'another trouble or friend has this id: choose another' }));
}
