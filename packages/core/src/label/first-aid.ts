/** What to do first, by how it got to somebody, the gravest first. Common practice; the label and the person on the phone come first. */
export const FIRST_AID: readonly { readonly route: string; readonly steps: readonly string[] }[] = [
  {
    route: 'Unconscious, or having a fit',
    steps: ['Call the emergency number at once.', 'On the side, head low, the way for air open. Nothing by mouth, no vomiting.', 'Stay, and watch the breath.'],
  },
  { route: 'Swallowed', steps: ['Call at once.', 'Do not make them vomit. Give nothing to drink unless you are told to.'] },
  {
    route: 'In the eyes',
    steps: [
      'Hold the eye open and rinse gently with running water for 15 to 20 minutes. Contact lenses out after the first 5.',
      'Lye or lime: rinse at least 30 minutes, then on the way to help as well. Never vinegar.',
    ],
  },
  {
    route: 'On the skin',
    steps: [
      'Off with everything it is on, dry or wet, shoes too; gloves on for it.',
      'Dry lye, lime, sulfur or dust: brush it off first.',
      'Then plenty of running water for 15 to 20 minutes, under the nails and in the hair.',
    ],
  },
  {
    route: 'Breathed in',
    steps: [
      'Into fresh air.',
      'No breath: call the emergency number first, then give breaths, through a mask or a cloth where malathion or carbaryl was used.',
    ],
  },
  {
    route: 'Malathion or carbaryl: small pupils, sweat, spittle, cramps, weakness, hard breath',
    steps: ['It can come hours later. Call the emergency number, and say the name of the active ingredient.'],
  },
  { route: 'A pet', steps: ['Keep it from licking, rinse the coat with water, call a vet. No vomiting, no milk.', 'Take the label along.'] },
];
