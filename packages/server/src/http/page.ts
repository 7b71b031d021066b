import { nextAfter, placeOf, type PageOf } from '@sleetbrook/core/house';
import type { Request, Response } from 'express';

/** The page that a request asks for: `?before=` is the cursor of the page before it. */
export const pageOf = (req: Request, limit: number): PageOf => ({ after: placeOf(req.query['before']), limit });

/**
 * Sends a page of a list; where there is more, a Link header leads on (RFC 8288), so that nothing is cut silently.
 * @param at what the list is ordered by, newest first
 */
export function sendPage<T extends { readonly id: string }>(req: Request, res: Response, page: readonly T[], limit: number, at: (x: T) => string): void {
  const next = nextAfter(page, limit, at);
  if (next !== null) {
    const query = new URLSearchParams({ ...(req.query as Record<string, string>), before: next });
    res.set('Link', `<${req.baseUrl}${req.path}?${query.toString()}>; rel="next"`);
  }
  res.json(page);
}
