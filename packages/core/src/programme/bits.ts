/** How many bits of a whole number are set. */
export const bits = (mask: number): number => {
  let n = 0;
  for (let m = mask; m !== 0; m &= m - 1) n++;
  return n;
};
