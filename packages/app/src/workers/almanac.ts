import {
  CONTROLS,
  findFriend,
  findHost,
  findSign,
  findTrouble,
  FRIENDS,
  HOSTS,
  howSentences,
  PART_NAMES,
  RUNG_NAMES,
  sayHome,
  SIGNS,
  TROUBLES,
  type Control,
  type Drawing,
  type Friend,
  type LifeStage,
  type PartId,
  type Sign,
  type Trouble,
  type Typicality,
  usesOn,
} from '@sleetbrook/core/catalogue';
import { sayProvenance } from '@sleetbrook/core/measure';
import { hostWeight } from '@sleetbrook/core/scout';
import { findPages } from '@sleetbrook/core/find';

export const SECTIONS = ['trouble', 'helper', 'look-alike', 'sign', 'control'] as const;
export type AlmanacSection = (typeof SECTIONS)[number];

export interface AlmanacQuery {
  readonly text: string;
  readonly section: AlmanacSection | 'all';
  readonly hostId: string | null;
  readonly part: PartId | null;
  /** 1 … 12 as counted in the northern hemisphere. */
  readonly month: number | null;
}

export interface AlmanacItem {
  readonly id: string;
  readonly section: AlmanacSection;
  readonly name: string;
  readonly line: string;
  readonly drawing: Drawing | null;
}

interface Shown {
  readonly sign: Pick<Sign, 'id' | 'name' | 'drawing'>;
  readonly typicality: Typicality;
}
interface Said {
  readonly text: string;
  readonly source: string;
}

/** One page, ready to be shown: all references are names already. */
export interface AlmanacPage {
  readonly id: string;
  readonly section: AlmanacSection;
  readonly name: string;
  readonly also: readonly string[];
  readonly kind: string;
  readonly sizeMm: number | null;
  readonly signs: readonly Shown[];
  readonly hosts: readonly string[];
  readonly months: readonly number[];
  readonly favours: readonly string[];
  readonly facts: readonly Said[];
  readonly life: readonly LifeStage[];
  /** Stages whose coming is known by warmth. */
  readonly warmth: readonly { readonly stage: string; readonly warmth: NonNullable<LifeStage['warmth']>; readonly source: string }[];
  /** Where it lives, in words. */
  readonly home: Said | null;
  /** Countries where it must be reported, and when that was known. */
  readonly report: { readonly of: string | null; readonly in: readonly string[]; readonly asOf: string; readonly source: string }[];
  readonly kinds: readonly { readonly name: string; readonly hosts: readonly string[]; readonly tell: string; readonly source: string }[];
  readonly late: readonly string[];
  readonly advice: string | null;
  readonly apart: readonly { readonly id: string; readonly name: string; readonly tell: string }[];
  readonly enemies: readonly { readonly id: string; readonly name: string }[];
  readonly causes: readonly { readonly id: string; readonly name: string }[];
  readonly carries: readonly { readonly id: string; readonly name: string }[];
  readonly controls: readonly {
    readonly id: string;
    readonly name: string;
    readonly rung: number;
    readonly rungName: string;
    readonly effect: number;
    readonly why: string;
  }[];
  readonly schools: readonly { readonly topic: string; readonly positions: readonly string[]; readonly ours: string; readonly why: string }[];
  /** For a sign or a control: whose it is. */
  readonly shownBy: readonly { readonly id: string; readonly name: string; readonly note: string }[];
}

const firstDrawing = (signs: Readonly<Record<string, Typicality>>): Drawing | null => {
  for (const level of ['always', 'often', 'sometimes'] as const) {
    for (const [id, t] of Object.entries(signs)) {
      const drawing = t === level ? findSign(id)?.drawing : undefined;
      if (drawing) return drawing;
    }
  }
  return null;
};
const suspectDoc = (s: Trouble | Friend, section: AlmanacSection): AlmanacItem => ({
  id: s.id,
  section,
  name: s.name,
  line: 'advice' in s ? s.advice : (s.facts[0]?.text ?? ''),
  drawing: firstDrawing(s.signs),
});

const DOCS: readonly AlmanacItem[] = [
  ...TROUBLES.map((t) => suspectDoc(t, 'trouble')),
  ...FRIENDS.map((f) => suspectDoc(f, f.kind)),
  ...SIGNS.map((s): AlmanacItem => ({ id: `sign-${s.id}`, section: 'sign', name: s.name, line: s.question, drawing: s.drawing })),
  ...CONTROLS.map((c): AlmanacItem => ({
    id: `control-${c.id}`,
    section: 'control',
    name: c.name,
    line: c.works.text,
    drawing: null,
  })),
];
const docById = new Map(DOCS.map((d) => [d.id, d]));

/** What the almanac holds for a search and its filters; by name when nothing is typed. */
export function almanacList(q: AlmanacQuery): AlmanacItem[] {
  const text = q.text.trim();
  const found = text === '' ? [...DOCS].sort((a, b) => a.name.localeCompare(b.name)) : findPages(text).flatMap((id) => docById.get(id) ?? []);
  return found.filter((d) => (q.section === 'all' ? text !== '' || d.section !== 'sign' : d.section === q.section) && fits(d, q));
}

function fits(d: AlmanacItem, q: AlmanacQuery): boolean {
  const trouble = findTrouble(d.id);
  const suspect = trouble ?? findFriend(d.id);
  if (q.hostId !== null) {
    const host = findHost(q.hostId);
    if (!suspect || !host || hostWeight(suspect, host) === 0) return false;
  }
  if (q.month !== null && !(trouble && trouble.months.includes(q.month))) return false;
  if (q.part !== null) {
    const signs = suspect
      ? Object.entries(suspect.signs)
          .filter(([, t]) => t === 'always' || t === 'often')
          .map(([id]) => id)
      : d.section === 'sign'
        ? [d.id.slice('sign-'.length)]
        : [];
    const part = q.part;
    if (!signs.some((id) => findSign(id)?.parts.includes(part))) return false;
  }
  return true;
}

const ORDER: readonly Typicality[] = ['always', 'often', 'sometimes', 'rarely', 'never'];
const EMPTY = {
  also: [],
  kind: '',
  sizeMm: null,
  signs: [],
  hosts: [],
  months: [],
  favours: [],
  facts: [],
  life: [],
  warmth: [],
  home: null,
  report: [],
  kinds: [],
  late: [],
  advice: null,
  apart: [],
  enemies: [],
  causes: [],
  carries: [],
  controls: [],
  schools: [],
  shownBy: [],
};
const nameOf = (id: string) => ({ id, name: findTrouble(id)?.name ?? findFriend(id)?.name ?? id });

/** One page of the almanac, or null when there is none by that id. */
export function almanacEntry(id: string): AlmanacPage | null {
  const trouble = findTrouble(id);
  if (trouble) return troublePage(trouble);
  const friend = findFriend(id);
  if (friend)
    return { ...EMPTY, ...suspectParts(friend), section: friend.kind, kind: friend.kind === 'helper' ? 'Helper' : 'Look-alike', advice: friend.advice };
  const sign = id.startsWith('sign-') ? findSign(id.slice('sign-'.length)) : undefined;
  if (sign) return signPage(sign);
  const control = id.startsWith('control-') ? CONTROLS.find((c) => c.id === id.slice('control-'.length)) : undefined;
  return control ? controlPage(control) : null;
}

function suspectParts(s: Trouble | Friend) {
  return {
    id: s.id,
    name: s.name,
    also: s.also,
    sizeMm: s.sizeMm,
    facts: s.facts.map((f) => ({ text: f.text, source: sayProvenance(f.prov) })),
    home: { text: sayHome(s.range), source: sayProvenance(s.range.prov) },
    hosts: hostWords(s),
    signs: Object.entries(s.signs)
      .flatMap(([id, typicality]): Shown[] => {
        const sign = findSign(id);
        return sign ? [{ sign: { id: sign.id, name: sign.name, drawing: sign.drawing }, typicality }] : [];
      })
      .sort((a, b) => ORDER.indexOf(a.typicality) - ORDER.indexOf(b.typicality)),
  };
}

const hostWords = ({ hosts }: Trouble | Friend): string[] =>
  keyWords(
    Object.entries(hosts)
      .sort((a, b) => b[1] - a[1])
      .map(([key]) => key),
  );

function keyWords(keys: readonly string[]): string[] {
  const GROUP_WORDS: Readonly<Record<string, string>> = {
    vegetable: 'vegetables',
    fruit: 'fruit',
    ornamental: 'garden flowers',
    shrub: 'trees and shrubs',
    house: 'house plants',
  };
  return keys.map((key) => {
    if (key === 'any') return 'any plant';
    if (key.startsWith('group:')) return GROUP_WORDS[key.slice(6)] ?? key;
    if (key.startsWith('family:')) return `the family ${key.slice(7)}`;
    return HOSTS.find((h) => h.id === key)?.name ?? key;
  });
}

function troublePage(t: Trouble): AlmanacPage {
  const said = (f: Trouble['vulnerable'], what: string): Said => ({ text: `${what}: ${f.text}`, source: sayProvenance(f.prov) });
  return {
    ...EMPTY,
    ...suspectParts(t),
    section: 'trouble',
    kind: t.kind,
    months: t.months,
    favours: t.favours,
    life: t.life,
    warmth: t.life.flatMap((s) => (s.warmth ? [{ stage: s.stage, warmth: s.warmth, source: sayProvenance(s.warmth.prov) }] : [])),
    report: [{ of: null, report: t.report }, ...t.species.map((s) => ({ of: s.name, report: s.report }))].flatMap(({ of, report }) =>
      report ? [{ of, in: report.in, asOf: report.asOf, source: sayProvenance(report.prov) }] : [],
    ),
    kinds: t.species.map((s) => ({ name: s.name, hosts: keyWords(s.hosts), tell: s.tell.text, source: sayProvenance(s.tell.prov) })),
    late: t.late.flatMap((id) => findSign(id)?.name ?? []),
    facts: [
      ...t.facts.map((f) => ({ text: f.text, source: sayProvenance(f.prov) })),
      said(t.vulnerable, 'Open to treatment'),
      said(t.tolerate, 'Leave it when'),
      said(t.spread.fact, 'Spread'),
      said(t.never, 'Never'),
    ],
    apart: Object.entries(t.apart).map(([id, tell]) => ({ ...nameOf(id), tell })),
    enemies: t.enemies.map(nameOf),
    causes: t.follows.map(nameOf),
    carries: t.spread.carries.map(nameOf),
    controls: usesOn(t)
      .flatMap((c) => {
        const control = CONTROLS.find((x) => x.id === c.control);
        return control
          ? [{ id: control.id, name: control.name, rung: control.rung, rungName: RUNG_NAMES[control.rung] ?? '', effect: c.effect, why: c.why }]
          : [];
      })
      .sort((a, b) => a.rung - b.rung || b.effect - a.effect),
    schools: t.schools,
  };
}

function signPage(s: Sign): AlmanacPage {
  const shownBy = [...TROUBLES, ...FRIENDS]
    .flatMap((x) => {
      const t = x.signs[s.id];
      return t && ORDER.indexOf(t) < 3 ? [{ id: x.id, name: x.name, note: t, rank: ORDER.indexOf(t) }] : [];
    })
    .sort((a, b) => a.rank - b.rank)
    .map(({ rank: _rank, ...x }) => x);
  return {
    ...EMPTY,
    id: `sign-${s.id}`,
    section: 'sign',
    name: s.name,
    kind: s.parts.map((p) => PART_NAMES[p].inText).join(', '),
    signs: [{ sign: s, typicality: 'always' }],
    advice: s.question,
    shownBy,
  };
}

function controlPage(c: Control): AlmanacPage {
  const shownBy = TROUBLES.flatMap((t) => {
    const use = usesOn(t).find((x) => x.control === c.id);
    return use ? [{ id: t.id, name: t.name, note: use.why, effect: use.effect }] : [];
  })
    .sort((a, b) => b.effect - a.effect)
    .map(({ effect: _effect, ...x }) => x);
  return {
    ...EMPTY,
    id: `control-${c.id}`,
    section: 'control',
    name: c.name,
    kind: `Rung ${c.rung}, ${RUNG_NAMES[c.rung] ?? ''}`,
    facts: [c.works, c.doesNot, ...c.cautions, { ...c.after, text: `Afterwards, look for: ${c.after.text}` }].map((f) => ({
      text: f.text,
      source: sayProvenance(f.prov),
    })),
    schools: c.schools ?? [],
    advice: howSentences(c).join(' '),
    shownBy,
  };
}
