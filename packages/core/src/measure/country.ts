import type { UnitSystem } from './unit-words';

/** The unit system that packs and spoons of a country are printed in; metric where nothing else is known. */
const UNITS_OF: Readonly<Record<string, UnitSystem>> = { US: 'us', LR: 'us', PR: 'us', GB: 'imperial', IE: 'imperial', AU: 'australian' };
export const unitsOf = (country: string): UnitSystem => UNITS_OF[country] ?? 'metric';

const EU = 'AT BE BG HR CY CZ DE DK EE ES FI FR GR HU IE IT LT LU LV MT NL PL PT RO SE SI SK'.split(' ');
const ALSO_112 = 'CH NO IS LI UA TR RS ME MK AL BA MD GE IN NG'.split(' ');
/** From memory; no number is proposed for a country that is not here. */
const EMERGENCY: Readonly<Record<string, string>> = {
  ...Object.fromEntries([...EU, ...ALSO_112].map((c) => [c, '112'])),
  GB: '999',
  US: '911',
  CA: '911',
  MX: '911',
  PR: '911',
  AU: '000',
  NZ: '111',
  ZA: '10177',
  JP: '119',
  KR: '119',
  TW: '119',
  CN: '120',
  BR: '192',
  AR: '107',
  CL: '131',
  KE: '999',
  MY: '999',
  SG: '995',
  HK: '999',
  IL: '101',
};

/** The number to call in an emergency, proposed and open to change; null where none is known. */
export const emergencyOf = (country: string): string | null => EMERGENCY[country] ?? null;

/**
 * Whether home-made preparations may be used as pesticides, where that is known. From memory: in Great Britain only
 * approved products may be used.
 */
export const homeMadeIn = (country: string): 'not-allowed' | 'not-known' => (country === 'GB' ? 'not-allowed' : 'not-known');
