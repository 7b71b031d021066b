import { nextAfter, partOf, placeOf, type PageOf } from '@sleetbrook/core/house';
import type { Request, Response } from 'express';

/** The page that a request asks for: `?before=` is the cursor of the page before it. */
export const pageOf = (req: Request, limit: number): PageOf => ({ after: placeOf(req.query['before']), limit });

/**
 * Sends a page of a list; where there is more, a Link header leads on (RFC 8288), so that nothing is cut silently.
 * @param at what the list is ordered by, newest first
 */
export function sendPage<T extends { readonly id: string }>(req: Request, res: Response, page: readonly T[], limit: number, at: (x: T) => string): void {
  leadOn(req, res, 'before', nextAfter(page, limit, at));
  res.json(page);
}

/**
 * Sends a part of a list that is kept whole, and leads on in the same way; `?after=` is the key of the last one known.
 * @throws Refusal 409 where that one has gone since
 */
export function sendPart<T>(req: Request, res: Response, list: readonly T[], keyOf: (x: T) => string): void {
  const part = partOf(list, req.query['after'], keyOf);
  leadOn(req, res, 'after', part.next);
  res.json(part.list);
}

function leadOn(req: Request, res: Response, name: 'before' | 'after', next: string | null): void {
  if (next === null) return;
  const query = new URLSearchParams({ ...(req.query as Record<string, string>), [name]: next });
  res.set('Link', `<${req.baseUrl}${req.path}?${query.toString()}>; rel="next"`);
}
