/** States and provinces of the countries whose law on gardens differs within them, ISO 3166-2: code and name. */
const NAMES: Readonly<Record<string, string>> = {
  US: 'AL Alabama,AK Alaska,AZ Arizona,AR Arkansas,CA California,CO Colorado,CT Connecticut,DE Delaware,DC District of Columbia,FL Florida,GA Georgia,HI Hawaii,ID Idaho,IL Illinois,IN Indiana,IA Iowa,KS Kansas,KY Kentucky,LA Louisiana,ME Maine,MD Maryland,MA Massachusetts,MI Michigan,MN Minnesota,MS Mississippi,MO Missouri,MT Montana,NE Nebraska,NV Nevada,NH New Hampshire,NJ New Jersey,NM New Mexico,NY New York,NC North Carolina,ND North Dakota,OH Ohio,OK Oklahoma,OR Oregon,PA Pennsylvania,RI Rhode Island,SC South Carolina,SD South Dakota,TN Tennessee,TX Texas,UT Utah,VT Vermont,VA Virginia,WA Washington,WV West Virginia,WI Wisconsin,WY Wyoming',
  CA: 'AB Alberta,BC British Columbia,MB Manitoba,NB New Brunswick,NL Newfoundland and Labrador,NT Northwest Territories,NS Nova Scotia,NU Nunavut,ON Ontario,PE Prince Edward Island,QC Quebec,SK Saskatchewan,YT Yukon',
  AU: 'ACT Australian Capital Territory,NSW New South Wales,NT Northern Territory,QLD Queensland,SA South Australia,TAS Tasmania,VIC Victoria,WA Western Australia',
};

export interface Region {
  /** `US-OH`. */
  readonly code: string;
  readonly name: string;
}

/** The states or provinces to choose from; none where the law is known for the whole country only. @example regionsOf('AU')[0] // { code: 'AU-ACT', … } */
export const regionsOf = (country: string): readonly Region[] =>
  (NAMES[country] ?? '')
    .split(',')
    .filter(Boolean)
    .map((line) => ({ code: `${country}-${line.slice(0, line.indexOf(' '))}`, name: line.slice(line.indexOf(' ') + 1) }));
