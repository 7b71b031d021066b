import fc from 'fast-check';
import { findHost, FRIENDS, HOSTS, PARTS, SIGNS, TROUBLES } from '../src/catalogue';
import { usualness } from '../src/scout';
import { causesOf, heeded, meanwhile, nextLook, rankSuspects, settle, type Answer, type Finding, type KeyContext } from '../src/diagnose';
import { drawn, runs } from './runs';

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

  test('whatever is answered on whatever plant, nothing crashes, and nothing seen is never settled', () => {
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
        expect(next === null || !heeded(answers).some((a) => a.signId === next.sign.id)).toBe(true);
        if (!heeded(answers).some((a) => a.seen)) expect(finding.state).not.toBe('settled');
      }),
      { numRuns: 60 },
    );
  });

  test.each(drawn(HOSTS, 50).map((h) => [h.id, h] as const))('all seen, or all "no", is never a confident name: %s', (_id, host) => {
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
    const finding = found(context, answers);
    expect(finding.state).toBe('two');
    expect(named(finding)).toEqual(['black-bean-aphid', 'rust']);
    if (finding.state === 'two') expect(finding.why).toMatch(/Two at once/);
  });

  test('one trouble that explains all is not split', () => {
    expect(found(on('broad-bean'), see('dark-crowd', 'ants', 'sticky'))).toMatchObject({ state: 'settled', leader: { id: 'black-bean-aphid' } });
    expect(named(found(on('broad-bean'), see('dark-crowd')))).toEqual(['black-bean-aphid']);
  });

  // everyday pairs, from memory
  test.each<[string, string[], [string, string]]>([
    ['tomato', ['flies-up', 'still-ovals', 'down-under', 'greasy-blotches'], ['glasshouse-whitefly', 'late-blight']],
    ['apple', ['olive-spots', 'fruit-scabs', 'fruit-tunnel', 'fruit-hole'], ['apple-scab', 'codling-moth']],
    ['potato', ['big-striped-beetle', 'red-hump-grubs', 'greasy-blotches', 'tuber-brown-rot'], ['colorado-beetle', 'late-blight']],
    ['rose', ['fringed-black-spots', 'leaves-drop', 'green-crowd', 'sticky'], ['black-spot', 'greenfly']],
    ['courgette', ['powder', 'squash-bug', 'bronze-eggs', 'flat-bugs'], ['powdery-mildew', 'squash-bug']],
    ['cabbage', ['white-butterflies', 'caterpillar', 'grey-mealy-crowd', 'curled-tips'], ['cabbage-white', 'cabbage-aphid']],
  ])('%s: %j is two, and both are named', (host, signs, both) => {
    expect(named(found(on(host), see(...signs)))).toEqual([...both].sort());
  });

  test('what the leader does not explain is never passed over in silence', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...HOSTS.filter((h) => !h.stands)),
        fc.uniqueArray(fc.constantFrom(...SIGNS.map((s) => s.id)), { minLength: 1, maxLength: 5 }),
        fc.uniqueArray(fc.constantFrom(...SIGNS.map((s) => s.id)), { maxLength: 6 }),
        (host, seen, asked) => {
          const answers: Answer[] = [...see(...seen), ...asked.filter((id) => !seen.includes(id)).map((signId) => ({ signId, seen: false, asked: true }))];
          const finding = found({ host, month: 7, recent: [] }, answers);
          if (finding.state !== 'settled') return;
          const entry = [...TROUBLES, ...FRIENDS].find((e) => e.id === finding.leader.id);
          const strange = seen.filter((id) => (entry?.signs[id] ?? 'never') === 'never');
          expect(finding.besides.map((s) => s.id).sort()).toEqual(strange.sort());
        },
      ),
      { numRuns: runs(600) },
    );
  });

  test.each([
    ['tomato', ['greasy-blotches', 'down-under'], 'purple-tint', 'late-blight'],
    ['tomato', ['greasy-blotches', 'down-under'], 'stunted', 'late-blight'],
    ['rose', ['fringed-black-spots', 'leaves-drop'], 'wilt-wet-soil', 'black-spot'],
  ])('%s: a second that stays open is asked about, three times at most, and is then something else besides: %s and %s', (id, told, strange, leader) => {
    const context = on(id);
    let answers = see(...told, strange);
    let f = found(context, answers);
    expect(f.state).toBe('not-settled');
    for (let n = 0; n < 3 && f.state === 'not-settled'; n++) {
      const look = nextLook(context, answers);
      expect(look).not.toBeNull();
      answers = [...answers, { signId: look?.sign.id ?? '', seen: false, asked: true }];
      f = found(context, answers);
    }
    expect(f).toMatchObject({ state: 'settled', leader: { id: leader } });
    if (f.state === 'settled') expect(f.besides.map((s) => s.id)).toEqual([strange]);
  });
});

describe('settled enough', () => {
  test('one generic sign settles nothing, on no plant', () => {
    const plain = SIGNS.filter((s) => s.plain);
    expect(plain.length).toBeGreaterThan(30);
    for (const host of drawn(HOSTS, 20))
      for (const sign of plain.filter((s) => s.parts.some((p) => host.parts.includes(p))))
        expect([host.id, sign.id, found({ host, month: 7, recent: [] }, see(sign.id)).state]).toEqual([host.id, sign.id, 'not-settled']);
  });

  test('one that nothing else shows does, with one more look', () => {
    const sydney = { ...on('citrus'), where: { latitude: -33, longitude: 151, country: 'AU' } };
    expect(found(sydney, see('twig-lumps'))).toMatchObject({ state: 'not-settled', leader: { id: 'citrus-gall-wasp' } });
    expect(found(sydney, see('twig-lumps', 'exit-holes'))).toMatchObject({ state: 'settled', leader: { id: 'citrus-gall-wasp' } });
  });

  test('two of which one is treated as the other are settled as either', () => {
    const finding = found(on('broad-bean'), see('dark-crowd', 'ants', 'sticky'));
    expect(finding).toMatchObject({ state: 'settled', leader: { id: 'black-bean-aphid' }, alike: { id: 'cowpea-aphid' } });
    // two friends are left alone, whichever of them it is
    const june: KeyContext = { ...on('broad-bean'), month: 6 };
    let answers: Answer[] = see('spiky-larva');
    for (let look = nextLook(june, answers); look && found(june, answers).state !== 'settled'; look = nextLook(june, answers))
      answers = [...answers, { signId: look.sign.id, seen: false, asked: true }];
    expect(found(june, answers)).toMatchObject({ state: 'settled', leader: { id: 'ladybird-larva', kind: 'helper' } });
    expect(answers.length).toBeLessThan(9);
    // what must be reported is never lumped with what need not
    for (const t of TROUBLES.filter((x) => x.report)) {
      const host = HOSTS.find((h) => !h.stands && h.id in t.hosts);
      if (!host) continue;
      const signs = Object.entries(t.signs).flatMap(([id, how]) => (how === 'always' || how === 'often' ? [id] : []));
      const f = found({ host, month: t.months[0] ?? 6, recent: [] }, see(...signs));
      if (f.state === 'settled') expect(f.alike?.notifiable ?? false).toBe(false);
    }
  });

  test('what must be reported and would explain what was seen stands beside any name', () => {
    // leaves that wilt and scorch on a pear with canker: fire blight is not passed over
    const f = found(on('pear'), see('sunken-bark', 'dieback', 'blossom-brown'));
    expect(f.state).not.toBe('no-signs');
    if (f.state !== 'no-signs') expect([f.leader.id, ...f.report.map((s) => s.id)]).toContain('fire-blight');
  });

  test('two signs of what must be reported keep it in view, however well something else explains all of them', () => {
    // browned blossom and dieback after a frost: fire blight does that, too
    const f = found(on('pear'), see('scorched-patches', 'fruit-drop', 'blossom-brown', 'dieback'));
    expect(f).toMatchObject({ leader: { id: 'frost-damage' } });
    if (f.state !== 'no-signs') expect(f.report.map((s) => s.id)).toContain('fire-blight');
    // what it shows nowhere does not bring it up
    const plain = found(on('pear'), see('scorched-patches', 'fruit-drop'));
    if (plain.state !== 'no-signs') expect(plain.report.map((s) => s.id)).not.toContain('fire-blight');
  });

  test('nor is it passed over when one plain sign is all that tells of it', () => {
    // a fig in a late frost, its fruit on the ground: that may be the fruit fly, as little as it looks like it
    const f = found(on('fig'), see('fruit-drop', 'purple-tint', 'blossom-brown', 'frost-black'));
    expect(f).toMatchObject({ leader: { id: 'frost-damage' } });
    if (f.state !== 'no-signs') expect(f.report.map((s) => s.id)).toContain('fruit-fly');
  });

  test('whatever else is there too, what must be reported is named or beside it when one of its signs was seen', () => {
    let beside = 0;
    for (const t of TROUBLES.filter((x) => x.report)) {
      const host = HOSTS.find((h) => !h.stands && usualness(t, on(h.id)) > 0.3);
      if (!host) continue;
      // signs of its own: what a plain one such as "a coat on the leaf" stands for is told by anything
      const can = new Set(SIGNS.filter((s) => s.covers.length === 0 && s.parts.some((p) => host.parts.includes(p))).map((s) => s.id));
      const usual = (x: (typeof TROUBLES)[number]) =>
        Object.entries(x.signs).flatMap(([id, how]) => (can.has(id) && (how === 'always' || how === 'often') ? [id] : []));
      const others = TROUBLES.filter((x) => x !== t && usualness(x, on(host.id)) >= 0.5 && usual(x).length >= 2).slice(0, 12);
      for (const other of others) {
        for (const mine of usual(t).slice(0, 3)) {
          const f = found(on(host.id), see(...new Set([mine, ...usual(other).slice(0, 3)])));
          const notifiable = rankSuspects(on(host.id), see(mine)).find((s) => s.id === t.id)?.notifiable;
          if (f.state === 'no-signs' || !notifiable) continue;
          const named = [f.leader.id, ...(f.state === 'two' ? [f.second.id] : [])];
          if (!named.includes(t.id)) beside++;
          expect([t.id, mine, other.id, ...named, ...f.report.map((s) => s.id)].filter((id) => id === t.id).length).toBeGreaterThan(1);
        }
      }
    }
    expect(beside).toBeGreaterThan(50);
  });

  test('a refused name is out of it, and the next one leads', () => {
    const context = on('broad-bean');
    const answers = see('dark-crowd', 'ants', 'sticky');
    const refused: KeyContext = { ...context, refused: ['black-bean-aphid'] };
    expect(rankSuspects(refused, answers).map((s) => s.id)).not.toContain('black-bean-aphid');
    expect(rankSuspects(refused, answers)[0]?.id).toBe('cowpea-aphid');
  });

  test('a duty to report is not refused away: whatever must be reported stays beside every other name', () => {
    let tried = 0;
    for (const t of TROUBLES.filter((x) => x.report !== null || x.species?.some((k) => k.report))) {
      const usual = Object.entries(t.signs)
        .filter(([, often]) => often === 'always' || often === 'often')
        .map(([id]) => id);
      // on a plant of the list, and on one that stands for those that are not
      const hosts = [false, true].flatMap((stands) => HOSTS.find((h) => (h.stands !== undefined) === stands && usualness(t, on(h.id)) > 0) ?? []);
      for (const host of hosts) {
        const answers = see(...usual.filter((id) => SIGNS.some((s) => s.id === id && s.parts.some((p) => host.parts.includes(p)))));
        const open = rankSuspects(on(host.id), answers).find((s) => s.id === t.id);
        if (!open?.notifiable || open.probability < 0.02) continue;
        tried++;
        const f = found({ ...on(host.id), refused: [t.id] }, answers);
        expect(f.state).not.toBe('no-signs');
        if (f.state === 'no-signs') continue;
        expect(f.leader.id).not.toBe(t.id);
        expect(f.report.map((s) => s.id)).toContain(t.id);
      }
    }
    expect(tried).toBeGreaterThan(15);
  });

  test('what was here within the year is likelier here again', () => {
    const of = (context: KeyContext) => rankSuspects(context, see('brown-leaf-spots')).find((s) => s.id === 'septoria')?.probability ?? 0;
    expect(of({ ...on('tomato'), before: ['septoria'] })).toBeGreaterThan(1.3 * of(on('tomato')));
  });
});

const named = (f: Finding) => (f.state === 'two' ? [f.leader.id, f.second.id].sort() : f.state === 'no-signs' ? [] : [f.leader.id]);

describe('questions that fit the plant and come to an end', () => {
  test('nobody is asked for fruit or flowers that the plant has not got yet', () => {
    for (const host of ['apple', 'tomato', 'pear', 'strawberry']) {
      const context: KeyContext = { ...on(host), stage: 'growing' };
      let answers: Answer[] = see('brown-leaf-spots');
      for (let look = nextLook(context, answers); look; look = nextLook(context, answers)) {
        expect(look.sign.parts.some((p) => p !== 'fruit' && p !== 'flower')).toBe(true);
        answers = [...answers, { signId: look.sign.id, seen: false, asked: true }];
      }
    }
  });

  test('after eight "no" and "can\'t tell" in a row nothing more is asked; a "yes" opens it again', () => {
    const context = on('tomato');
    let answers: Answer[] = see('brown-leaf-spots');
    let asked = 0;
    for (let look = nextLook(context, answers); look; look = nextLook(context, answers)) {
      answers = [...answers, { signId: look.sign.id, seen: false, asked: true }];
      asked++;
    }
    expect(asked).toBeLessThanOrEqual(8);
    expect(nextLook(context, see('brown-leaf-spots'), Array(8).fill('x'))).toBeNull();
    expect(nextLook(context, see('brown-leaf-spots'), Array(7).fill('x'))).not.toBeNull();
    expect(nextLook(context, [...answers, { signId: 'target-rings', seen: true, asked: true }, { signId: 'sticky', seen: false, asked: true }])).not.toBeNull();
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
