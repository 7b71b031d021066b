import {
  blackRotWetHours,
  blackSpotWetHours,
  blightPeriod,
  blossomBlight,
  dampHours,
  grapeDayOf,
  grapeMildewIndex,
  lateBlightSeverity,
  leafCurlWetHours,
  potatoDays,
  scabSpells,
  scabSpotsAfter,
  scabWetHours,
  sulfurDays,
  threeTens,
  tomatoBlightOf,
  tomatoBlightSeverity,
  wetSpells,
  type HourlyWeather,
} from '../src/weather';

const LONDON = { latitude: 51.5, longitude: 0, zone: 'Europe/London' };
const hour = (i: number, h: Partial<HourlyWeather> = {}): HourlyWeather => ({
  at: new Date(Date.parse('2026-05-01T00:00:00Z') + i * 3_600_000).toISOString(),
  temperatureC: 12,
  humidityPct: 60,
  windMs: 2,
  rainMm: 0,
  cloud: 0.5,
  ...h,
});
const hours = (n: number, of: (i: number) => Partial<HourlyWeather> = () => ({})) => Array.from({ length: n }, (_, i) => hour(i, of(i)));
const between = (i: number, from: number, to: number) => i >= from && i < to;

describe('apple scab (Mills 1944, MacHardy & Gadoury 1989; below 8 °C Stensvand, Gadoury & Seem 1997)', () => {
  test.each([
    [1, 41],
    [2, 35],
    [3, 30],
    [4, 28],
    [5, 21],
    [6, 18],
    [7, 15],
    [8, 13],
    [9, 12],
    [10, 11],
    [11, 9],
    [12, 8],
    [13, 8],
    [14, 7],
    [15, 7],
    [16, 6],
    [17, 6],
    [18, 6],
    [19, 6],
    [20, 6],
    [21, 6],
    [22, 6],
    [23, 6],
    [24, 6],
    [25, 8],
    [26, 11],
  ])('%i °C: %i h', (c, h) => expect(scabWetHours(c)).toBe(h));

  test('beyond the table nothing is said', () => {
    expect([scabWetHours(0.4), scabWetHours(26.5), scabWetHours(0.5), scabWetHours(26.4)]).toEqual([null, null, 41, 11]);
  });

  test('rain by day lets it in after so many hours; an hour less does not', () => {
    // rain of n hours drips for two more
    const rain = (n: number) =>
      scabSpells(
        hours(48, (i) => ({ rainMm: between(i, 10, 10 + n) ? 1 : 0 })),
        LONDON,
      );
    expect(rain(6)[0]).toMatchObject({ wetHours: 8, needs: 8, infectedAt: Date.parse('2026-05-01T18:00:00Z') });
    expect(rain(5)[0]).toMatchObject({ wetHours: 7, needs: 8, infectedAt: null });
  });

  test('rain that begins in the dark counts from sunrise', () => {
    // sunrise in London on 1 May is at 04:34 UTC: the hour from 4 has its middle before it, so five is the first
    const [spell] = scabSpells(
      hours(48, (i) => ({ rainMm: between(i, 0, 12) ? 1 : 0 })),
      LONDON,
    );
    expect(spell).toMatchObject({ from: Date.parse('2026-05-01T00:00:00Z'), wetHours: 9, infectedAt: Date.parse('2026-05-01T13:00:00Z') });
  });

  test('dew alone sets no spores free, and wet spells less than a day apart are added', () => {
    expect(
      scabSpells(
        hours(48, (i) => ({ humidityPct: between(i, 0, 30) ? 98 : 60 })),
        LONDON,
      ),
    ).toEqual([]);
    const twice = (gap: number) =>
      scabSpells(
        hours(96, (i) => ({ rainMm: between(i, 8, 10) || between(i, 12 + gap, 16 + gap) ? 1 : 0 })),
        LONDON,
      );
    expect(twice(20)).toHaveLength(1);
    expect(twice(20)[0]?.infectedAt).not.toBeNull();
    expect(twice(24).map((s) => s.infectedAt)).toEqual([null, null]);
  });

  test('with dew each night it does not go on for ever: once it is in, the next rain is another', () => {
    const nights = hours(24 * 6, (i) => ({ humidityPct: i % 24 < 7 ? 95 : 60, rainMm: between(i, 58, 66) || between(i, 106, 114) ? 1 : 0 }));
    const spells = scabSpells(nights, LONDON);
    expect(spells.map((s) => [new Date(s.from).toISOString().slice(5, 13), s.infectedAt !== null, s.wetHours])).toEqual([
      ['05-03T10', true, 10],
      ['05-05T10', true, 10],
    ]);
  });

  test('an hour that nobody told of ends a spell', () => {
    const all = hours(48, (i) => ({ rainMm: between(i, 10, 21) ? 1 : 0 }));
    expect(
      scabSpells(
        all.filter((_, i) => i !== 14),
        LONDON,
      ).map((s) => s.infectedAt),
    ).toEqual([null, Date.parse('2026-05-01T23:00:00Z')]);
  });

  test.each([
    [24, 9],
    [17, 9],
    [13, 13],
    [9, 17],
    [4, 17],
  ])('spots at %i °C after %i days (Mills)', (c, days) => expect(scabSpotsAfter(c)).toBe(days));
});

describe('leaf blights of tomatoes (TOMCAST: Pitblado 1992, after Madden, Pennypacker & MacNab 1978)', () => {
  const rows: [from: number, to: number, bounds: number[]][] = [
    [13, 17, [0, 7, 16, 21]],
    [18, 20, [0, 4, 9, 16, 23]],
    [21, 25, [0, 3, 6, 13, 21]],
    [26, 29, [0, 4, 9, 16, 23]],
  ];
  test.each(rows)('%i to %i °C', (from, to, bounds) => {
    for (let c = from; c <= to; c++)
      bounds.forEach((least, severity) => {
        expect([c, least, tomatoBlightSeverity(least, c)]).toEqual([c, least, severity]);
        const most = (bounds[severity + 1] ?? 25) - 1;
        expect([c, most, tomatoBlightSeverity(most, c)]).toEqual([c, most, severity]);
      });
  });
  test('colder and hotter days count nothing', () => {
    expect([tomatoBlightSeverity(24, 12), tomatoBlightSeverity(24, 30), tomatoBlightSeverity(24, 12.5)]).toEqual([0, 0, 3]);
  });
  test('a day by its hours: the warmth is that of the wet ones', () => {
    const day = hours(24, (i) => (i < 10 ? { humidityPct: 95, temperatureC: 19 } : { temperatureC: 30 }));
    expect(tomatoBlightOf(day)).toBe(2);
    expect(tomatoBlightOf(hours(24))).toBe(0);
  });
});

describe('late blight', () => {
  const day = (damp: number, c = 12) => hours(24, (i) => ({ humidityPct: i < damp ? 90 : 89, temperatureC: c }));
  // Smith 1956: 11 hours on each of two days never below 10 °C; Hutton 2017: 6 hours
  test.each([
    [11, 11, 10, 'smith'],
    [10, 11, 10, 'hutton'],
    [6, 6, 10, 'hutton'],
    [5, 24, 10, null],
    [24, 24, 9.9, null],
  ])('%i and %i damp hours at %d °C: %s', (a, b, c, is) => expect(blightPeriod(day(a, c), day(b, c))).toBe(is));
  test('a day of which hours are missing is none', () => {
    expect(blightPeriod(day(12).slice(0, 21), day(12))).toBeNull();
    expect(blightPeriod(day(12).slice(0, 22), day(12))).toBe('smith');
    expect(dampHours(day(7))).toBe(7);
  });
  // Wallin 1962 (BLITECAST): most hours of each severity
  test.each([
    [7.2, 11.6, [15, 18, 21, 24]],
    [11.7, 15.0, [12, 15, 18, 21]],
    [15.1, 26.6, [9, 12, 15, 18]],
  ] as [number, number, number[]][])('severity at %d to %d °C', (from, to, most) => {
    for (const c of [from, to])
      most.forEach((h, severity) => {
        expect([c, h, lateBlightSeverity(h, c)]).toEqual([c, h, severity]);
        expect([c, h + 1, lateBlightSeverity(h + 1, c)]).toEqual([c, h + 1, severity + 1]);
      });
  });
  test('below 7.2 and above 26.6 °C nothing counts', () => expect([lateBlightSeverity(30, 7.1), lateBlightSeverity(30, 26.7)]).toEqual([0, 0]));
});

describe('potato days (Sands 1979; Pscheidt & Stevenson 1986)', () => {
  test('nothing at 7 °C and at 30 °C, ten at 21 °C', () => {
    expect([potatoDays(7, 7), potatoDays(3, 7), potatoDays(30, 30), potatoDays(21, 21)]).toEqual([0, 0, 0, 10]);
  });
  test('by hand: 10 to 22 °C', () => {
    const p = (c: number) => (c <= 21 ? 10 * (1 - (c - 21) ** 2 / 196) : 10 * (1 - (c - 21) ** 2 / 81));
    expect(potatoDays(10, 22)).toBeCloseTo((5 * p(10) + 8 * p(14) + 8 * p(18) + 3 * p(22)) / 24, 9);
  });
  test('never above ten, never below nothing', () => {
    for (let least = -10; least <= 35; least += 2.5)
      for (let most = least; most <= 45; most += 2.5) {
        const d = potatoDays(least, most);
        expect(d >= 0 && d <= 10).toBe(true);
      }
  });
});

describe('powdery mildew of grapes (Gubler & Thomas)', () => {
  const mild = { mildHours: 6, scorched: false };
  const cool = { mildHours: 5, scorched: false };
  const hot = { mildHours: 0, scorched: true };
  const both = { mildHours: 6, scorched: true };
  test('three mild days running start it at 60; two and one do not', () => {
    expect(grapeMildewIndex([mild, mild, cool, mild, mild, mild, mild])).toEqual([null, null, null, null, null, 60, 80]);
  });
  test('then up by 20, down by 10, by 10 in the heat, up by 10 with both, between 0 and 100', () => {
    expect(grapeMildewIndex([mild, mild, mild, mild, mild, mild, cool, hot, both]).slice(2)).toEqual([60, 80, 100, 100, 90, 80, 90]);
    expect(grapeMildewIndex([mild, mild, mild, ...Array.from({ length: 8 }, () => cool)]).at(-1)).toBe(0);
  });
  test('a day by its hours: six running, not six in all', () => {
    const day = (warm: readonly number[]) => grapeDayOf(hours(24, (i) => ({ temperatureC: warm.includes(i) ? 25 : 18 })));
    expect(day([8, 9, 10, 11, 12, 13]).mildHours).toBe(6);
    expect(day([8, 9, 10, 12, 13, 14]).mildHours).toBe(3);
    expect(grapeDayOf(hours(3, (i) => ({ temperatureC: [21, 30, 30.1][i] as number })))).toEqual({ mildHours: 2, scorched: false });
    expect(grapeDayOf(hours(1, () => ({ temperatureC: 35 }))).scorched).toBe(true);
    // one hour among milder ones is enough
    expect(grapeDayOf(hours(24, (i) => ({ temperatureC: i === 14 ? 35 : 25 }))).scorched).toBe(true);
    expect(grapeDayOf(hours(24, () => ({ temperatureC: 34.9 }))).scorched).toBe(false);
  });
  test.each([
    [0, 14, 21],
    [30, 14, 21],
    [31, 10, 17],
    [50, 10, 17],
    [60, 7, 10],
    [100, 7, 10],
  ])('at %i sulfur after %i to %i days', (n, a, b) => expect(sulfurDays(n)).toEqual([a, b]));
});

describe('fire blight of the flowers (MARYBLYT)', () => {
  const all = { openFlowers: true, degreeHours: 110, dew: true, rainMm: 0, rainTheDayBeforeMm: 0, meanC: 15.6 };
  test('all four are an infection, three high', () => {
    expect(blossomBlight(all)).toBe('infection');
    expect(blossomBlight({ ...all, degreeHours: 109.9 })).toBe('high');
    expect(blossomBlight({ ...all, meanC: 15.5 })).toBe('high');
    expect(blossomBlight({ ...all, dew: false })).toBe('high');
    expect(blossomBlight({ ...all, dew: false, meanC: 10 })).toBe('moderate');
    expect(blossomBlight({ ...all, openFlowers: false })).toBe('low');
  });
  test.each([
    [0.25, 0, 'infection'],
    [0.24, 0, 'high'],
    [0, 2.5, 'infection'],
    [0, 2.4, 'high'],
  ])('%d mm, %d mm the day before: %s', (rainMm, before, is) => expect(blossomBlight({ ...all, dew: false, rainMm, rainTheDayBeforeMm: before })).toBe(is));
});

describe('wet leaves', () => {
  // Spotts 1977
  test.each([
    [10, 24],
    [13, 12],
    [15.5, 9],
    [18, 8],
    [21, 7],
    [24, 7],
    [26.5, 6],
    [29, 9],
    [32, 12],
  ])('black rot of grapes at %d °C: %i h', (c, h) => expect(blackRotWetHours(c)).toBe(h));
  test('in a line between, and nothing beyond', () => {
    expect([blackRotWetHours(11.5), blackRotWetHours(9.9), blackRotWetHours(32.1)]).toEqual([18, null, null]);
  });
  test('black spot of roses, longest where it is cool, leaf curl below 19 °C', () => {
    expect([12.9, 13, 15, 18, 24, 25.5, 27, 27.1].map(blackSpotWetHours)).toEqual([null, 18, 12, 7, 7, 9.5, 12, null]);
    expect([5, 18.9, 19].map(leafCurlWetHours)).toEqual([12.5, 12.5, null]);
  });
  test('three tens', () => {
    const tens = { meanC: 10, rainMm: 10, shootsCm: 10 };
    expect([threeTens(tens), threeTens({ ...tens, meanC: 9.9 }), threeTens({ ...tens, rainMm: 9.9 }), threeTens({ ...tens, shootsCm: 9 })]).toEqual([
      true,
      false,
      false,
      false,
    ]);
  });
  test('leaves are wet in rain, for two hours after it, and in dew', () => {
    const spells = wetSpells(
      hours(12, (i) => ({ rainMm: i === 2 ? 0.1 : i === 8 ? 0.09 : 0, humidityPct: i === 9 ? 90 : 89 })),
      { joins: 0 },
    );
    expect(spells.map((s) => [s.wet.length, new Date(s.from).getUTCHours(), new Date(s.to).getUTCHours()])).toEqual([
      [3, 2, 5],
      [1, 9, 10],
    ]);
  });
});
