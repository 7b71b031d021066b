import { walkSchema } from '@sleetbrook/core/api';
import { useQueryClient } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { ApiProblem, request } from '../../api/client';
import { useReach } from '../../reach/reach';
import { unsentWalks, useWalking } from '../../state/walking';

const PAUSE_MS = 700;
const LONGEST_PAUSE_MS = 15_000;
let failures = 0;
let busy = false;

/** Sends one walk that waits, the oldest first. @returns whether something was sent */
async function sendOne(): Promise<boolean> {
  // a walk may lead past a planting that is not at home yet
  if (useReach.getState().entries.some((e) => e.state.is === 'waiting')) return false;
  const { outbox, walk, unsent, send, sent, met, refuse } = useWalking.getState();
  const next = outbox[0] ?? (walk && unsent > 0 ? walk : null);
  if (!next) return false;
  const taps = next.id === walk?.id ? unsent : 0;
  send(next);
  try {
    const kept = await request('PUT', `/walks/${next.id}`, walkSchema, next);
    sent(next.id, kept.revision, taps);
    refuse(null);
  } catch (e) {
    if (!(e instanceof ApiProblem)) throw e;
    const { status } = e.problem;
    refuse(status >= 400 && status < 500 && status !== 409 && status !== 429 ? (e.problem.errors?.[0]?.message ?? e.message) : null);
    if (status !== 409) throw e;
    // our own answer was lost, or another device has been on the same round: go on from what the server has
    met(await request('GET', `/walks/${next.id}`, walkSchema));
  }
  return true;
}

/**
 * Sends walks from anywhere in the app, a moment after the last tap and again until they have arrived; nothing that
 * waits is given up.
 */
export function useWalkSender(): void {
  const waiting = useWalking(unsentWalks);
  const taps = useWalking((w) => w.unsent);
  const client = useQueryClient();
  const [round, setRound] = useState(0);
  useEffect(() => {
    const again = () => setRound((n) => n + 1);
    if (typeof window === 'undefined') return undefined;
    window.addEventListener('online', again);
    return () => window.removeEventListener('online', again);
  }, []);
  useEffect(() => {
    if (waiting === 0) return undefined;
    const wait = failures === 0 ? PAUSE_MS : Math.min(LONGEST_PAUSE_MS, PAUSE_MS * 2 ** failures);
    const timer = setTimeout(() => {
      if (busy) return setRound((n) => n + 1);
      busy = true;
      sendOne()
        .then((did) => {
          failures = 0;
          if (did) void client.invalidateQueries({ queryKey: ['walks'] });
        })
        .catch(() => {
          failures = Math.min(failures + 1, 6);
        })
        .finally(() => {
          busy = false;
          setRound((n) => n + 1);
        });
    }, wait);
    return () => clearTimeout(timer);
  }, [waiting, taps, round, client]);
}
