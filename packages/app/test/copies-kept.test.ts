import { sayHolds, sayNotInIt } from '../src/screens/settings/copies-kept';

jest.mock('expo-router', () => ({ useRouter: () => ({}) }));

const holds = (treatments: number, lastTreatment: string | null) => ({ version: 12, plantings: 1, cases: 0, treatments, lastTreatment });
const [MAY, JUNE] = ['2026-05-24T18:10:00.000Z', '2026-06-01T18:10:00.000Z'];

test('a copy that lacks what was put on since is said to lack its waits', () => {
  expect(sayNotInIt({ copy: holds(2, MAY), here: holds(2, MAY) })).toBeNull();
  expect(sayNotInIt({ copy: holds(3, JUNE), here: holds(2, MAY) })).toBeNull();
  expect(sayNotInIt({ copy: holds(0, null), here: holds(0, null) })).toBeNull();
  // a later one, a first one, one more of the same moment, and another in the place of one
  for (const [copy, here] of [
    [holds(2, MAY), holds(3, JUNE)],
    [holds(0, null), holds(1, MAY)],
    [holds(2, MAY), holds(3, MAY)],
    [holds(2, MAY), holds(2, JUNE)],
  ] as const)
    expect(sayNotInIt({ copy, here })).toMatch(/keep-out and picking waits run on, and will not be shown/);
});

test('what one holds is counted in words', () => {
  expect(sayHolds(holds(1, MAY))).toBe('1 planting, 0 cases, 1 treatment, the last on 24 May 2026');
  expect(sayHolds(holds(0, null))).toBe('1 planting, 0 cases, 0 treatments');
});
