const TH: Readonly<Record<number, string>> = { 1: 'st', 2: 'nd', 3: 'rd' };
/** @example ordinal(3) // '3rd' */
export const ordinal = (n: number): string => `${n}${(n % 100 > 10 && n % 100 < 14 ? undefined : TH[n % 10]) ?? 'th'}`;
