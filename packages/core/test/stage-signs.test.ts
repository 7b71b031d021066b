import fc from 'fast-check';
import { findSign, findTrouble, TROUBLES } from '../src/catalogue';
import { STAGE_SIGNS, stagesOfSigns } from '../src/diagnose/stage-of-signs';
import { verdictOn } from './situation';

const told = (trouble: string, ...signs: string[]) => {
  const t = findTrouble(trouble);
  if (!t) throw new Error(trouble);
  return stagesOfSigns(t, signs).map((l) => l.stage);
};

describe('the stage that was seen', () => {
  // common practice: eggs in rafts, humped grubs and striped beetles are told at a glance
  test.each<[string, string[], string[]]>([
    ['colorado-beetle', ['red-hump-grubs'], ['Grub']],
    ['colorado-beetle', ['egg-rafts', 'big-striped-beetle'], ['Egg', 'Beetle']],
    ['cabbage-white', ['caterpillar'], ['Young']],
    ['cabbage-white', ['white-butterflies'], ['Butterfly']],
    ['hornworm', ['horned-caterpillar'], ['Grown']],
    ['codling-moth', ['fruit-caterpillar'], ['In fruit']],
    ['corn-earworm', ['fruit-caterpillar'], ['Grown']],
    ['fungus-gnat', ['soil-maggots', 'gnats'], ['Egg and larva', 'Adult']],
    ['vine-weevil', ['c-grubs'], ['Grub']],
    ['squash-bug', ['bronze-eggs'], ['Egg']],
    // what tells of no creature, or of another one, tells nothing
    ['colorado-beetle', ['edge-eaten', 'slime'], []],
    ['black-bean-aphid', ['red-hump-grubs'], []],
  ])('%s: %j tells %j', (trouble, signs, stages) => expect(told(trouble, ...signs)).toEqual(stages));

  test('every such sign is a sign, tells of some pest, and never of one at rest for the winter', () => {
    for (const id of STAGE_SIGNS) {
      expect({ id, known: findSign(id)?.id }).toEqual({ id, known: id });
      const tells = TROUBLES.flatMap((t) => stagesOfSigns(t, [id]));
      expect({ id, tells: tells.length > 0 }).toEqual({ id, tells: true });
      for (const l of tells) expect(l.stage).not.toMatch(/winter|pupa|cocoon/i);
    }
  });

  test('more seen never takes a stage away', () => {
    fc.assert(
      fc.property(fc.constantFrom(...TROUBLES), fc.subarray([...STAGE_SIGNS]), fc.constantFrom(...STAGE_SIGNS), (t, signs, more) => {
        const before = stagesOfSigns(t, signs);
        expect(stagesOfSigns(t, [...signs, more])).toEqual(expect.arrayContaining(before));
      }),
    );
  });
});

describe('what was seen decides before the month does', () => {
  const stageReason = (control: string, month: string, seenSigns: string[], stageSeen?: string) =>
    verdictOn(control, {
      host: 'potato',
      trouble: 'colorado-beetle',
      now: `2026-${month}-15T19:30:00Z`,
      // as warm as that month is: a warm May would bring what June brings
      weather: { temperatureC: month === '05' ? 11 : 15 },
      seenSigns,
      ...(stageSeen ? { stageSeen } : {}),
    }).reasons.find((r) => r.code === 'pest-stage');
  test('grubs in May are grubs, whatever May usually brings', () => {
    expect(stageReason('pyrethrin-dust', '05', [])).toMatchObject({ weight: 'not-now', sentence: expect.stringMatching(/which is what the month brings/) });
    expect(stageReason('pyrethrin-dust', '05', ['red-hump-grubs'])).toBeUndefined();
    expect(stageReason('pyrethrin-dust', '05', ['red-hump-grubs', 'big-striped-beetle'])).toBeUndefined();
  });
  // common practice: adults and young are there together for most of the year of most pests
  test('beetles in July have their grubs beside them; in May they are beetles, and no date is promised', () => {
    expect(stageReason('pyrethrin-dust', '07', [])).toBeUndefined();
    expect(stageReason('pyrethrin-dust', '07', ['big-striped-beetle'])).toBeUndefined();
    const out = stageReason('pyrethrin-dust', '05', ['big-striped-beetle']);
    expect(out).toMatchObject({ weight: 'not-now', sentence: 'It reaches grub, not beetle.', opens: { kind: 'event' } });
    expect(out?.inputs[0]?.name).toBe('Stage, as seen');
  });
  test('eggs seen leave open what the month brings beside them: they hatch within days', () => {
    expect(stageReason('pyrethrin-dust', '07', ['egg-rafts'])).toBeUndefined();
    expect(stageReason('pyrethrin-dust', '05', ['egg-rafts'])).toMatchObject({ weight: 'not-now' });
    expect(stageReason('pyrethrin-dust', '07', ['egg-rafts', 'big-striped-beetle'])).toBeUndefined();
  });
  test('what the grower names goes before the signs', () => {
    expect(stageReason('pyrethrin-dust', '05', ['big-striped-beetle'], 'Grub')).toBeUndefined();
    expect(stageReason('pyrethrin-dust', '07', ['red-hump-grubs'], 'Egg')).toMatchObject({ weight: 'not-now' });
  });
});
