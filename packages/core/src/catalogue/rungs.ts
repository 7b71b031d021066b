/** The ladder, least toxic first. Order: integrated pest management, common practice. */
export const RUNG_NAMES: readonly string[] = [
  'Leave it',
  'Care',
  'By hand',
  'With helpers',
  'Low toxicity',
  'Conventional, lower hazard',
  'Conventional, higher hazard',
  'Licensed work',
];
