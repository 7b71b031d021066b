import { findSheet } from '@sleetbrook/core/sheets';
import type { LabelLine } from '@sleetbrook/core/label';
import { sayLimits } from '../src/screens/shed/say-limits';

const line = (change: Partial<LabelLine> = {}): LabelLine => ({ ...(findSheet('potassium-soap')?.lines[0] as LabelLine), ...change });

describe('what a line of a label allows and asks', () => {
  // source: NIST Handbook 44, Appendix C: 2 US gal (7.571 l) on 1,000 sq ft (92.903 m²) are 81.5 ml on a square metre
  const printed = line({ waterMlPerM2: 81.49166666666666, waterInMm: 6.35, phiDays: null, maxPerSeason: null });
  test('in the reader’s units, and no more figures than one can measure', () => {
    expect(sayLimits(printed, 'us')).toMatch(/ · water 25⅝ fl oz per 100 sq ft · watered in with 0\.25 in( ·|$)/);
    expect(sayLimits({ ...printed, waterInMm: 6 }, 'metric')).toMatch(/ · water 81\.49 ml per m² · watered in with 6 mm( ·|$)/);
    expect(sayLimits(printed, 'metric')).toMatch(/^Not on food · \d+ d between · no yearly limit · /);
  });
  test('water by the plant, by a range, and none', () => {
    const rate = { form: 'per-plant', unit: 'ml', min: 1, max: 2 } as const;
    expect(sayLimits(line({ rate, waterMlPerM2: 500 }), 'metric')).toContain('water 500 ml per plant');
    expect(sayLimits(line({ waterMlPerM2: 100, waterMostMlPerM2: 200 }), 'metric')).toMatch(/water 100 to 200 ml per m²/);
    expect(sayLimits(line({ waterMlPerM2: null }), 'metric')).not.toMatch(/water /);
    expect(sayLimits(line({ inBloom: 'never', stages: ['dormant'] }), 'metric')).toMatch(/not on open flowers · only dormant$/);
  });
});
