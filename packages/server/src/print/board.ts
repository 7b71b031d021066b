import type { Garden, SeasonView } from '@sleetbrook/core/api';
import { instant, sayDay, sayTime } from '@sleetbrook/core/measure';
import { addDays, dayOf, dayStart, type LocalDay } from '@sleetbrook/core/schedule';
import { factsOf, seasonOf, type CourseAhead, type Season } from '@sleetbrook/core/season';
import { PDFDocument, rgb, StandardFonts, type PDFFont, type PDFPage } from 'pdf-lib';
import { printable } from './paper';

/** A4 laid on its side, points. */
const [WIDTH, HEIGHT] = [841.89, 595.28];
const MARGIN = 36;
const NAMES = 150;
const HEAD = 74;
/** Days before today and from today on. */
const BACK = 14;
const AHEAD = 42;
/** A row is no taller, and the evenings below them have at least this. */
const MOST_ROW = 44;
const EVENINGS = 150;
const INK = rgb(0.07, 0.125, 0.12);
const DRIFT = rgb(0.3, 0.36, 0.35);
const LINE = rgb(0.82, 0.85, 0.84);
const BROOK = rgb(0.06, 0.32, 0.37);
const PALE = rgb(0.62, 0.74, 0.76);
const MOSS = rgb(0.55, 0.68, 0.45);
const WHITE = rgb(1, 1, 1);
const DAY = 86_400_000;

interface Sheet {
  readonly page: PDFPage;
  readonly plain: PDFFont;
  readonly strong: PDFFont;
  readonly season: Season;
  readonly garden: Garden;
  readonly view: SeasonView;
}

const daysBetween = (from: LocalDay, to: LocalDay): number => Math.round((Date.parse(`${to}T00:00:00Z`) - Date.parse(`${from}T00:00:00Z`)) / DAY);

/** The coming six weeks on one page: a brook a course with its rounds, picking, and the evenings of the fortnight in words. */
export async function boardPdf(view: SeasonView): Promise<Uint8Array> {
  const season = seasonOf(factsOf(view));
  const doc = await PDFDocument.create();
  const title = `${view.garden.name}: the season from ${sayDay(dayStart(season.today, view.garden.zone), view.garden.zone)}`;
  doc.setTitle(title);
  doc.setCreator('Sleetbrook');
  doc.setProducer('Sleetbrook');
  const sheet: Sheet = {
    page: doc.addPage([WIDTH, HEIGHT]),
    plain: await doc.embedFont(StandardFonts.Helvetica),
    strong: await doc.embedFont(StandardFonts.HelveticaBold),
    season,
    garden: view.garden,
    view,
  };
  text(sheet, title, MARGIN, HEIGHT - MARGIN - 14, { size: 16, bold: true });
  const rows = Math.max(1, season.courses.length);
  const row = Math.min(MOST_ROW, (HEIGHT - 2 * MARGIN - HEAD - EVENINGS) / rows);
  const top = HEIGHT - MARGIN - HEAD;
  weeks(sheet, top, top - rows * row);
  season.courses.forEach((c, i) => brook(sheet, c, top - (i + 0.5) * row, row));
  if (season.courses.length === 0) text(sheet, 'No course is running.', MARGIN, top - row / 2, { size: 11 });
  evenings(sheet, top - rows * row - 26);
  text(
    sheet,
    'Full stone: done. Open stone: to come; pale: about then. Green bar: picking. The label of the product in your hand is the law.',
    MARGIN,
    MARGIN - 14,
    {
      size: 8,
      muted: true,
    },
  );
  return doc.save();
}

interface Look {
  readonly size: number;
  readonly bold?: boolean;
  readonly muted?: boolean;
  /** It is cut so that it takes no more, points. */
  readonly room?: number;
}

function text({ page, plain, strong }: Sheet, words: string, x: number, y: number, { size, bold = false, muted = false, room = Infinity }: Look): void {
  const font = bold ? strong : plain;
  let shown = printable(font, words);
  if (font.widthOfTextAtSize(shown, size) > room) {
    while (shown.length > 1 && font.widthOfTextAtSize(`${shown}...`, size) > room) shown = shown.slice(0, -1);
    shown = `${shown.trimEnd()}...`;
  }
  page.drawText(shown, { x, y, size, font, color: muted ? DRIFT : INK });
}

/** Where a day stands. @param part of it, 0 … 1 */
const across = (season: Season, day: LocalDay, part = 0.5): number =>
  MARGIN + NAMES + ((daysBetween(addDays(season.today, -BACK), day) + part) / (BACK + AHEAD)) * (WIDTH - 2 * MARGIN - NAMES);
const shown = (season: Season, day: LocalDay): boolean => day >= addDays(season.today, -BACK) && day < addDays(season.today, AHEAD);

function weeks(sheet: Sheet, top: number, bottom: number): void {
  const { season, garden, page } = sheet;
  for (let n = -BACK; n < AHEAD; n += 7) {
    const day = addDays(season.today, n);
    const x = across(season, day, 0);
    page.drawLine({ start: { x, y: top + 8 }, end: { x, y: bottom }, thickness: 0.6, color: LINE });
    text(sheet, sayDay(dayStart(day, garden.zone), garden.zone), x + 2, top + 12, { size: 8, muted: true });
  }
  const now = across(season, season.today);
  page.drawLine({ start: { x: now, y: top + 8 }, end: { x: now, y: bottom }, thickness: 1.2, color: INK });
}

/** One course: its name, the water between its rounds, its stones, and the picking. */
function brook(sheet: Sheet, c: CourseAhead, y: number, row: number): void {
  const { page, season, garden, view } = sheet;
  const size = Math.min(10, row * 0.3);
  text(sheet, c.plantingName, MARGIN, y + 1, { size, bold: true, room: NAMES - 8 });
  text(sheet, `${c.troubleName}, ${c.controlName}`, MARGIN, y - size, { size: size * 0.85, muted: true, room: NAMES - 8 });
  page.drawLine({ start: { x: MARGIN + NAMES, y }, end: { x: WIDTH - MARGIN, y }, thickness: 0.8, color: PALE });
  const planting = view.courses.find((x) => x.case.id === c.caseId)?.planting;
  if (planting?.pickFrom && planting.pickUntil) {
    const [from, to] = [Math.max(MARGIN + NAMES, across(season, planting.pickFrom, 0)), Math.min(WIDTH - MARGIN, across(season, planting.pickUntil, 1))];
    if (to > from) page.drawRectangle({ x: from, y: y + row * 0.28, width: to - from, height: Math.min(5, row * 0.12), color: MOSS });
  }
  const half = Math.min(6, row * 0.16);
  const done = c.done.map((d) => dayOf(d.at, garden.zone));
  const all = [...done, ...c.rounds.map((r) => r.day)];
  all.forEach((day, i) => {
    const next = all[i + 1] ?? c.later[0] ?? c.dueOn;
    if (next === null || next === undefined || next <= day) return;
    const [a, b] = [Math.max(MARGIN + NAMES, across(season, day)), Math.min(WIDTH - MARGIN, across(season, next))];
    if (b > a) page.drawSvgPath(`M0 ${-half} L${b - a} -0.6 L${b - a} 0.6 L0 ${half} Z`, { x: a, y, color: i < done.length ? BROOK : PALE });
  });
  const stone = (day: LocalDay, wide: number, fill: typeof INK, edge: typeof INK) => {
    if (shown(season, day))
      page.drawEllipse({ x: across(season, day), y, xScale: wide, yScale: wide * 0.75, color: fill, borderColor: edge, borderWidth: 1.2 });
  };
  for (const day of done) stone(day, half, BROOK, BROOK);
  for (const day of c.later) stone(day, half * 0.7, WHITE, PALE);
  for (const r of c.rounds) stone(r.day, half, WHITE, BROOK);
}

/** The evenings of the fortnight in words, in columns, as many as there is room for; how many more is said. */
function evenings(sheet: Sheet, top: number): void {
  const { season, garden } = sheet;
  const columns = 3;
  const wide = (WIDTH - 2 * MARGIN) / columns;
  const lines = season.evenings.flatMap((e) => [
    { bold: true, words: `${sayDay(instant(e.from), garden.zone)}, ${e.sure === 'unknown' ? 'about ' : ''}${sayTime(instant(e.from), garden.zone)}` },
    ...e.rounds.map((r) => {
      const c = season.courses.find((x) => x.caseId === r.caseId);
      return { bold: false, words: `  ${sayTime(instant(r.from), garden.zone)}  ${c?.plantingName ?? ''}: ${c?.controlName ?? ''}, round ${String(r.number)}` };
    }),
  ]);
  const each = Math.max(1, Math.floor((top - MARGIN) / 12));
  const room = each * columns;
  const told =
    lines.length > room
      ? [...lines.slice(0, room - 1), { bold: false, words: `and ${String(lines.length - room + 1)} lines more: look at the season` }]
      : lines;
  told.forEach((l, i) => {
    text(sheet, l.words, MARGIN + Math.floor(i / each) * wide, top - (i % each) * 12, { size: 9, bold: l.bold, room: wide - 10 });
  });
}
