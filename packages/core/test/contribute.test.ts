import fc from 'fast-check';
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { stringify } from 'yaml';
import { checkLibrary, jsonSchemas, KIND_NAMES, makeModules, readLibrary, sayFault, type EntryFile, type Kind, type Library } from '../src/contribute';
import { runs } from './runs';

const aphids = 'troubles/chrysanthemum-aphid.yaml';

const ROOT = join(__dirname, '../catalogue');
const files: readonly EntryFile[] = KIND_NAMES.flatMap((kind) =>
  readdirSync(join(ROOT, kind)).map((f) => ({ path: `${kind}/${f}`, text: readFileSync(join(ROOT, kind, f), 'utf8') })),
);
const whole = readLibrary(files);
const library = whole.library;

/** The catalogue with one file written otherwise, or one more: what `npm run check` would say, line by line. */
function withFile(path: string, text: string): string[] {
  const kind = path.split('/')[0] as Kind;
  const one = readLibrary([{ path, text }]);
  if (one.faults.length > 0) return one.faults.map(sayFault);
  const changed = { ...library, [kind]: [...library[kind].filter((e) => `${kind}/${e.id}.yaml` !== path), ...one.library[kind]] } as Library;
  return checkLibrary(changed).map((w) => sayFault((w.kind === kind && one.library[kind].some((e) => e.id === w.id) ? one : whole).place(w)));
}
function said(path: string, change: (text: string) => string): string[] {
  const before = files.find((f) => f.path === path)?.text ?? '';
  const text = change(before);
  if (text === before) throw new Error(`nothing was changed in ${path}`);
  return withFile(path, text);
}
const line = (path: string, text: RegExp) => (files.find((f) => f.path === path)?.text.split('\n') ?? []).findIndex((l) => text.test(l)) + 1;
const swap = (a: string | RegExp, b: string) => (text: string) => text.replace(a, b);

describe('the files of the catalogue', () => {
  test('all are read, one an entry, and nothing is wrong with them or between them', () => {
    expect(whole.faults).toEqual([]);
    expect(checkLibrary(library).map(whole.place).map(sayFault)).toEqual([]);
    expect(KIND_NAMES.map((k) => library[k].length)).toEqual(KIND_NAMES.map((k) => files.filter((f) => f.path.startsWith(`${k}/`)).length));
  });

  test('each names the schema that an editor completes it by', () => {
    const schemas = new Set(jsonSchemas(library).map((s) => s.path));
    for (const f of files) {
      const named = /^# yaml-language-server: \$schema=\.\.\/(\S+)\n/.exec(f.text)?.[1] ?? '';
      expect([f.path, schemas.has(named)]).toEqual([f.path, true]);
    }
  });

  test('what core reads, and the schemas, are made from them (npm run catalogue:make)', () => {
    for (const { path, text } of makeModules(library)) expect([path, readFileSync(join(__dirname, '../src', path), 'utf8') === text]).toEqual([path, true]);
    for (const { path, schema } of jsonSchemas(library)) expect([path, JSON.parse(readFileSync(join(ROOT, path), 'utf8'))]).toEqual([path, schema]);
  });

  test('the order of the files does not matter', () => {
    expect(readLibrary([...files].reverse()).library).toEqual(library);
  });
});

describe('what can not be read is said with its file and line', () => {
  const thrips = 'troubles/thrips.yaml';
  test.each([
    ['a key that is none', thrips, swap('lookAgainDays:', 'lookAgain:'), /thrips\.yaml:\d+: .*lookAgain/],
    [
      'a colon that is not in quotes',
      'signs/ants.yaml',
      swap(/question: .*/, 'question: Look up: ants on the stems?'),
      /ants\.yaml:\d+: a text with a colon in it stands in quotes/,
    ],
    ['no YAML', thrips, swap('also: [', 'also: [['), /thrips\.yaml:\d+: /],
    ['a fact without mark', thrips, swap('- practice: Tiny', '- text: Tiny'), /thrips\.yaml:\d+: facts\.1: .*(practice, memory, or published|text)/],
    ['a name that stands for nothing', thrips, swap('also: [', 'also: [*what, '), /thrips\.yaml:\d+: /],
    ['two marks on one fact', thrips, swap('never:\n', 'never:\n  memory: Never a web.\n'), /thrips\.yaml:\d+: never: a fact says where it comes from/],
    ['published without source', thrips, swap('never:\n  practice:', 'never:\n  published:'), /thrips\.yaml:\d+: never: what is published names its source/],
    ['a source of what is not published', thrips, swap('never:\n', 'never:\n  source: Handbook of thrips\n'), /what is published names its source/],
    ['a figure without mark', thrips, swap(/ {2}mark: memory\n/, ''), /thrips\.yaml:\d+: threshold\.mark: a fact says where it comes from/],
    ['a published figure without source', thrips, swap('  mark: memory', '  mark: published'), /threshold: what is published names its source/],
    ['months that are none', thrips, swap('season: 5-10', 'season: 5-13'), /thrips\.yaml:\d+: season: months as 5-8/],
    ['a share over all of it', thrips, swap('effect: 0.3\n', 'effect: 1.3\n'), /thrips\.yaml:\d+: controls\.1/],
    ['a host without family', 'hosts/leek.yaml', swap(/family: .*\n/, ''), /leek\.yaml:\d+: family: a host names its family/],
    ['a question without its mark', 'signs/ants.yaml', swap('stems?', 'stems'), /ants\.yaml:\d+: question: it ends with a question mark/],
    ['no range', thrips, swap(/range: .*\n/, ''), /thrips\.yaml:\d+: range: an entry says where it lives/],
    [
      'a range that is everywhere and somewhere',
      thrips,
      swap('everywhere: true', 'everywhere: true, native: [china]'),
      /range: everywhere: true, or the regions/,
    ],
    ['a region that is none', 'troubles/leek-moth.yaml', swap('europe-north', 'northern-europe'), /leek-moth\.yaml:\d+: range\.native\.0/],
    ['a range without mark', thrips, swap(', mark: memory }', ' }'), /range\.mark: a fact says where it comes from/],
    ['a duty without its date', 'troubles/fire-blight.yaml', swap(/ {2}asOf: .*\n/, ''), /fire-blight\.yaml:\d+: report\.asOf/],
    ['an id that is not the file', 'signs/ants.yaml', swap('id: ants', 'id: more-ants'), /ants\.yaml:2: id more-ants stands in the file ants\.yaml/],
  ])('%s', (_what, path, change, words) => {
    const lines = said(path, change);
    expect(lines.length).toBeGreaterThan(0);
    expect(lines.some((l) => words.test(l))).toBe(true);
  });

  test('the line is the one that is wrong', () => {
    expect(said(thrips, swap('share: 0.1', 'share: 10'))).toEqual([
      expect.stringMatching(new RegExp(`^${thrips}:${line(thrips, /share: 0\.1/)}: threshold\\.share`)),
    ]);
    expect(said(thrips, swap('pea: 0.8', 'pea: lots'))).toEqual([
      expect.stringMatching(new RegExp(`^${thrips}:${line(thrips, /pea: 0\.8/)}: hosts\\.pea: a figure`)),
    ]);
  });

  test('of a file that is no YAML, the line where it breaks', () => {
    const text = `${files.find((f) => f.path === thrips)?.text ?? ''}schools: [\n`;
    expect(readLibrary([{ path: thrips, text }]).faults[0]?.line).toBeGreaterThanOrEqual(text.split('\n').length - 1);
    expect(readLibrary([{ path: thrips, text: 'id: thrips\nname: Thrips\n  also: [x]\n' }]).faults[0]?.line).toBe(2);
  });

  test('a folder that is none', () =>
    expect(readLibrary([{ path: 'pests/thrips.yaml', text: 'id: thrips' }]).faults.map(sayFault)).toEqual([
      expect.stringMatching(/^pests\/thrips\.yaml:1: pests is no folder/),
    ]));

  test('one broken file takes nothing else with it', () => {
    const { library: l, faults } = readLibrary(files.map((f) => (f.path === thrips ? { ...f, text: 'id: [' } : f)));
    expect(faults).toHaveLength(1);
    expect(l.troubles).toHaveLength(library.troubles.length - 1);
  });

  test('whatever stands in a file is answered in words, and never breaks the reading', () => {
    fc.assert(
      fc.property(fc.constantFrom(...files.slice(0, 400)), fc.nat(), fc.string({ maxLength: 12 }), (file, at, junk) => {
        const i = at % file.text.length;
        const { faults, library: l } = readLibrary([{ path: file.path, text: file.text.slice(0, i) + junk + file.text.slice(i) }]);
        for (const f of faults) expect(f.line).toBeGreaterThanOrEqual(1);
        expect(faults.length > 0 || KIND_NAMES.some((k) => l[k].length === 1)).toBe(true);
      }),
      { numRuns: runs(300) },
    );
  });
});

describe('what leads nowhere between the files is said with its file and line', () => {
  const thrips = 'troubles/thrips.yaml';
  test.each([
    ['a host', thrips, swap('pea: 0.8', 'peo: 0.8'), 'host peo is not known: a host id, family:NAME, group:NAME or any'],
    ['a sign', thrips, swap('[bronzed, curled-tips]', '[bronzed, curly]'), 'sign curly is not known'],
    ['a first sign', thrips, swap('first: [silvering', 'first: [webbing'), 'first sign webbing is not among its always, often or sometimes signs'],
    ['a sign twice', thrips, swap('[bronzed, curled-tips]', '[bronzed, slivers]'), 'sign slivers stands twice'],
    ['no sign that is always there', thrips, swap('  always: [silvering]\n', ''), 'no sign is always there: name the one it can not be without'],
    ['a control', thrips, swap('control: sticky-card', 'control: sticky-cards'), 'control sticky-cards is not known'],
    ['a list', thrips, swap('list: tiny', 'list: teeny'), 'list teeny is not known'],
    ['a list that is none, with something left out', aphids, swap('list: soft-suckers', 'list: teeny\n    except: [soap-spray]'), 'list teeny is not known'],
    [
      'what a list does not hold',
      aphids,
      swap('- list: soft-suckers', '- list: soft-suckers\n    except: [copper-spray]'),
      'copper-spray is not on the list soft-suckers',
    ],
    ['a helper', thrips, swap('enemies: [predatory-mite', 'enemies: [spider-mite'), 'helper spider-mite is not known'],
    ['a look-alike', thrips, swap('leafhopper: Hoppers', 'grasshoper: Hoppers'), 'look-alike grasshoper is not known'],
    ['itself', thrips, swap('leafhopper: Hoppers', 'thrips: Hoppers'), 'it can not be taken for itself'],
    ['what it carries', thrips, swap('carries: [spotted-wilt]', 'carries: [wilt]'), 'carried trouble wilt is not known'],
    ['what brings it', 'troubles/sooty-mould.yaml', swap(/follows:[\s\S]*?\n(?=\w)/, 'follows: [rain]\n'), 'cause rain is not known'],
    ['a sheet', 'controls/soap-spray.yaml', swap('sheet: potassium-soap', 'sheet: soap'), 'sheet soap is not known'],
    [
      'a label word',
      'controls/neem-leaf-tea.yaml',
      swap(/alsoFor:\n {2}- pests: \[/, 'alsoFor:\n  - pests: [unheard-of, '),
      'no trouble goes by the label word unheard-of',
    ],
    ['the control of a sheet', 'sheets/neem-oil.yaml', swap('control: neem-spray', 'control: neem'), 'control neem is not known'],
    ['a control on a list', 'means/tiny.yaml', swap('control: raise-humidity', 'control: rain'), 'control rain is not known'],
  ])('%s', (_what, path, change, words) => {
    const found = said(path, change).filter((l) => l.endsWith(`: ${words}`));
    expect(found).toHaveLength(1);
    expect(found[0]?.startsWith(`${path}:`)).toBe(true);
  });

  test('the line is that of the word', () =>
    expect(said(thrips, swap('pea: 0.8', 'peo: 0.8'))).toEqual([
      `${thrips}:${line(thrips, /pea: 0\.8/)}: host peo is not known: a host id, family:NAME, group:NAME or any`,
    ]));

  test('no rung 0, or a licensed person where nobody can treat', () => {
    expect(
      said(
        'troubles/mosaic-virus.yaml',
        swap('controls:', 'controls:\n  - control: licensed-person\n    effect: 0.9\n    practice: For what is beyond home means.'),
      ),
    ).toEqual([expect.stringMatching(/no licensed person can treat a virus away/)]);
    expect(
      said(
        'troubles/club-root.yaml',
        swap('controls:', 'controls:\n  - control: licensed-person\n    effect: 0.9\n    practice: For what is beyond home means.'),
      ),
    ).toEqual([]);
    expect(said(aphids, swap('- list: soft-suckers', '- list: soft-suckers\n    except: [leave-it]'))).toEqual([
      expect.stringMatching(/chrysanthemum-aphid\.yaml:\d+: no control of rung 0/),
    ]);
  });

  test('plain signs: what they stand for is known, plain itself on neither side, and "against" is said by both', () => {
    const wilting = 'signs/wilting.yaml';
    expect(said(wilting, swap('sudden-wilt', 'sudden-wilts'))).toEqual([expect.stringMatching(/^signs\/wilting\.yaml:\d+: sign sudden-wilts is not known$/)]);
    expect(said(wilting, swap('plain: true\n', ''))).toEqual([expect.stringMatching(/so it is a plain one: say plain: true/)]);
    expect(said(wilting, swap('sudden-wilt', 'lumpy-fruit'))).toEqual([expect.stringMatching(/lumpy-fruit stands for other signs itself/)]);
    expect(said('signs/wilt-dry-soil.yaml', swap(/against: .*\n/, ''))).toEqual([expect.stringMatching(/wilt-dry-soil does not say so of wilt-wet-soil/)]);
    // and one that stands for what something shows is no orphan
    expect(checkLibrary(library).filter((w) => w.id === 'wilting')).toEqual([]);
  });

  test('orphans: what nothing leads to', () => {
    const sign = { id: 'odd-sign', name: 'An odd sign', question: 'Is it odd?', parts: ['whole'], look: 'glance' };
    expect(withFile('signs/odd-sign.yaml', stringify(sign))).toEqual(['signs/odd-sign.yaml:1: nothing shows it']);
    const host = { id: 'odd-plant', name: 'Odd plants', family: 'Oddaceae', group: 'shrub', shape: 'woody', form: 'bush' };
    const lonely = checkLibrary({
      ...library,
      hosts: [...library.hosts, host as Library['hosts'][number]],
      troubles: library.troubles.filter((t) => !('group:shrub' in t.hosts)),
    });
    expect(lonely.filter((w) => w.id === 'odd-plant')).toEqual([{ kind: 'hosts', id: 'odd-plant', at: ['id'], text: 'no trouble lives on it' }]);
    expect(
      checkLibrary({ ...library, hosts: [...library.hosts, { ...host, stands: 'group' } as Library['hosts'][number]] }).filter((w) => w.id === 'odd-plant'),
    ).toEqual([]);
    const { means } = library;
    expect(checkLibrary({ ...library, means: [...means, { ...(means[0] as (typeof means)[number]), id: 'idle' }] })).toEqual([
      { kind: 'means', id: 'idle', at: ['id'], text: 'no trouble uses this list' },
    ]);
    const spray = library.controls.find((c) => c.id === 'hose-jet') as Library['controls'][number];
    expect(checkLibrary({ ...library, controls: [...library.controls, { ...spray, id: 'idle-jet' }] })).toEqual([
      { kind: 'controls', id: 'idle-jet', at: ['id'], text: 'no trouble uses it' },
    ]);
    // one word that a trouble goes by is use enough, beside one that none does
    const washes = (...pests: string[]) => ({ pests, effect: 0.3, practice: 'It washes them off.' });
    const half = { ...spray, id: 'half-idle', alsoFor: [washes('unheard-of'), washes('unheard-of', 'thrips')] };
    expect(checkLibrary({ ...library, controls: [...library.controls, half] }).map((w) => w.text)).toEqual(
      Array(2).fill('no trouble goes by the label word unheard-of'),
    );
    // what a trouble is to be reported for brings the reporting
    expect(checkLibrary({ ...library, troubles: library.troubles.map(({ report: _, ...t }) => t) }).map((w) => w.id)).toContain('report-it');
  });

  test('two plants of one name each say what tells them apart', () => {
    const path = 'hosts/flowering-cherry.yaml';
    expect(said(path, swap(/apart: .*\n(?: {2}.*\n)*/, ''))).toEqual([
      expect.stringMatching(/^hosts\/flowering-cherry\.yaml:\d+: bay goes by "laurel", too: say under apart what tells them apart$/),
    ]);
    // a plural is the same name
    const beans = library.hosts.find((h) => h.id === 'broad-bean') as Library['hosts'][number];
    const twin = checkLibrary({ ...library, hosts: [...library.hosts, { ...beans, id: 'big-bean', name: 'Big beans', also: ['broad bean'] }] });
    expect(twin.map((w) => w.id).sort()).toEqual(['big-bean', 'broad-bean']);
    expect(checkLibrary({ ...library, hosts: [...library.hosts, { ...beans, id: 'big-bean', name: 'Big beans', also: [] }] })).toEqual([]);
  });

  test('kinds under a name live on plants that there are, and late signs are signs of it', () => {
    expect(said('troubles/cushion-scale.yaml', swap('[citrus, pittosporum,', '[citrus, pittosporium,'))).toEqual([
      expect.stringMatching(/host pittosporium is not known$/),
    ]);
    expect(said('troubles/cushion-scale.yaml', swap('[citrus, pittosporum,', '[citrus, leek,'))).toEqual([
      expect.stringMatching(/cushion-scale\.yaml:\d+: Cottony cushion scale lives on leek, and cushion-scale does not: name it under hosts$/),
    ]);
    const path = 'troubles/spider-mite.yaml';
    expect(said(path, swap(/late: \[/, 'late: [slime, '))).toEqual([
      expect.stringMatching(/late sign slime is not among its always, often or sometimes signs$/),
    ]);
  });

  test('a trouble and a friend never share an id', () => {
    const lady = library.helpers.find((h) => h.id === 'ladybird') as Library['helpers'][number];
    const twin = checkLibrary({ ...library, helpers: [...library.helpers, { ...lady, id: 'thrips', hunts: 'anything' }] });
    expect(twin).toContainEqual({ kind: 'helpers', id: 'thrips', at: ['id'], text: expect.stringMatching(/another trouble or friend has this id/) });
  });

  test('a hunter without prey, or shown by what shows its prey', () => {
    const path = 'helpers/mealybug-ladybird.yaml';
    expect(said(path, swap(/ {2}always: \[.*\]\n/, '  always: [woolly-larva, cottony-tufts]\n')).filter((l) => /its prey/.test(l))).toEqual([
      expect.stringMatching(/^helpers\/mealybug-ladybird\.yaml:\d+: cottony-tufts shows mealybug, its prey: put it under rarely$/),
    ]);
    const alone = checkLibrary({ ...library, troubles: library.troubles.map((t) => ({ ...t, enemies: t.enemies?.filter((e) => e !== 'mealybug-ladybird') })) });
    expect(alone).toEqual([
      { kind: 'helpers', id: 'mealybug-ladybird', at: ['hunts'], text: 'no trouble names it among its enemies, so it would live nowhere' },
    ]);
    expect(said(path, swap(/hunts: .*/, ''))[0]).toMatch(/hunts/);
  });
});

describe('the published schemas', () => {
  const schemas = new Map(
    jsonSchemas(library).map((s) => [
      s.path,
      s.schema as { properties?: Record<string, { items?: { $ref?: string } }>; required?: string[]; $defs?: Record<string, { enum: string[] }> },
    ]),
  );
  test('list what an id may lead to', () => {
    const ids = schemas.get('schema/ids.schema.json')?.$defs ?? {};
    expect(ids['signs']?.enum).toEqual(library.signs.map((s) => s.id));
    expect(ids['host-keys']?.enum).toEqual(expect.arrayContaining(['leek', 'family:Fabaceae', 'group:house', 'any']));
    expect(ids['suspects']?.enum).toHaveLength(library.troubles.length + library.helpers.length + library['look-alikes'].length);
    expect(schemas.get('schema/trouble.schema.json')?.properties?.['first']?.items?.$ref).toBe('ids.schema.json#/$defs/signs');
  });
  test('want what the check wants', () => {
    for (const [kind, path] of [
      ['troubles', 'schema/trouble.schema.json'],
      ['hosts', 'schema/host.schema.json'],
    ] as const) {
      for (const key of schemas.get(path)?.required ?? []) for (const e of library[kind]) expect([e.id, key in e]).toEqual([e.id, true]);
    }
  });
});
