import { asChosen } from './deliver';
import type { Entry } from './entry';
import { changeEntry, dropEntry } from './reach';
import { flush } from './sender';
import { send } from './wire';

/** What somebody does about an entry that can not go home by itself. */

/** Chosen between here and home; what comes of it is sent. */
export async function choose(entry: Entry, takeHere: ReadonlySet<string>): Promise<void> {
  if (entry.state.is !== 'asks') return;
  const next = asChosen(entry, entry.state.home, takeHere);
  if (next) await changeEntry({ ...entry, ...next, state: { is: 'waiting' } });
  else await dropEntry(entry.n);
  await flush();
}

export async function tryAgain(entry: Entry): Promise<void> {
  await changeEntry({ ...entry, state: { is: 'waiting' } });
  await flush();
}

/** What it is about was taken away at home: it is put back there, then this is sent. @throws ApiProblem, NoAnswer */
export async function putBack(entry: Entry): Promise<void> {
  await send({ method: 'POST', path: `${entry.path.split('?')[0] ?? ''}/restore` });
  await tryAgain(entry);
}
/** Whether that is the way out. */
export const canPutBack = (entry: Entry): boolean =>
  entry.state.is === 'refused' && entry.state.problem.status === 404 && /^\/(plantings|sheets|photos)\/[^/]+$/.test(entry.path.split('?')[0] ?? '');

export const letGo = (entry: Entry): Promise<void> => dropEntry(entry.n);

/** The whole of it as a file, for whoever lets it go and may want it after all. */
export function takeAway(entry: Entry): void {
  const blob = entry.body instanceof Blob ? entry.body : new Blob([JSON.stringify(entry, null, 2)], { type: 'application/json' });
  const url = URL.createObjectURL(blob);
  const link = Object.assign(document.createElement('a'), { href: url, download: `kept-here-${entry.n}.${entry.body instanceof Blob ? 'jpg' : 'json'}` });
  link.click();
  setTimeout(() => URL.revokeObjectURL(url), 10_000);
}
