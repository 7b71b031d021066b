import { CONTROLS, FRIENDS, HOST_NAMES, HOSTS, howSentences, PART_NAMES, SIGNS, TROUBLES, type Friend, type Sign, type Trouble } from '../catalogue';
import { finder, type Findable } from './finder';

const once = (make: () => Findable[]): ((text: string) => string[]) => {
  let find: ((text: string) => string[]) | null = null;
  return (text) => (find ??= finder(make()))(text);
};

const namesOf = new Map(HOST_NAMES.map((n) => [n.id, n.also]));

/** Plants by their names, everyday and regional ones too, and by the name of their entry: ids, best first. */
export const findPlants = once(() =>
  HOSTS.map((h) => ({ id: h.id, name: h.name, also: [...(h.stands ? [] : [h.id.replaceAll('-', ' ')]), ...(namesOf.get(h.id) ?? [])] })),
);

const telling = (t: Trouble | Friend, sign: Sign) => t.signs[sign.id] === 'always' || t.signs[sign.id] === 'often';
const shownBy = (sign: Sign) => [...TROUBLES, ...FRIENDS].filter((t) => telling(t, sign)).flatMap((t) => [t.name, ...t.also]);

/** Signs in a grower's own words, on whatever part: ids, best first. */
export const findSigns = once(() =>
  SIGNS.map((s) => ({
    id: s.id,
    name: s.name,
    also: s.also,
    words: [s.question, ...s.parts.map((p) => PART_NAMES[p].inText), ...shownBy(s)].join('. '),
  })),
);

const signNames = (t: Trouble | Friend) => SIGNS.filter((s) => telling(t, s)).map((s) => s.name);

/** The almanac: troubles and friends by id, signs as `sign-…`, controls as `control-…`, best first. */
export const findPages = once(() => [
  ...[...TROUBLES, ...FRIENDS].map((t) => ({ id: t.id, name: t.name, also: t.also, words: signNames(t).join('. ') })),
  ...SIGNS.map((s) => ({ id: `sign-${s.id}`, name: s.name, also: s.also, words: s.question })),
  ...CONTROLS.map((c) => ({ id: `control-${c.id}`, name: c.name, also: [], words: [c.act, ...howSentences(c)].join('. ') })),
]);
