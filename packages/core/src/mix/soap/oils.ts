import { pub, type Provenance } from '../../measure';

/** A fat or oil and the potassium hydroxide that it takes up, as published: mg KOH for a gram. */
export interface SoapOil {
  readonly id: string;
  readonly name: string;
  readonly low: number;
  readonly high: number;
  /** g in a ml at room temperature, from memory. */
  readonly gPerMl: number;
  readonly source: Provenance;
}

const RAPESEED = pub('Codex Alimentarius CXS 210-1999');
/** As remembered from the same standard's table: not looked up. */
const NAMED: Provenance = { mark: 'MEM' };
const OLIVE = pub('Codex Alimentarius CXS 33-1981');

const oil = (id: string, name: string, low: number, high: number, source = NAMED, gPerMl = 0.92): SoapOil => ({ id, name, low, high, gPerMl, source });

/** Oils that a kitchen holds; the ranges are saponification values, each with where it comes from. */
export const SOAP_OILS: readonly SoapOil[] = [
  oil('rapeseed', 'Rapeseed', 182, 193, RAPESEED),
  oil('sunflower', 'Sunflower', 188, 194),
  oil('olive', 'Olive', 184, 196, OLIVE, 0.915),
  oil('soya', 'Soya', 189, 195),
  oil('maize', 'Maize', 187, 195),
  oil('groundnut', 'Groundnut', 187, 196),
  oil('sesame', 'Sesame', 186, 195),
  oil('grapeseed', 'Grapeseed', 188, 194),
  oil('safflower', 'Safflower', 186, 198),
  oil('cottonseed', 'Cottonseed', 189, 198),
  oil('mustard', 'Mustard', 168, 184, NAMED, 0.91),
  oil('palm', 'Palm', 190, 209, NAMED, 0.89),
  oil('coconut', 'Coconut', 248, 265),
  oil('palm-kernel', 'Palm kernel', 230, 254),
];

/** @returns undefined for an id that is not in the list */
export const findOil = (id: string): SoapOil | undefined => SOAP_OILS.find((o) => o.id === id);
