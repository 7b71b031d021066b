import type { RequestListener } from 'node:http';
import { setTimeout as wait } from 'node:timers/promises';
import type { Express } from 'express';
import type { Context } from './context';
import { HttpProblem } from './http/problem';

/** A garden that is open: what the routes work with, and how it is closed. */
export interface Opened {
  readonly context: Omit<Context, 'exchange'>;
  close(): void;
}

/** Requests under way get so long to end before the garden is exchanged, ms. */
const PATIENCE_MS = 10_000;
const LOOK_MS = 10;

/**
 * The house as it stands between the network and a garden. The garden can be exchanged for another while the house goes on:
 * nothing new is taken in meanwhile (503, asked again by itself), and nothing under way is cut off.
 */
export class Serving {
  private opened: Opened;
  private app: Express;
  private running = 0;
  private shut = false;

  constructor(
    private readonly open: () => Opened,
    private readonly build: (context: Context) => Express,
  ) {
    this.opened = open();
    this.app = this.built();
  }

  private built(): Express {
    return this.build({ ...this.opened.context, exchange: (change) => this.exchange(change) });
  }

  readonly handle: RequestListener = (req, res) => {
    if (this.shut) {
      const body = { type: 'about:blank', title: 'In a moment', status: 503, detail: 'A copy is being put back. Try again in a moment.' };
      res.writeHead(503, { 'Content-Type': 'application/problem+json', 'Retry-After': '2' }).end(JSON.stringify(body));
      return;
    }
    this.running++;
    res.once('close', () => this.running--);
    this.app(req, res);
  };

  /**
   * Closes the garden, lets `change` work on its folder, and opens what is there then.
   * @param change also tells how to undo itself, for when what it put there can not be opened
   * @throws Refusal while another exchange goes on, or requests do not end; then nothing was changed
   */
  private async exchange<T>(change: () => Promise<{ readonly made: T; readonly undo: () => Promise<unknown> }>): Promise<T> {
    if (this.shut) throw new HttpProblem(409, 'In a moment', 'A copy is being put back already.');
    this.shut = true;
    try {
      // the request that asks for it is one of them
      for (const until = Date.now() + PATIENCE_MS; this.running > 1; await wait(LOOK_MS))
        if (Date.now() > until) throw new HttpProblem(409, 'Busy', 'Something else does not come to its end. Nothing was changed: try again in a moment.');
      this.opened.close();
      try {
        const { made, undo } = await change();
        try {
          this.opened = this.open();
        } catch (error) {
          await undo();
          throw error;
        }
        this.app = this.built();
        return made;
      } catch (error) {
        this.opened = this.open();
        this.app = this.built();
        throw error;
      }
    } finally {
      this.shut = false;
    }
  }

  close(): void {
    this.opened.close();
  }
}
