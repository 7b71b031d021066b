import fc from 'fast-check';
import { invalid, Refusal } from '../src/house';

test('what is refused is said in so many letters at most, however much was sent', () => {
  fc.assert(
    fc.property(fc.nat(3000), fc.nat(900), (letters, faults) => {
      const errors = Array.from({ length: faults }, (_, i) => ({ field: 'f'.repeat(letters), message: 'm'.repeat(letters), line: i }));
      const said = new Refusal(422, 'No', undefined, errors).errors ?? [];
      expect(said.length).toBe(Math.min(faults, 500));
      for (const e of said) expect(Math.max(e.field.length, e.message.length)).toBeLessThanOrEqual(400);
      expect(said.map((e) => e.line)).toEqual(said.map((_, i) => i));
    }),
    { numRuns: 60 },
  );
  // what is short is said whole
  expect(invalid('areaM2', 'The area must be more than 0.').errors).toEqual([{ field: 'areaM2', message: 'The area must be more than 0.' }]);
  expect(new Refusal(404, 'Not found').errors).toBeUndefined();
});
