import { instant, type Instant } from '@sleetbrook/core/measure';
import { useEffect, useState } from 'react';
import { useClock } from '../api/queries';

/**
 * The moment that every screen goes by: the server's clock, running on here between two readings
 * unless it is fixed. Undefined until it was read.
 */
export function useNow(): Instant | undefined {
  const clock = useClock().data;
  const [tick, setTick] = useState(() => Date.now());
  useEffect(() => {
    const timer = setInterval(() => setTick(Date.now()), 30_000);
    return () => clearInterval(timer);
  }, []);
  if (!clock) return undefined;
  const read = Date.parse(clock.now);
  return instant(clock.fixed ? read : read + Math.max(0, tick - clock.readAt));
}
