import { cursorOf } from '@sleetbrook/core/api';
import { useInfiniteQuery } from '@tanstack/react-query';
import type { ZodType } from 'zod';
import { z } from 'zod';
import { request } from './client';

interface ListOf<T> {
  /** Its address, with a query where it has one. */
  readonly path: string;
  readonly schema: ZodType<T>;
  /** What it is ordered by, newest first. */
  readonly at: (x: T) => string;
  readonly aPage: number;
}

/**
 * What comes after the first page of a list, asked for page by page when somebody wants it: nothing ends without a word.
 * @param first the first page as it is shown
 */
export function useOlder<T extends { readonly id: string }>({ path, schema, at, aPage }: ListOf<T>, first: readonly T[]) {
  const cursor = (page: readonly T[]) => {
    const last = page.at(-1);
    return last && page.length >= aPage ? cursorOf(at(last), last.id) : null;
  };
  const start = cursor(first);
  const query = useInfiniteQuery({
    queryKey: ['older', path, start],
    enabled: false,
    initialPageParam: start ?? '',
    queryFn: ({ pageParam }) => request('GET', `${path}${path.includes('?') ? '&' : '?'}before=${encodeURIComponent(pageParam)}`, z.array(schema)),
    getNextPageParam: cursor,
  });
  const more = query.data ? query.hasNextPage : start !== null;
  return { list: query.data?.pages.flat() ?? [], more, busy: query.isFetching, error: query.error, next: () => void query.fetchNextPage() };
}
