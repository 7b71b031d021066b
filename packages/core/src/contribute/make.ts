import { cardOf, controlCardOf } from '../catalogue/card';
import { control, course, pairCoursesOf, pairHowOf, trouble } from '../catalogue/expand';
import { HOST_GROUPS } from '../catalogue/schema';
import type { Library } from './library';

export interface Made {
  /** From `packages/core/src`. */
  readonly path: string;
  readonly text: string;
}

const HEAD = '/** Made by `npm run catalogue:make` from the files in `packages/core/catalogue`: do not edit. */\n';
const rows = (list: readonly unknown[]) => `[\n${list.map((x) => `  ${JSON.stringify(x)},\n`).join('')}]`;

const table = (of: object) =>
  `{\n${Object.entries(of)
    .map(([id, x]) => `  ${JSON.stringify(id)}: ${JSON.stringify(x)},\n`)
    .join('')}}`;

const list = (name: string, type: string, from: string, entries: readonly unknown[]) =>
  `import type { ${type} } from '${from}';\n\n${HEAD}export const ${name}: readonly ${type}[] = ${rows(entries)};\n`;

/** Hosts as a list shows them: by group, then by name, what stands for others last. */
const inOrder = (hosts: Library['hosts']) =>
  [...hosts].sort(
    (a, b) =>
      Number(Boolean(a.stands)) - Number(Boolean(b.stands)) ||
      HOST_GROUPS.indexOf(a.group) - HOST_GROUPS.indexOf(b.group) ||
      a.name.localeCompare(b.name, 'en'),
  );

/** The modules that core reads, one entry a line. */
export function makeModules(l: Library): Made[] {
  const means = new Map(l.means.map((m) => [m.id, m]));
  const cards = l.troubles.map((t) => cardOf(trouble(t, means, []))).map((c) => ({ ...c, labelAs: c.labelAs.filter((w) => w !== c.id) }));
  const controls = l.controls.map((c) => controlCardOf(control(c)));
  const courses = Object.fromEntries(l.controls.flatMap((c) => (c.course ? [[c.id, course(c.course)] as const] : [])));
  const how = Object.fromEntries(l.troubles.map((t) => [t.id, pairHowOf(t)] as const).filter(([, of]) => Object.keys(of).length > 0));
  const pairs = Object.fromEntries(l.troubles.map((t) => [t.id, pairCoursesOf(t)] as const).filter(([, of]) => Object.keys(of).length > 0));
  const at = (name: string) => `catalogue/made/${name}.ts`;
  return [
    { path: at('troubles'), text: list('TROUBLE_ENTRIES', 'TroubleEntry', '../entry/trouble', l.troubles) },
    { path: at('helpers'), text: list('HELPER_ENTRIES', 'FriendEntry', '../entry/friend', l.helpers) },
    { path: at('look-alikes'), text: list('LOOK_ALIKE_ENTRIES', 'FriendEntry', '../entry/friend', l['look-alikes']) },
    {
      path: at('controls'),
      text: list(
        'CONTROL_ENTRIES',
        'ControlEntry',
        '../entry/control',
        l.controls.map(({ course: _, ...c }) => c),
      ),
    },
    { path: at('signs'), text: list('SIGN_ENTRIES', 'SignEntry', '../entry/sign', l.signs) },
    {
      path: at('hosts'),
      text: list(
        'HOST_ENTRIES',
        'HostEntry',
        '../entry/host',
        inOrder(l.hosts).map(({ also: _a, apart: _b, ...h }) => h),
      ),
    },
    {
      path: at('host-names'),
      text: list(
        'HOST_NAMES',
        'HostNames',
        '../schema',
        inOrder(l.hosts).map((h) => ({ id: h.id, also: h.also ?? [], apart: h.apart ?? null })),
      ),
    },
    { path: at('means'), text: list('MEANS_ENTRIES', 'MeansEntry', '../entry/use', l.means) },
    {
      path: at('courses'),
      text: `import type { ControlCourse, PairCourse } from '../expand';\nimport type { PlacedHow } from '../how';\n\n${HEAD}export const COURSES: Readonly<Record<string, ControlCourse>> = ${table(courses)};\n\nexport const PAIR_COURSES: Readonly<Record<string, Readonly<Record<string, PairCourse>>>> = ${table(pairs)};\n\nexport const PAIR_HOW: Readonly<Record<string, Readonly<Record<string, readonly PlacedHow[]>>>> = ${table(how)};\n`,
    },
    {
      path: at('cards'),
      text: `import type { ControlCard, TroubleCard } from '../card';\n\n${HEAD}export const TROUBLE_ROWS: readonly TroubleCard[] = ${rows(cards)};\n\nexport const CONTROL_CARDS: readonly ControlCard[] = ${rows(controls)};\n`,
    },
    { path: at('law'), text: list('LAW_ENTRIES', 'LawEntry', '../entry/law', l.law) },
    { path: 'label/sheets/made.ts', text: list('SHEETS', 'LabelSheet', '../schema', l.sheets) },
  ];
}
