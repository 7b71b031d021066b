/**
 * Branded numbers: a quantity is never a bare number across a function border.
 * Everything inside is SI (or the metric unit a gardener would use for it).
 */
declare const unit: unique symbol;
type Quantity<U extends string> = number & { readonly [unit]: U };

/** Volume in millilitres. */
export type Millilitres = Quantity<'ml'>;
/** Mass in grams. */
export type Grams = Quantity<'g'>;
/** Length in metres. */
export type Metres = Quantity<'m'>;
/** Area in square metres. */
export type SquareMetres = Quantity<'m2'>;
/** Temperature in degrees Celsius. */
export type Celsius = Quantity<'degC'>;
/** Wind speed in metres per second. */
export type MetresPerSecond = Quantity<'m/s'>;
/** Global irradiance in watts per square metre. */
export type WattsPerSquareMetre = Quantity<'W/m2'>;
/** Angle in degrees. */
export type Degrees = Quantity<'deg'>;
/** An instant in UTC as milliseconds since 1970, always beside an IANA zone when shown. */
export type Instant = Quantity<'instant'>;

export const millilitres = (n: number) => n as Millilitres;
export const grams = (n: number) => n as Grams;
export const metres = (n: number) => n as Metres;
export const squareMetres = (n: number) => n as SquareMetres;
export const celsius = (n: number) => n as Celsius;
export const metresPerSecond = (n: number) => n as MetresPerSecond;
export const wattsPerSquareMetre = (n: number) => n as WattsPerSquareMetre;
export const degrees = (n: number) => n as Degrees;
export const instant = (ms: number) => ms as Instant;
