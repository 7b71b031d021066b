import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';

const SRC = join(__dirname, '../src');
const screens = readdirSync(SRC, { recursive: true, encoding: 'utf8' }).filter((f) => f.endsWith('.tsx'));
/** What the bundle lets take class names; elsewhere they would be dropped without a word. */
const TAKES = new Set(
  /import \{([^}]+)\} from '\.\/react-native'/
    .exec(readFileSync(join(SRC, 'lean/class-names.js'), 'utf8'))?.[1]
    ?.split(',')
    .map((n) => n.trim()),
);

/** The components of a file that are given class names. */
function givenClassNames(text: string): string[] {
  const imported = [...text.matchAll(/import \{([^}]+)\} from 'react-native'/g)].flatMap((m) => (m[1] ?? '').split(',').map((n) => n.trim()));
  return imported.filter((name) =>
    text
      .split(new RegExp(`<${name}\\b`))
      .slice(1)
      // its own attributes: to the end of the opening tag (an arrow's head is none), or to what is drawn within one
      .some((rest) => /\b(className|\w+ClassName)=/.test(rest.split(/(?<!=)>|</)[0] ?? '')),
  );
}

test('class names are given to components only that the bundle registers for them', () => {
  expect(TAKES.size).toBeGreaterThan(4);
  expect(givenClassNames(`import { Switch } from 'react-native';\n<Switch onPress={() => go()} className="p-2" />`)).toEqual(['Switch']);
  const given = screens.flatMap((f) => givenClassNames(readFileSync(join(SRC, f), 'utf8')).map((name) => ({ f, name })));
  expect(given.length).toBeGreaterThan(100);
  expect(given.filter(({ name }) => !TAKES.has(name))).toEqual([]);
});
