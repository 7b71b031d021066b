import { writeFileSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { chromium } from '@playwright/test';
import { CHROMIUM } from '../e2e/chromium';
import { compose } from '../packages/app/src/screens/look/drawings/compose';
import { DRAWN_DARK, LIGHT, type Tokens } from '../packages/app/src/ui/palette';
import { SIGNS } from '../packages/core/src/catalogue';

/** Every drawing of a sign at 96 pixels, light and dark, as docs/drawings-*.png: to be looked at. */
const paths = (s: (typeof SIGNS)[number], t: Tokens) =>
  (s.drawing ? compose(s.drawing, t) : [])
    .map((h) => {
      const stroke = h.stroke ? ` stroke="${h.stroke}" stroke-width="${h.w ?? 2}" stroke-linecap="round" stroke-linejoin="round"` : '';
      const at = h.at ? ` transform="translate(${h.at[0]} ${h.at[1]}) rotate(${h.at[2]}) scale(${h.at[3]})"` : '';
      return `<path d="${h.d}" fill="${h.fill ?? 'none'}"${stroke}${at} opacity="${h.opacity ?? 1}" stroke-dasharray="${h.dash ?? 'none'}"/>`;
    })
    .join('');

async function draw(): Promise<void> {
  const dir = mkdtempSync(join(tmpdir(), 'drawings-'));
  const browser = await chromium.launch(CHROMIUM);
  const page = await browser.newPage({ viewport: { width: 1640, height: 600 } });
  for (const [name, t, ground, ink] of [
    ['light', LIGHT, LIGHT.slate, LIGHT.ink],
    ['dark', DRAWN_DARK, DRAWN_DARK.slate, DRAWN_DARK.halo],
  ] as const) {
    const cells = SIGNS.filter((s) => s.drawing)
      .map((s) => `<figure><svg width="96" height="72" viewBox="0 0 160 120">${paths(s, t)}</svg><figcaption>${s.id}</figcaption></figure>`)
      .join('');
    const file = join(dir, `${name}.html`);
    writeFileSync(
      file,
      `<style>body{margin:8px;background:${ground};color:${ink};font:8px sans-serif;display:flex;flex-wrap:wrap}figure{margin:3px;width:96px}</style>${cells}`,
    );
    await page.goto(`file://${file}`);
    await page.screenshot({ path: fileURLToPath(new URL(`../docs/drawings-${name}.png`, import.meta.url)), fullPage: true });
  }
  await browser.close();
  rmSync(dir, { recursive: true });
}

void draw();
