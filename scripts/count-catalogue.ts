import { HELPERS, HOSTS, CONTROLS, LOOK_ALIKES, SIGNS, TROUBLES } from '../packages/core/src/catalogue';
import { SHEETS } from '../packages/core/src/label/sheets';

const counts = {
  troubles: TROUBLES.length,
  hosts: HOSTS.filter((h) => !h.stands).length,
  helpers: HELPERS.length,
  lookAlikes: LOOK_ALIKES.length,
  signs: SIGNS.length,
  drawings: SIGNS.filter((s) => s.drawing !== null).length,
  controls: CONTROLS.length,
  sheets: SHEETS.length,
};
process.stdout.write(`${JSON.stringify(counts)}\n`);
