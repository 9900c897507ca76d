import * as fc from 'fast-check';
import { shareOut } from './shareOut';

test('what is rounded adds up to the rounded sum, and no part is a whole step off', () => {
  const parts = fc.array(fc.double({ min: 0, max: 5000, noNaN: true }), { maxLength: 30 });
  fc.assert(
    fc.property(parts, fc.constantFrom(1, 5, 6, 10, 15, 30), (exact, step) => {
      const rounded = shareOut(exact, step);
      const sum = exact.reduce((total, part) => total + part, 0);
      expect(rounded.reduce((total, part) => total + part, 0)).toBe(Math.round(sum / step) * step);
      rounded.forEach((part, i) => {
        expect(Math.abs(part - (exact[i] ?? 0))).toBeLessThan(step + 1e-9);
        expect(part % step).toBe(0);
      });
    }),
  );
});
