import type { Provenance } from '../measure';

/** The regions of the world that ranges are told by; coarse, and for gardens. */
export const REGIONS = {
  'europe-north': 'northern and middle Europe',
  'europe-south': 'southern Europe',
  'russia-steppe': 'Russia and the steppe',
  'near-east': 'the Near East',
  'africa-north': 'North Africa',
  'africa-tropical': 'tropical Africa',
  'africa-south': 'southern Africa',
  'south-asia': 'South Asia',
  'south-east-asia': 'South-East Asia',
  china: 'China',
  'japan-korea': 'Japan and Korea',
  'australia-cool': 'southern Australia',
  'australia-warm': 'northern Australia',
  'new-zealand': 'New Zealand',
  pacific: 'the Pacific islands',
  'america-north-east': 'eastern North America',
  'america-south-east': 'the south-east of the United States',
  'america-west': 'western North America',
  'america-central': 'Mexico and Central America',
  caribbean: 'the Caribbean',
  'south-america-tropical': 'tropical South America',
  'south-america-cool': 'southern South America',
} as const;
export type RegionId = keyof typeof REGIONS;
export const REGION_IDS = Object.keys(REGIONS) as [RegionId, ...RegionId[]];

/** Where an entry lives: everywhere that its plants grow, or where it is native and where it has been spread to. */
export interface Range {
  readonly everywhere: boolean;
  readonly native: readonly RegionId[];
  readonly spread: readonly RegionId[];
  readonly prov: Provenance;
}

export type Status = 'native' | 'spread' | 'absent' | 'not-known';

/** Countries by region; those that lie in two are cut by the map below. From memory, after the UN geoscheme. */
const COUNTRIES: Readonly<Record<RegionId, string>> = {
  'europe-north': 'GB IE IM JE GG NO SE FI DK IS FO EE LV LT NL BE LU DE PL CZ SK AT CH LI HU FR BY',
  'europe-south': 'PT ES IT GR HR SI RS BA ME MK AL XK BG RO MD MT CY AD SM VA MC GI',
  'russia-steppe': 'RU UA KZ KG TJ TM UZ MN',
  'near-east': 'TR IL PS LB SY JO IQ IR SA YE OM AE QA BH KW GE AM AZ AF',
  'africa-north': 'MA DZ TN LY EG EH',
  'africa-tropical': 'SN GM GW GN SL LR CI GH TG BJ NG NE ML BF MR CM TD CF GQ GA CG CD AO SD SS ER ET DJ SO KE UG RW BI TZ MW MZ ZM MG KM SC MU RE YT ST CV',
  'africa-south': 'ZA LS SZ BW NA ZW',
  'south-asia': 'IN PK BD LK NP BT MV',
  'south-east-asia': 'MM TH LA KH VN MY SG ID PH BN TL',
  china: 'CN TW HK MO',
  'japan-korea': 'JP KR KP',
  'australia-cool': 'AU',
  'australia-warm': '',
  'new-zealand': 'NZ',
  pacific: 'FJ PG SB VU NC PF WS TO GU AS MP PW FM MH KI NR TV CK NU',
  'america-north-east': 'US CA PM',
  'america-south-east': '',
  'america-west': '',
  'america-central': 'MX GT BZ HN SV NI CR PA',
  caribbean: 'CU JM HT DO PR BS BB TT AG DM GD KN LC VC VI VG TC KY AW CW SX BQ GP MQ BM AI MS MF BL',
  'south-america-tropical': 'CO VE EC PE BO BR GY SR GF PY',
  'south-america-cool': 'AR CL UY FK',
};
const HOME = new Map(
  REGION_IDS.flatMap((r) =>
    COUNTRIES[r]
      .split(' ')
      .filter(Boolean)
      .map((c) => [c, r] as const),
  ),
);

interface Where {
  readonly latitude: number;
  readonly longitude?: number;
  readonly country?: string | null;
}
/** Countries that lie in two regions. Degrees, south and west negative. */
const CUT: Readonly<Record<string, (lat: number, lon: number) => RegionId>> = {
  // east of the Rocky Mountains, and south of about the Ohio
  US: (lat, lon) => (lat < 25 && lon < -150 ? 'pacific' : lon < -103 ? 'america-west' : lat < 36.5 ? 'america-south-east' : 'america-north-east'),
  CA: (_, lon) => (lon < -103 ? 'america-west' : 'america-north-east'),
  AU: (lat, lon) => (lat > -29 || (lon < 120 && lat > -30) ? 'australia-warm' : 'australia-cool'),
  FR: (lat) => (lat < 45 ? 'europe-south' : 'europe-north'),
  BR: (lat) => (lat < -24 ? 'south-america-cool' : 'south-america-tropical'),
};

/**
 * The region a garden lies in; null where its country is not known.
 * @example regionOf({ country: 'US', latitude: 30.3, longitude: -97.7 }) // 'america-south-east'
 */
export function regionOf({ latitude, longitude, country }: Where): RegionId | null {
  if (!country) return null;
  const cut = CUT[country];
  return cut && longitude !== undefined ? cut(latitude, longitude) : (HOME.get(country) ?? null);
}

/** Whether an entry is known from a region. */
export function statusIn(range: Range, region: RegionId | null): Status {
  if (range.everywhere) return 'native';
  if (region === null) return 'not-known';
  return range.native.includes(region) ? 'native' : range.spread.includes(region) ? 'spread' : 'absent';
}

const names = (ids: readonly RegionId[]) => ids.map((r) => REGIONS[r]).join(', ');

/** Where it lives, in words. @example sayHome(range) // 'At home in eastern North America; brought to southern Europe.' */
export function sayHome(range: Range): string {
  if (range.everywhere) return 'Wherever its plants grow.';
  const home = range.native.length > 0 ? `At home in ${names(range.native)}` : '';
  const brought = range.spread.length > 0 ? `brought to ${names(range.spread)}` : '';
  const text = [home, brought].filter(Boolean).join('; ');
  return `${text.charAt(0).toUpperCase()}${text.slice(1)}.`;
}
