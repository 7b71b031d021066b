import lookup from '@photostructure/tz-lookup';

/** The IANA zone of a place. @param latitude degrees north @param longitude degrees east */
export const zoneAt = (latitude: number, longitude: number): string => lookup(latitude, longitude);
