import fc from 'fast-check';
import { findHost, HOSTS, PARTS, SIGNS } from '../src/catalogue';
import { causesOf, heeded, meanwhile, nextLook, rankSuspects, settle, splitEvidence, type Answer, type KeyContext } from '../src/diagnose';

const on = (id: string): KeyContext => {
  const host = findHost(id);
  if (!host) throw new Error(id);
  return { host, month: 7, recent: [] };
};
const see = (...ids: string[]): Answer[] => ids.map((signId) => ({ signId, seen: true }));
const not = (...ids: string[]): Answer[] => ids.map((signId) => ({ signId, seen: false }));
const found = (context: KeyContext, answers: Answer[]) => settle(context, rankSuspects(context, answers), answers);

describe('answers that can not be', () => {
  test('webbing on the root says nothing', () => {
    const absurd: Answer[] = [{ signId: 'webbing', seen: true, part: 'root' }];
    expect(heeded(absurd)).toEqual([]);
    expect(rankSuspects(on('tomato'), absurd)).toEqual(rankSuspects(on('tomato'), []));
    expect(found(on('tomato'), absurd).state).toBe('no-signs');
  });

  test('the last answer to a question counts', () => {
    const twice: Answer[] = [...see('powder'), ...not('powder')];
    expect(heeded(twice)).toEqual(not('powder'));
  });

  test('whatever is answered on whatever plant, nothing crashes and chances add to one', () => {
    const answer = fc.record({
      signId: fc.constantFrom(...SIGNS.map((s) => s.id), 'no-such-sign'),
      seen: fc.boolean(),
      part: fc.option(fc.constantFrom(...PARTS), { nil: undefined }),
      asked: fc.boolean(),
    });
    fc.assert(
      fc.property(fc.constantFrom(...HOSTS), fc.integer({ min: 1, max: 12 }), fc.array(answer, { maxLength: 30 }), (host, month, answers) => {
        const context: KeyContext = { host, month, recent: ['wet'] };
        const suspects = rankSuspects(context, answers);
        const finding = settle(context, suspects, answers);
        const next = nextLook(context, answers);
        expect(suspects.reduce((s, x) => s + x.probability, 0)).toBeCloseTo(1, 9);
        expect(next === null || !heeded(answers).some((a) => a.signId === next.sign.id)).toBe(true);
        if (!heeded(answers).some((a) => a.seen)) expect(finding.state).not.toBe('settled');
      }),
      { numRuns: 60 },
    );
  });

  test.each(HOSTS.map((h) => [h.id, h] as const))('all seen, or all "no", is never a confident name: %s', (_id, host) => {
    const context: KeyContext = { host, month: 6, recent: [] };
    expect(found(context, see(...SIGNS.map((s) => s.id))).state).toBe('not-settled');
    expect(found(context, not(...SIGNS.map((s) => s.id))).state).toBe('not-settled');
  });
});

describe('not settled', () => {
  test('says what is safe meanwhile: rungs 0 to 2 that all likely suspects share, leaving first', () => {
    const context = on('courgette');
    const suspects = rankSuspects(context, see('one-runner-wilts'));
    const { safe } = meanwhile(suspects, 'stem');
    expect(safe[0]?.id).toBe('leave-it');
    expect(safe.every((c) => c.rung <= 2)).toBe(true);
  });

  test('tells how to take a sample from the part it shows on', () => {
    const suspects = rankSuspects(on('carrot'), see('stunted'));
    expect(meanwhile(suspects, 'root').sample.what).toMatch(/roots and a handful of their soil/);
    expect(meanwhile(suspects, 'leaf-top').sample.howFresh).toMatch(/never in plastic/);
    expect(meanwhile(suspects, null).sample.whereTo).toMatch(/extension or plant-health office/);
  });

  test('what may have to be reported is not carried about', () => {
    const suspects = rankSuspects(on('pear'), see('shepherds-crook', 'ooze-drops'));
    expect(suspects[0]).toMatchObject({ id: 'fire-blight', notifiable: true });
    expect(meanwhile(suspects, 'tip').sample.whereTo).toMatch(/ring your plant-health office before/);
  });
});

describe('several at once', () => {
  test('soot names the sap-suckers it comes from, the likelier first, and what to look for', () => {
    const context = on('citrus');
    const causes = causesOf(context, see('soot', 'sticky', 'bumps-flat'), 'sooty-mould');
    expect(causes[0]).toMatchObject({ id: 'soft-scale' });
    expect(causes[0]?.sign?.question).toMatch(/\?$/);
    expect(causesOf(context, see('webbing'), 'spider-mite')).toEqual([]);
  });

  test('evidence left over proposes a second trouble', () => {
    const context = on('broad-bean');
    const answers = see('dark-crowd', 'ants', 'pustules', 'yellow-spots-above');
    const pair = splitEvidence(context, answers);
    expect(new Set([pair?.first.id, pair?.second.id])).toEqual(new Set(['black-bean-aphid', 'rust']));
    const finding = found(context, answers);
    expect(finding.state).toBe('two');
    if (finding.state === 'two') expect(finding.why).toMatch(/Two at once/);
  });

  test('one trouble that explains all is not split', () => {
    expect(found(on('broad-bean'), see('dark-crowd', 'ants', 'sticky'))).toMatchObject({ state: 'settled', leader: { id: 'black-bean-aphid' } });
    expect(splitEvidence(on('broad-bean'), see('dark-crowd'))).toBeNull();
  });
});

describe('the next look', () => {
  test('what could not be told is not asked again', () => {
    const context = on('tomato');
    const first = nextLook(context, see('stipple'));
    expect(first).not.toBeNull();
    expect(nextLook(context, see('stipple'), [first?.sign.id ?? ''])?.sign.id).not.toBe(first?.sign.id);
  });

  test('says what it takes, and prefers a glance to a spade', () => {
    const next = nextLook(on('carrot'), see('stunted'));
    expect(next?.takes).not.toBe('');
    expect(next?.gain).toBeGreaterThan(0);
  });
});
