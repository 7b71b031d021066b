import { sayUnreadable } from '../src/screens/reach/unreadable';

jest.mock('expo-router', () => ({ useRouter: () => ({}), usePathname: () => '/' }));

const of = (kind: string, n: number) => Array.from({ length: n }, (_, i) => ({ kind, id: `${kind}${i}`, why: 'half of it' }));

test('what can not be read is counted by kind, in words', () => {
  expect(sayUnreadable([])).toBeNull();
  expect(sayUnreadable(of('treatments', 1))).toBe('1 record of a treatment can not be read');
  expect(sayUnreadable([...of('plantings', 1), ...of('treatments', 2)])).toBe('1 planting and 2 records of treatments can not be read');
  expect(sayUnreadable([...of('shed', 3), ...of('soap', 1), ...of('walks', 2)])).toBe('3 things in the shed, 1 batch of soap and 2 walks can not be read');
  expect(sayUnreadable(of('something new', 1))).toBe('1 thing can not be read');
});
