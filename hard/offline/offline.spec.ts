import { appendFileSync } from 'node:fs';
import type { BrowserContext, Page } from '@playwright/test';
import { encode } from 'jpeg-js';
import { openCase } from '../../e2e/journeys/kit';
import { expect, larkfold, test } from '../../e2e/fixtures';
import type { TestServer } from '../../e2e/server';
import { OUT } from './out';

const BEANS = larkfold(1);
const read = async <T>(page: Page, path: string): Promise<T> => (await (await page.request.get(`/api/v1${path}`)).json()) as T;
type Named = { readonly id: string; readonly name: string };

interface Write {
  readonly what: string;
  /** Done before the way is lost: the page as somebody has it in the hand. */
  readonly open: (page: Page) => Promise<void>;
  readonly act: (page: Page) => Promise<void>;
  /** How often home has it: once is right, none is lost, two is doubled. */
  readonly count: (page: Page) => Promise<number>;
}

const looksOf = async (page: Page) => {
  const cases = await read<{ id: string; plantingId: string; openedAt: string }[]>(page, '/cases?status=open');
  return Promise.all(
    cases.map((c) =>
      read<{ case: { troubleId: string; plantingId: string }; looks: { count: { looked: number } | null }[]; photos: unknown[] }>(page, `/cases/${c.id}`),
    ),
  );
};
const records = async (page: Page) => (await read<{ treatments: { controlId: string; by: string; struck: unknown }[] }>(page, '/treatments')).treatments;

const WRITES: readonly Write[] = [
  {
    what: 'a planting is added',
    open: async (page) => {
      await page.goto('/garden/new');
      await page.getByLabel('Name', { exact: true }).fill('Late leeks');
      await page.getByRole('button', { name: /^Plant: / }).click();
      await page.getByRole('button', { name: 'Leeks' }).click();
      await page.getByLabel('Area, m²').fill('6');
    },
    act: async (page) => {
      await page.getByRole('button', { name: 'Keep this' }).click();
      await expect(page.getByRole('heading', { name: 'Late leeks' })).toBeVisible();
    },
    count: async (page) => (await read<Named[]>(page, '/plantings')).filter((p) => p.name === 'Late leeks').length,
  },
  {
    what: 'a planting is changed',
    open: async (page) => {
      await page.goto(`/garden/${BEANS}/edit`);
      await page.getByLabel('Name', { exact: true }).fill('Field beans');
    },
    act: async (page) => {
      await page.getByRole('button', { name: 'Keep this' }).click();
      await expect(page.getByRole('heading', { name: 'Field beans' })).toBeVisible();
    },
    count: async (page) => (await read<Named[]>(page, '/plantings')).filter((p) => p.name === 'Field beans').length,
  },
  {
    what: 'a planting is taken away',
    open: (page) => page.goto(`/garden/${larkfold(3)}/edit`).then(() => undefined),
    act: async (page) => {
      await page.getByRole('button', { name: 'Remove this planting' }).click();
      await page.getByRole('button', { name: 'Remove it' }).click();
      await expect(page.getByRole('button', { name: 'Take it back' })).toBeVisible();
    },
    count: async (page) => ((await read<Named[]>(page, '/plantings')).some((p) => p.id === larkfold(3)) ? 0 : 1),
  },
  {
    what: 'a look opens a case',
    open: (page) => page.goto(`/look/${larkfold(2)}`).then(() => undefined),
    act: (page) => openCase(page, larkfold(2), 'Whole plant', ['Wilting'], ['3', '11']),
    count: async (page) => (await looksOf(page)).filter((d) => d.looks.some((l) => l.count?.looked === 11)).length,
  },
  {
    what: 'a count is made again',
    open: async (page) => {
      await page.goto('/cases');
      await page
        .getByRole('button', { name: /Powdery mildew|Rust|aphid/i })
        .first()
        .click();
      await page.goto(`${page.url().replace(/\/$/, '')}/again`);
      await page.getByLabel(/ with it$/).fill('1');
      await page.getByLabel(/ looked at$/).fill('13');
    },
    act: async (page) => {
      await page.getByRole('button', { name: 'Keep the count' }).click();
      await expect(page.getByRole('button', { name: 'Keep the count' })).toBeHidden();
    },
    count: async (page) => (await looksOf(page)).flatMap((d) => d.looks).filter((l) => l.count?.looked === 13).length,
  },
  {
    what: 'something done is written down',
    open: async (page) => {
      await page.goto('/records/new');
      await page.getByRole('button', { name: /^What:/ }).click();
      await page.getByLabel('Find', { exact: true }).fill('jet of water');
      await page
        .getByRole('dialog')
        .getByRole('button', { name: /^Jet of water/ })
        .click();
      await page.getByRole('button', { name: /^On: .*Change$/ }).click();
      await page.getByRole('dialog').getByText('Broad beans', { exact: true }).click();
      await page.getByRole('dialog').getByRole('button').last().click();
      await page.getByRole('radio', { name: 'Upkeep' }).click();
      await page.getByLabel('By', { exact: true }).fill('Somebody');
    },
    act: async (page) => {
      await page.getByRole('button', { name: 'Keep the record' }).click();
      await expect(page.getByRole('button', { name: 'Keep the record' })).toBeHidden();
    },
    count: async (page) => (await records(page)).filter((t) => t.by === 'Somebody').length,
  },
  {
    what: 'a photograph is added',
    open: async (page) => {
      await page.goto(`/look/${BEANS}`);
      await page.getByRole('button', { name: 'Tips', exact: true }).click();
    },
    act: async (page) => {
      const chooser = page.waitForEvent('filechooser');
      await page.getByRole('button', { name: 'Add photographs' }).click();
      await (
        await chooser
      ).setFiles({
        name: 'a.jpg',
        mimeType: 'image/jpeg',
        buffer: Buffer.from(encode({ data: Buffer.alloc(64 * 48 * 4, 99), width: 64, height: 48 }, 80).data),
      });
      await expect(page.getByRole('button', { name: 'Photograph 1 of 1: enlarge' })).toBeVisible();
    },
    count: async (page) => {
      const draft = await page.evaluate(
        () => (JSON.parse(localStorage.getItem('sleetbrook-drafts') ?? '{}') as { state: { looks: Record<string, { id: string }> } }).state.looks,
      );
      return (await read<unknown[]>(page, `/photos?look=${draft[BEANS]?.id}`)).length;
    },
  },
  {
    what: 'a walk is finished',
    open: async (page) => {
      await page.goto('/walk');
      await page.getByRole('button', { name: 'Start a walk' }).click();
      await expect(page.getByText(/1 of 13/)).toBeVisible();
    },
    act: async (page) => {
      for (let i = 0; i < 13; i++) await page.getByRole('button', { name: 'All clear: next' }).click();
      await expect(page.getByRole('heading', { name: 'Walk done' })).toBeVisible();
    },
    count: async (page) => (await read<{ finishedAt: string | null }[]>(page, '/walks')).filter((w) => w.finishedAt !== null).length,
  },
  {
    what: 'the garden’s settings are changed',
    open: async (page) => {
      await page.goto('/settings');
      await page.getByLabel('Emergency number where you are').fill('112');
    },
    act: async (page) => {
      await page.getByRole('button', { name: 'Keep these settings' }).click();
      await expect(page.getByRole('button', { name: 'Kept', exact: true })).toBeVisible();
    },
    count: async (page) => ((await read<{ emergencyNumber: string }>(page, '/garden')).emergencyNumber === '112' ? 1 : 0),
  },
  {
    what: 'a record is struck out',
    open: async (page) => {
      await page.goto('/records');
      await page
        .getByRole('main')
        .getByRole('button')
        .filter({ hasText: /soap|pyrethr|sulfur|spray/i })
        .first()
        .click();
      await page.getByRole('button', { name: 'Strike this record out' }).click();
      await page.getByLabel('Why', { exact: true }).fill('The other bed');
    },
    act: async (page) => {
      await page.getByRole('button', { name: 'Strike it out' }).click();
      await expect(page.getByText(/^Struck out on .*: The other bed$/)).toBeVisible();
    },
    count: async (page) => (await records(page)).filter((t) => t.struck !== null).length,
  },
  {
    what: 'what is left in the shed is set',
    open: async (page) => {
      await page.goto('/shed');
      await page.getByRole('button', { name: /^Potassium soap.*310 ml/ }).click();
      await page.getByLabel('There is now').fill('120 ml');
    },
    act: async (page) => {
      await page.getByRole('button', { name: 'Set what is left' }).click();
      await expect(page.getByLabel('There is now')).toHaveValue('');
    },
    count: async (page) => (await read<{ amount: number }[]>(page, '/shed-items')).filter((i) => i.amount === 120).length,
  },
  {
    what: 'a sprayer is added',
    open: async (page) => {
      await page.goto('/shed');
      await page.getByRole('button', { name: 'Add a sprayer' }).click();
      await page.getByLabel('Name', { exact: true }).fill('Old pump');
      await page.getByLabel(/^Holds, to the fill line/).fill('5 l');
    },
    act: async (page) => {
      await page.getByRole('button', { name: 'Add it' }).click();
      await expect(page.getByRole('dialog')).toBeHidden();
    },
    count: async (page) => (await read<Named[]>(page, '/sprayers')).filter((x) => x.name === 'Old pump').length,
  },
  {
    what: 'a label is compared',
    open: async (page) => {
      await page.goto('/shed/malathion-50-ec');
      await expect(page.getByRole('checkbox').first()).toBeVisible();
      for (const box of await page.getByRole('checkbox').all()) await box.click();
    },
    act: async (page) => {
      await page.getByRole('button', { name: 'My label says the same' }).click();
      await expect(page.getByRole('button', { name: /^Checked against my label/ })).toBeVisible();
    },
    count: async (page) => (await read<{ sheetId: string }[]>(page, '/confirmations')).filter((c) => c.sheetId === 'malathion-50-ec').length,
  },
  {
    what: 'a label is typed in',
    open: async (page) => {
      await page.goto('/shed/new?from=potassium-soap');
      await page.getByLabel('Name', { exact: true }).fill('Green bottle');
      await page.getByRole('checkbox', { name: 'I compared every figure with the label in my hand' }).click();
    },
    act: async (page) => {
      await page.getByRole('button', { name: 'Keep this sheet' }).click();
      await expect(page.getByRole('heading', { name: 'Green bottle' })).toBeVisible();
    },
    count: async (page) => (await read<Named[]>(page, '/sheets')).filter((x) => x.name === 'Green bottle').length,
  },
  {
    what: 'thermometer and gauge are read',
    open: async (page) => {
      await page.goto('/season');
      await page.getByRole('button', { name: /^Thermometer and gauge/ }).click();
      await page.getByLabel('Least', { exact: false }).fill('7');
      await page.getByLabel('Most', { exact: false }).fill('19');
      await page.getByLabel('Rain', { exact: false }).fill('4');
    },
    act: async (page) => {
      await page.getByRole('button', { name: 'Keep what was read' }).click();
      await expect(page.getByText('7 to 19 °C, 4 mm of rain')).toBeVisible();
    },
    count: async (page) => (await read<{ rainMm: number }[]>(page, '/readings')).filter((r) => r.rainMm === 4).length,
  },
];

interface Way {
  readonly is: string;
  readonly lose: (of: { page: Page; context: BrowserContext; server: TestServer }) => Promise<void>;
  /** After the act. */
  readonly find: (of: { page: Page; context: BrowserContext; server: TestServer }) => Promise<void>;
}
const WRITING = /\/api\/v1\/(garden|plantings|looks|cases|treatments|photos|walks|shed-items|sprayers|confirmations|sheets|readings)/;
const losing =
  (answers: boolean): Way['lose'] =>
  async ({ page }) => {
    let left = 2;
    await page.route(WRITING, async (route) => {
      if (route.request().method() === 'GET' || left === 0) return route.fallback();
      left--;
      if (answers) await route.fetch();
      return route.abort('connectionreset');
    });
  };
const WAYS: readonly Way[] = [
  { is: 'the request lost', lose: losing(false), find: async () => undefined },
  { is: 'the answer lost', lose: losing(true), find: async () => undefined },
  {
    is: 'the page opened anew out of reach',
    lose: ({ context }) => context.setOffline(true),
    find: async ({ page, context }) => {
      await page.reload();
      await page.waitForTimeout(500);
      await context.setOffline(false);
    },
  },
  { is: 'the server gone meanwhile', lose: ({ server }) => server.kill(), find: ({ server }) => server.restart() },
  {
    is: 'another device writing meanwhile',
    lose: ({ context }) => context.setOffline(true),
    find: async ({ page, context }) => {
      const [p] = (await read<(Named & { areaM2: number })[]>(page, '/plantings')).filter((x) => x.id === BEANS);
      await page.request.put(`/api/v1/plantings/${BEANS}`, { data: { ...p, areaM2: (p?.areaM2 ?? 1) + 1 } });
      const garden = await read<Record<string, unknown>>(page, '/garden');
      await page.request.put('/api/v1/garden', { data: { ...garden, poisonCentre: '111' } });
      await context.setOffline(false);
    },
  },
];

for (const write of WRITES) {
  for (const way of WAYS) {
    test(`${write.what}: ${way.is}`, async ({ page, context, server }) => {
      server.restarted = true;
      await page.goto('/settings');
      await expect(page.getByText(/^Is on this device: it opens without home/)).toBeVisible({ timeout: 30_000 });
      await expect(page.getByText(/^As of .* go home by themselves\.$/)).toBeVisible({ timeout: 30_000 });
      await write.open(page);
      await way.lose({ page, context, server });
      await write.act(page);
      await way.find({ page, context, server });
      await page.goto('/kept');
      const there = await expect(page.getByText('Everything that was written on this device is at home.'))
        .toBeVisible({ timeout: 40_000 })
        .then(
          () => true,
          () => false,
        );
      const times = await write.count(page);
      appendFileSync(OUT, `${JSON.stringify({ case: `${write.what}: ${way.is}`, times, there })}\n`);
      expect({ times, there }).toEqual({ times: 1, there: true });
    });
  }
}
