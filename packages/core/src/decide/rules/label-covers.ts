import type { Rule } from '../types';

/** The label is the law: a crop or pest that it does not carry is refused. */
export const labelCovers: Rule = (s, c) =>
  c.refusal
    ? {
        code: 'not-on-label',
        weight: 'never',
        sentence: c.refusal,
        inputs: [
          { name: 'Label', value: c.sheet?.name ?? '' },
          { name: 'Crop', value: s.host.name },
        ],
        source: { mark: 'CP' },
      }
    : null;
