import { mainHosts } from '../bench/advice/gardens';
import { HELPERS, HOSTS, CONTROLS, LOOK_ALIKES, SIGNS, TROUBLES, usesOn, type Host, type Trouble } from '../packages/core/src/catalogue';
import { isOn } from '../packages/core/src/catalogue/pair';
import { lineFor } from '../packages/core/src/label';
import { SHEETS } from '../packages/core/src/label/sheets';

/** Pairs of troubles with what is used on them, on the plants they are most usual on, and how many nobody has held against the trouble. */
function pairs(): { readonly pairs: number; readonly inherited: number; readonly inheritedPct: number } {
  const all = TROUBLES.flatMap((t) => {
    const hosts = mainHosts(t);
    return usesOn(t).filter((u) => hosts.some((h) => isOn(u, h) && couldBe(u.control, h, t)));
  });
  const inherited = all.filter((u) => u.inherited).length;
  return { pairs: all.length, inherited, inheritedPct: Math.round((1000 * inherited) / all.length) / 10 };
}

/** What is mixed counts where a specimen's label covers the plant and the trouble. */
function couldBe(controlId: string, host: Host, trouble: Trouble): boolean {
  const id = CONTROLS.find((c) => c.id === controlId)?.sheet;
  const sheet = id === undefined ? undefined : SHEETS.find((s) => s.id === id);
  return !sheet || lineFor(sheet, host, trouble).ok;
}

const counts = {
  troubles: TROUBLES.length,
  hosts: HOSTS.filter((h) => !h.stands).length,
  helpers: HELPERS.length,
  lookAlikes: LOOK_ALIKES.length,
  signs: SIGNS.length,
  drawings: SIGNS.filter((s) => s.drawing !== null).length,
  controls: CONTROLS.length,
  sheets: SHEETS.length,
  ...pairs(),
};
process.stdout.write(`${JSON.stringify(counts)}\n`);
