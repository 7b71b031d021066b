import { PDFDocument, rgb, StandardFonts, type PDFFont, type PDFPage } from 'pdf-lib';

/** Points. */
const A4 = [595.28, 841.89] as const;
const MARGIN = 42;
const INK = rgb(0.07, 0.125, 0.12);
const DRIFT = rgb(0.3, 0.36, 0.35);

/** Figures that the printed font has no shape for, in shapes that it has. */
const INSTEAD: Readonly<Record<string, string>> = {
  '⅓': '1/3',
  '⅔': '2/3',
  '⅛': '1/8',
  '⅜': '3/8',
  '⅝': '5/8',
  '⅞': '7/8',
  '−': '-',
  '≥': 'at least ',
  '≤': 'at most ',
  '→': '>',
  π: 'pi',
  '\u00a0': ' ',
};

/** Text that can be printed: what has no shape at all becomes a question mark rather than an error. */
export const printable = (font: PDFFont, text: string) => {
  const known = new Set(font.getCharacterSet());
  return Array.from(text.replace(/\s+/g, ' '), (c) => (known.has(c.codePointAt(0) ?? 0) ? c : (INSTEAD[c] ?? '?'))).join('');
};

export interface Line {
  readonly size?: number;
  readonly bold?: boolean;
  readonly muted?: boolean;
  /** Moved in from the margin, points. */
  readonly indent?: number;
  readonly space?: number;
  /** A box to tick in front. */
  readonly box?: boolean;
  /** Kept free at the right, points. */
  readonly right?: number;
}

/** Paper that is written from the top down and goes on on a new page by itself. */
export class Paper {
  private page: PDFPage;
  private y: number;
  private constructor(
    private readonly doc: PDFDocument,
    private readonly plain: PDFFont,
    private readonly strong: PDFFont,
    private readonly size: readonly [number, number],
    private readonly margin: number,
  ) {
    this.page = doc.addPage([...size]);
    this.y = size[1] - margin;
  }

  static async start(title: string, size: readonly [number, number] = A4, margin = MARGIN): Promise<Paper> {
    const doc = await PDFDocument.create();
    doc.setTitle(title);
    doc.setCreator('Sleetbrook');
    doc.setProducer('Sleetbrook');
    return new Paper(doc, await doc.embedFont(StandardFonts.Helvetica), await doc.embedFont(StandardFonts.HelveticaBold), size, margin);
  }

  write(text: string, { size = 11, bold = false, muted = false, indent = 0, space = 0, box = false, right = 0 }: Line = {}): void {
    const font = bold ? this.strong : this.plain;
    const left = this.margin + indent + (box ? 18 : 0);
    const lines = wrap(printable(font, text), font, size, this.size[0] - this.margin - left - right);
    this.y -= space;
    for (const [i, line] of lines.entries()) {
      this.need(size * 1.35);
      this.y -= size * 1.35;
      if (box && i === 0) this.page.drawRectangle({ x: this.margin + indent, y: this.y - 1, width: 10, height: 10, borderWidth: 1, borderColor: INK });
      this.page.drawText(line, { x: left, y: this.y, size, font, color: muted ? DRIFT : INK });
    }
  }

  /** Name at the left, value at the right. */
  pair(name: string, value: string): void {
    const size = 12;
    this.need(size * 1.6);
    const text = printable(this.strong, value);
    const width = this.strong.widthOfTextAtSize(text, size);
    const room = this.size[0] - 2 * this.margin - width - 12;
    const [first = '', ...rest] = wrap(printable(this.plain, name), this.plain, size, Math.max(room, 120));
    if (room < 120) {
      this.write(name, { size });
      this.write(value, { size, bold: true, indent: 12 });
      return;
    }
    this.y -= size * 1.5;
    this.page.drawText(first, { x: this.margin, y: this.y, size, font: this.plain, color: INK });
    this.page.drawText(text, { x: this.size[0] - this.margin - width, y: this.y, size, font: this.strong, color: INK });
    for (const line of rest) this.write(line, { size });
  }

  rule(): void {
    this.need(14);
    this.y -= 8;
    this.page.drawLine({ start: { x: this.margin, y: this.y }, end: { x: this.size[0] - this.margin, y: this.y }, thickness: 0.7, color: DRIFT });
  }

  /** Dark squares of a code with its quiet edge, in the upper right corner. */
  code(rows: readonly string[], side: number): void {
    const cell = side / (rows.length + 8);
    const x0 = this.size[0] - this.margin - side;
    const y0 = this.size[1] - this.margin;
    for (const [y, row] of rows.entries()) {
      for (let x = 0; x < row.length; x++) {
        if (row[x] !== '1') continue;
        this.page.drawRectangle({ x: x0 + (x + 4) * cell, y: y0 - (y + 5) * cell, width: cell + 0.05, height: cell + 0.05, color: INK });
      }
    }
  }

  async bytes(): Promise<Uint8Array> {
    return this.doc.save();
  }

  private need(height: number): void {
    if (this.y - height >= this.margin) return;
    this.page = this.doc.addPage([...this.size]);
    this.y = this.size[1] - this.margin;
  }
}

function wrap(text: string, font: PDFFont, size: number, width: number): string[] {
  const lines: string[] = [];
  let line = '';
  for (const word of text.split(' ')) {
    const longer = line === '' ? word : `${line} ${word}`;
    if (line !== '' && font.widthOfTextAtSize(longer, size) > width) {
      lines.push(line);
      line = word;
    } else line = longer;
  }
  lines.push(line);
  return lines;
}
