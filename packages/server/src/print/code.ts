import QRCode from 'qrcode';

/**
 * A code that a phone's camera opens, as rows of 1 (dark) and 0.
 * @example codeFor('http://…').rows[0] // '1111111…'
 */
export function codeFor(text: string): { size: number; rows: string[] } {
  const { size, data } = QRCode.create(text, { errorCorrectionLevel: 'M' }).modules;
  const rows = Array.from({ length: size }, (_, y) => Array.from({ length: size }, (_, x) => (data[y * size + x] ? '1' : '0')).join(''));
  return { size, rows };
}
