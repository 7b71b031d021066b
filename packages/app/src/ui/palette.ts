/** The colour tokens for drawings; classes take the same ones from global.css. */
export const LIGHT = {
  frost: '#F1F5F4',
  slate: '#FFFFFF',
  ink: '#12201F',
  drift: '#4B5C5A',
  line: '#D0DAD8',
  brook: '#0E5060',
  onBrook: '#FFFFFF',
  moss: '#2C6A3A',
  onMoss: '#FFFFFF',
  ochre: '#8A5A00',
  ochreGround: '#FFF1D6',
  rowan: '#9E2530',
  rowanGround: '#FBE6E6',
  leaf: '#E1F0E3',
  water: '#DCE9EA',
  skyDay: '#E4EFF4',
  skyNight: '#1C2F3E',
  halo: '#FFFFFF',
  soot: '#2A2420',
  rust: '#C96A2B',
  bark: '#8A6B4E',
};
export const DARK: typeof LIGHT = {
  frost: '#0B1517',
  slate: '#132124',
  ink: '#E7EFED',
  drift: '#9FB2AF',
  line: '#27393B',
  brook: '#7CC4D1',
  onBrook: '#08181C',
  moss: '#8FD19B',
  onMoss: '#081C0E',
  ochre: '#F0C36A',
  ochreGround: '#342910',
  rowan: '#F2A3A3',
  rowanGround: '#3A1A1D',
  leaf: '#1D3A28',
  water: '#21434A',
  skyDay: '#3D5965',
  skyNight: '#04080F',
  halo: '#0B1517',
  soot: '#05090A',
  rust: '#E08B4E',
  bark: '#A98A6A',
};

export type Tokens = typeof LIGHT;

/**
 * Colours of pictures of plants in the dark. Black aphids stay black and white powder white there, so
 * leaves are lifted to a middle green that shows both.
 */
export const DRAWN_DARK: Tokens = {
  ...DARK,
  leaf: '#6A9976',
  frost: '#93B69B',
  moss: '#C4E6CB',
  ink: '#0A1210',
  soot: '#151B19',
  halo: '#F6F9F8',
  drift: '#55645F',
  ochre: '#D79A22',
  ochreGround: '#F3E2B8',
  rowan: '#C23A47',
  rowanGround: '#E9BDC0',
  brook: '#2F93A8',
  water: '#B4DCE3',
};
