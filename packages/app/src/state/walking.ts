import type { Stop, Tally, Walk } from '@sleetbrook/core/api';
import { hashKey } from '@tanstack/react-query';
import { create } from 'zustand';
import { persist } from 'zustand/middleware';
import { storage } from './storage';

interface Walking {
  /** The round under way, as tapped; the server has it a moment later. */
  readonly walk: Walk | null;
  /** Taps that the server does not have yet. */
  readonly unsent: number;
  /** As it was last put on its way: a copy at the server that is just this one is our own, its answer was lost. */
  readonly sending: Walk | null;
  /** Earlier rounds that the server does not have yet: kept until they have arrived. */
  readonly outbox: readonly Walk[];
  /** Another device has been on the round at hand, too. */
  readonly together: boolean;
  /** Why the server will not have one of them, in its words; null where it only did not answer. */
  readonly refused: string | null;
  begin(walk: Walk): void;
  changeStop(plantingId: string, change: Partial<Stop>): void;
  tally(plantingId: string, troubleId: string, affected: number, clean: number): void;
  finish(at: string): void;
  /** Before a request: what it carries. */
  send(walk: Walk): void;
  /** The server has all but `taps` taps, at this revision. */
  sent(id: string, revision: number, taps: number): void;
  /** The server has another one of it: what both have, to be sent on. */
  met(theirs: Walk): void;
  refuse(why: string | null): void;
  drop(): void;
}

const inStop = (walk: Walk, plantingId: string, change: (s: Stop) => Stop): Walk => ({
  ...walk,
  stops: walk.stops.map((s) => (s.plantingId === plantingId ? change(s) : s)),
});

/** One more (or one fewer) of each; never below nothing. */
export function addToTally(tallies: readonly Tally[], troubleId: string, affected: number, clean: number): Tally[] {
  const old = tallies.find((t) => t.troubleId === troubleId) ?? { troubleId, affected: 0, looked: 0 };
  const withIt = Math.max(0, old.affected + affected);
  const without = Math.max(0, old.looked - old.affected + clean);
  const rest = tallies.filter((t) => t.troubleId !== troubleId);
  return withIt + without === 0 ? rest : [...rest, { troubleId, affected: withIt, looked: withIt + without }];
}

/** The round at hand, should it not have arrived, joins those that wait. */
const putBy = ({ walk, unsent, outbox }: Pick<Walking, 'walk' | 'unsent' | 'outbox'>): readonly Walk[] =>
  walk && unsent > 0 ? [...outbox.filter((w) => w.id !== walk.id), walk] : outbox;

const same = (a: Walk, b: Walk | null) => b !== null && hashKey([{ ...a, revision: 0 }]) === hashKey([{ ...b, revision: 0 }]);

const looked = (s: Stop) => s.tallies.reduce((sum, t) => sum + t.looked, 0);

/**
 * Our round over the server's copy. A copy that is what we sent, its answer lost, is only a newer revision; another
 * device's is joined stop by stop: the one that saw more of a stop is kept, so that no count is lost.
 */
export function joined(ours: Walk, theirs: Walk, sending: Walk | null): Walk {
  if (same(theirs, sending)) return { ...ours, revision: theirs.revision };
  const stops = ours.stops.map((mine) => {
    const other = theirs.stops.find((s) => s.plantingId === mine.plantingId);
    const theirsSawMore = other !== undefined && other.state !== 'to-do' && (mine.state === 'to-do' || looked(other) > looked(mine));
    return theirsSawMore ? other : mine;
  });
  const more = theirs.stops.filter((s) => !ours.stops.some((x) => x.plantingId === s.plantingId));
  return { ...ours, revision: theirs.revision, finishedAt: ours.finishedAt ?? theirs.finishedAt, stops: [...stops, ...more] };
}

/** How many rounds the server does not have all of. */
export const unsentWalks = (s: Pick<Walking, 'walk' | 'unsent' | 'outbox'>): number => s.outbox.length + (s.walk && s.unsent > 0 ? 1 : 0);

/** A broken-off walk survives a reload, a call and a flat battery. */
export const useWalking = create<Walking>()(
  persist(
    (set) => {
      const change = (f: (w: Walk) => Walk) => set((s) => (s.walk ? { walk: f(s.walk), unsent: s.unsent + 1 } : s));
      return {
        walk: null,
        unsent: 0,
        sending: null,
        outbox: [],
        together: false,
        refused: null,
        refuse: (refused) => set({ refused }),
        begin: (walk) =>
          set((s) => {
            const waiting = s.outbox.find((w) => w.id === walk.id);
            return {
              walk: waiting ?? walk,
              unsent: waiting || walk.revision === 0 ? 1 : 0,
              sending: null,
              together: false,
              outbox: putBy(s).filter((w) => w.id !== walk.id),
            };
          }),
        changeStop: (plantingId, c) => change((w) => inStop(w, plantingId, (s) => ({ ...s, ...c }))),
        tally: (plantingId, troubleId, affected, clean) =>
          change((w) => inStop(w, plantingId, (s) => ({ ...s, tallies: addToTally(s.tallies, troubleId, affected, clean) }))),
        finish: (at) => change((w) => ({ ...w, finishedAt: at })),
        send: (sending) => set({ sending }),
        sent: (id, revision, taps) =>
          set((s) =>
            s.walk?.id === id
              ? { walk: { ...s.walk, revision }, unsent: Math.max(0, s.unsent - taps), sending: null }
              : // what was tapped while it was on its way is still to be sent
                { outbox: s.outbox.flatMap((w) => (w.id !== id ? [w] : same(w, s.sending) ? [] : [{ ...w, revision }])), sending: null },
          ),
        met: (theirs) =>
          set((s) => {
            const join = (w: Walk) => (w.id === theirs.id ? joined(w, theirs, s.sending) : w);
            const others = s.walk?.id === theirs.id && !same(theirs, s.sending);
            return { walk: s.walk && join(s.walk), outbox: s.outbox.map(join), sending: null, together: s.together || others };
          }),
        drop: () => set((s) => ({ walk: null, unsent: 0, sending: null, together: false, outbox: putBy(s) })),
      };
    },
    { name: 'sleetbrook-walk', storage },
  ),
);
