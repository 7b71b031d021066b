import type { Problem } from '@sleetbrook/core/api';
import { answererOf, Refusal, type Ask, type Snapshot, type Told } from '@sleetbrook/core/house';

/** What was written here, in its order, and when by the house's clock. */
export interface Written extends Ask {
  readonly n: number;
  readonly at: string;
}

export type PocketAnswer = { readonly ok: true; readonly body: unknown } | { readonly ok: false; readonly problem: Problem } | null;

interface Built {
  readonly key: string;
  readonly answer: (ask: Ask) => Told | null;
}

let copy: Snapshot | null = null;
let built: Built | null = null;
let now = new Date(0);

const keyOf = (written: readonly Written[]) => written.map((w) => w.n).join();

/** The copy with all that was written since, in its order. What the copy already holds is taken as sent twice. */
function withAll(from: Snapshot, written: readonly Written[]): Built {
  const key = keyOf(written);
  if (built?.key === key) return built;
  const answer = answererOf(from, () => now);
  for (const w of written) {
    now = new Date(w.at);
    try {
      answer(w);
    } catch (e) {
      // the house knows better what became of it
      if (!(e instanceof Refusal)) throw e;
    }
  }
  return (built = { key, answer });
}

const problemOf = (e: Refusal): Problem => ({
  type: 'about:blank',
  title: e.title,
  status: e.status,
  ...(e.detail ? { detail: e.detail } : {}),
  ...(e.errors ? { errors: [...e.errors] } : {}),
});

function told(answer: () => Told | null): PocketAnswer {
  try {
    const found = answer();
    return found && { ok: true, body: found.body };
  } catch (e) {
    if (!(e instanceof Refusal)) throw e;
    built = null;
    return { ok: false, problem: problemOf(e) };
  }
}

/** The house's answers where it is out of reach. */
export const pocket = {
  /** A new copy of the garden; null: there is none. */
  takeCopy(snapshot: Snapshot | null): void {
    copy = snapshot;
    built = null;
  },
  /** What an address tells, after all that was written. @param at the house's clock */
  tell(path: string, written: readonly Written[], at: string): PocketAnswer {
    const from = copy;
    if (!from) return null;
    return told(() => {
      const { answer } = withAll(from, written);
      now = new Date(at);
      return answer({ method: 'GET', path });
    });
  },
  /** The answer to the last of what was written. */
  take(written: readonly Written[]): PocketAnswer {
    const last = written.at(-1);
    const from = copy;
    if (!from || !last) return null;
    return told(() => {
      const { answer } = withAll(from, written.slice(0, -1));
      now = new Date(last.at);
      const found = answer(last);
      built = { key: keyOf(written), answer };
      return found;
    });
  },
};
