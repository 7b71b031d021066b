import { RUNG_NAMES, findControl, type Control } from '../src/catalogue';
import {
  changesFor,
  closedAt,
  conflictsAmong,
  courseIfLeft,
  goesWith,
  judge,
  ladder,
  recommend,
  seenBy,
  whyBefore,
  withChanges,
  type Situation,
} from '../src/decide';
import { type LabelSheet } from '../src/label';
import { findSheet } from '../src/label/sheets';
import { at, past, situation, type Setup } from './situation';

const verdicts = (ids: string[], setup: Setup = {}) =>
  ids.map((id) => {
    const c = findControl(id);
    if (!c) throw new Error(id);
    return judge(c, situation(setup));
  });
const ties = (...ids: string[]) => conflictsAmong(verdicts(ids)).map((t) => t.kind);

describe('several controls in one plan', () => {
  test.each<[string, string, string, string]>([
    ['helpers and a broad insecticide', 'release-ladybirds', 'organophosphate-spray', 'conflict'],
    ['helpers under a cover', 'row-cover', 'release-ladybirds', 'conflict'],
    ['oil and sulfur', 'winter-oil', 'sulfur-spray', 'order'],
    ['soap, then helpers', 'soap-spray', 'release-ladybirds', 'order'],
    ['a jet and a spray', 'hose-jet', 'soap-spray', 'order'],
    ['two products in one tank', 'copper-spray', 'neem-spray', 'order'],
    ['ants away, then helpers', 'draw-off-ants', 'release-ladybirds', 'helps'],
    ['wash the bark, drench later', 'bark-wash', 'systemic-drench', 'helps'],
    ['pinch out, then soap', 'pinch-tips', 'soap-spray', 'helps'],
  ])('%s', (_what, a, b, kind) => {
    const setup: Setup = a === 'bark-wash' ? { host: 'crape-myrtle', trouble: 'bark-scale' } : {};
    const [x, y] = [conflictsAmong(verdicts([a, b], setup)), conflictsAmong(verdicts([b, a], setup))];
    expect(x.map((t) => t.kind)).toContain(kind);
    // whichever is named first
    expect(y.map((t) => t.kind)).toEqual(x.map((t) => t.kind));
  });
  test('what has nothing to do with each other is not tied', () => expect(ties('even-watering', 'resistant-kinds')).toEqual([]));
  test('what goes along never fights what is chosen', () => {
    const s = situation({ now: '2026-05-24T20:00:00Z' });
    const all = ladder(s);
    const ladybirds = all.find((v) => v.control.id === 'release-ladybirds');
    if (!ladybirds) throw new Error('ladybirds');
    const along = goesWith([ladybirds], all, s.now).map((v) => v.control.id);
    expect(along).toContain('draw-off-ants');
    expect(along).not.toContain('organophosphate-spray');
    expect(along).not.toContain('pyrethrin-spray');
  });
});

describe('what if', () => {
  const setup: Setup = { now: '2026-05-24T20:15:00Z', planting: { stage: 'flowering', pickFrom: '2026-05-28', pickUntil: '2026-06-20', about: ['covered'] } };
  test('every way out that a verdict names is offered once, and all of them together open more', () => {
    const s = situation(setup);
    const before = ladder(s);
    const changes = changesFor(before);
    expect(new Set(changes.map((c) => c.code)).size).toBe(changes.length);
    expect(changes.map((c) => c.code)).toEqual(expect.arrayContaining(['petals', 'covered']));
    const usable = (list: typeof before) => list.filter((v) => v.status === 'usable').length;
    expect(usable(ladder(withChanges(s, changes)))).toBeGreaterThan(usable(before));
  });
  test('picking later opens the malathion at once', () => {
    const s = situation({ now: '2026-05-24T20:15:00Z', planting: { pickFrom: '2026-05-28' } });
    const closed = ladder(s).find((v) => v.control.id === 'organophosphate-spray');
    const later = closed?.reasons.find((r) => r.code === 'picking-wait')?.orElse;
    expect(later?.label).toBe('Pick from Mon 1 Jun instead');
    const after = later && ladder(withChanges(s, [later])).find((v) => v.control.id === 'organophosphate-spray');
    expect(after?.status).toBe('usable');
  });
});

describe('schools', () => {
  const s = situation({ homeMade: 'allowed' });
  const shown = (school: Parameters<typeof seenBy>[0]) => {
    const { situation: seen, shows } = seenBy(school, s);
    return ladder(seen)
      .filter((v) => shows(v.control) && v.status !== 'never')
      .map((v) => v.control.id);
  };
  test('organic leaves malathion out, any labelled has it, traditional has the ash', () => {
    expect(shown('organic')).not.toContain('organophosphate-spray');
    expect(shown('any-labelled')).toContain('organophosphate-spray');
    expect(shown('any-labelled')).not.toContain('ash-dusting');
    expect(shown('traditional')).toContain('ash-dusting');
  });
  test('looking as another school never opens what the policy bars', () => {
    const byHand = situation({ policy: 'by-hand' });
    expect(ladder(seenBy('organic', byHand).situation).find((v) => v.control.id === 'soap-spray')?.status).toBe('never');
  });
});

describe('leaving it', () => {
  test('says what comes, from when on acting is worth it, and when to look again', () => {
    const course = courseIfLeft(situation(), 0.3, ['Ladybirds', 'Hoverflies']);
    expect(course.lookAgainOn).toBe('2026-05-27');
    expect(course.acting).toMatch(/30 in 100 tips affected/);
    const text = course.sentences.join(' ');
    expect(text).toMatch(/Left alone, from/);
    expect(text).toMatch(/Ladybirds, Hoverflies eat it/);
  });
  test('wet weather that suits it is said', () => {
    const wet = courseIfLeft(situation({ host: 'apple', trouble: 'apple-scab', weather: { rainMm: 1 } }), null, []);
    expect(wet.sentences.join(' ')).toContain('Wet days ahead suit it');
  });
  // Smith 1956: two days of eleven hours at 90 % and more let potato blight in, rain or none
  test('damp air lets in what needs wet leaves, without a drop of rain', () => {
    const blight = (humidityPct: number) =>
      courseIfLeft(situation({ host: 'potato', trouble: 'late-blight', weather: { humidityPct } }), null, []).sentences.join(' ');
    expect(blight(95)).toContain('Damp air and dew ahead suit it');
    expect(blight(90)).toContain('Damp air and dew ahead suit it');
    expect(blight(89)).toContain('Dry days ahead: it will hardly spread');
    const night = (hours: number) => {
      const s = situation({ host: 'potato', trouble: 'late-blight' });
      const conditions = s.conditions.map((c, i) => ({ ...c, humidityPct: i / 4 < hours ? 95 : 60, leafWet: false }));
      return courseIfLeft({ ...s, conditions }, null, []).sentences.join(' ');
    };
    expect([night(6), night(6.25), night(21.75), night(22)].map((t) => /hardly spread|go on slowly|suit it/.exec(t)?.[0])).toEqual([
      'hardly spread',
      'go on slowly',
      'go on slowly',
      'suit it',
    ]);
  });
});

describe('why this before that', () => {
  test('is said for every neighbour on the ladder', () => {
    const all = ladder(situation({ host: 'tomato', trouble: 'glasshouse-whitefly' }));
    for (let i = 1; i < all.length; i++) {
      const [a, b] = [all[i - 1], all[i]];
      if (a && b) expect(whyBefore(a, b, RUNG_NAMES)).toMatch(a.control.rung === b.control.rung ? /^Same rung/ : /^A lower rung/);
    }
  });
});

describe('the grower’s own sheet', () => {
  const specimen = findSheet('potassium-soap') as LabelSheet;
  const mine: LabelSheet = { ...specimen, id: 'own-1', specimen: false, basedOn: specimen.id, name: 'My soap', maxTempC: 10 };
  test('stands in for the specimen, with its own limits', () => {
    const s = situation({ now: '2026-05-24T20:15:00Z', sheets: [mine] });
    const soap = ladder(s).filter((v) => v.control.id === 'soap-spray');
    expect(soap.map((v) => v.key)).toEqual(['soap-spray~own-1']);
    expect(soap[0]?.reasons.map((r) => r.code)).toContain('hour-heat');
  });
  test('a treatment with the specimen counts for its interval', () => {
    const records = [past('potassium-soap', '2026-05-24T12:00:00Z')];
    const soap = ladder(situation({ now: '2026-05-24T20:15:00Z', sheets: [{ ...mine, maxTempC: 32 }], records })).find((v) => v.control.id === 'soap-spray');
    expect(soap?.reasons.map((r) => r.code)).toContain('interval');
  });
});

test('a curled tip turns the advice away from what only touches', () => {
  const s = situation({ now: '2026-05-24T20:15:00Z', seenSigns: ['curled-tips'] });
  const advice = recommend(ladder(s), s, 0.5);
  expect(advice?.verdict.reasons.some((r) => r.code === 'curled') && advice.verdict.effect * 0.5 < 0.4).toBe(false);
});

describe('where nothing is advised, it is said why', () => {
  const why = (host: string, trouble: string, stageSeen: string) => {
    const s = situation({ host, trouble, stageSeen });
    return recommend(ladder(s), s, 0.6);
  };
  // common practice: a pupa in its cell and an egg in its bud are past anything; the stage that can be reached is named
  test.each([
    ['cabbage', 'cabbage-white', 'Pupa', /^Nothing reaches the stage that is about now: watch it\. Small caterpillars/],
    ['apple', 'codling-moth', 'Egg', /^Nothing reaches the stage that is about now: watch it\. The hours between egg and fruit/],
    ['cherry', 'cherry-fruit-fly', 'Pupa', /^Nothing reaches the stage that is about now: watch it\. As fruit turns yellow/],
  ])('%s, %s, %s', (host, trouble, stage, words) => {
    const advice = why(host, trouble, stage);
    expect(advice?.why).toMatch(words);
    expect(advice?.verdict?.control.rung).toBe(0);
  });
  test('a stage that is reached is acted on', () => expect(why('cabbage', 'cabbage-white', 'Caterpillar')?.verdict?.control.rung).toBeGreaterThan(0));
});

describe('what closes a control at another moment', () => {
  const soap = findControl('soap-spray') as Control;
  const codes = (s: Situation, when: string) => closedAt(soap, s, findSheet('potassium-soap') ?? null, at(when)).map((r) => r.code);
  test('a lasting reason and one that goes by the day are both said, each once', () => {
    const picked = { pickFrom: '2026-05-24', pickUntil: '2026-08-01' };
    const s = situation({ planting: picked, records: [past('potassium-soap', '2026-05-24T06:00:00Z')], plans: [] });
    const said = codes(s, '2026-05-24T20:00:00Z');
    expect(said).toContain('interval');
    expect(new Set(said).size).toBe(said.length);
    // a label for indoors alone, out of doors: no day takes that away
    const inside = { ...(findSheet('potassium-soap') as LabelSheet), outdoors: false };
    const both = closedAt(soap, s, inside, at('2026-05-24T20:00:00Z')).map((r) => r.code);
    expect(both).toEqual(expect.arrayContaining(['site', 'interval']));
    expect(new Set(both).size).toBe(both.length);
  });
});
