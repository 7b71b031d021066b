import { findControl, findTrouble, type Control, type PartId, type Trouble, type TroubleKind, type Use } from '../catalogue';
import type { Suspect } from './rank';

/** What can be done while it is not settled. */
export interface Meanwhile {
  /** Rungs 0 to 2 that suit every likely suspect, gentlest first. */
  readonly safe: readonly Control[];
  readonly sample: Sample;
}

/** What is done whichever of the likely ones it is. */
export interface CommonAct {
  readonly control: Control;
  /** Those it is done for, likeliest first. */
  readonly among: readonly Suspect[];
}

/** Less likely ones are not thought of. */
const THOUGHT_OF = 0.05;
/** So much of what it may be is covered by the act. */
const COVERED = 0.8;
/** It does at least so much against each. */
const HELPS = 0.3;
const HAND_RUNG = 2;

/**
 * Suspects that are treated alike end in their common act: one gentle means that the trade does first against each of them,
 * or that helps against each; for friends and what is no trouble, to leave it.
 * @returns null where the likely ones are not all known, one must be reported, or they have nothing in common
 */
export function commonAct(suspects: readonly Suspect[]): CommonAct | null {
  const among = suspects.filter((s) => s.kind !== 'other' && s.probability >= THOUGHT_OF);
  if (among.length === 0 || among.some((s) => s.notifiable) || among.reduce((sum, s) => sum + s.probability, 0) < COVERED) return null;
  const troubles = among.flatMap((s) => findTrouble(s.id) ?? []);
  if (troubles.length === 0) {
    const leave = findControl('leave-it');
    return leave ? { control: leave, among } : null;
  }
  if (troubles.length < among.length) return null;
  const helps = (t: Trouble, id: string) => t.controls.some((u) => u.control === id && treats(u) && (u.first !== undefined || u.effect >= HELPS));
  const [first] = troubles;
  const shared = (first?.controls ?? [])
    .map((c) => c.control)
    .filter((id) => id !== 'leave-it' && id !== 'licensed-person' && troubles.every((t) => helps(t, id)))
    .flatMap((id) => findControl(id) ?? [])
    .filter((c) => c.rung <= HAND_RUNG);
  const led = (c: Control) => troubles.filter((t) => t.controls.some((u) => u.control === c.id && u.first !== null)).length;
  const [control] = shared.sort((a, b) => led(b) - led(a) || a.rung - b.rung);
  return control ? { control, among } : null;
}

/** Done to what is there, not to keep away what is not. */
const treats = (u: Use) => ['cures', 'holds'].includes(u.does ?? findControl(u.control)?.does ?? '');

/** How to take a sample to somebody who can tell. */
export interface Sample {
  readonly what: string;
  readonly howFresh: string;
  readonly whereTo: string;
}

const LIKELY = 0.1;
const MOST = 4;
const HIGHEST_RUNG = 2;

/**
 * What is safe to do while nothing is settled, and the sample to take.
 * @param suspects as ranked
 * @param part where it shows, if that is known
 */
export function meanwhile(suspects: readonly Suspect[], part: PartId | null): Meanwhile {
  const likely = suspects.filter((s) => s.kind === 'trouble' && s.probability >= LIKELY).slice(0, MOST);
  const troubles = likely.flatMap((s) => findTrouble(s.id) ?? []);
  return {
    safe: commonToAll(troubles),
    sample: sampleOf(
      troubles,
      part,
      likely.some((s) => s.notifiable),
    ),
  };
}

function commonToAll(troubles: readonly Trouble[]): Control[] {
  const [first, ...rest] = troubles;
  const leave = findControl('leave-it');
  const shared = (first?.controls ?? [])
    .map((c) => c.control)
    .filter((id) => id !== 'leave-it' && rest.every((t) => t.controls.some((c) => c.control === id)))
    .flatMap((id) => findControl(id) ?? [])
    .filter((c) => c.rung <= HIGHEST_RUNG)
    .sort((a, b) => a.rung - b.rung);
  return [...(leave ? [leave] : []), ...shared].slice(0, MOST);
}

const ANIMALS: readonly TroubleKind[] = ['insect', 'mite', 'mollusc', 'animal'];
const UNDERGROUND: readonly (PartId | null)[] = ['root', 'soil', 'stem-base'];

/** Common practice of plant clinics: enough of it, fresh, dry, with the edge between sick and sound. */
function sampleOf(troubles: readonly Trouble[], part: PartId | null, notifiable: boolean): Sample {
  const whereTo = notifiable
    ? 'One of these may have to be reported: ring your plant-health office before you carry any of it about.'
    : 'Your local extension or plant-health office, with a note of plant, place, weather and what was sprayed.';
  if (UNDERGROUND.includes(part)) {
    return {
      what: 'A whole sick plant with its roots and a handful of their soil, and a sound one beside it.',
      howFresh: 'Dug the same day, the root ball bagged, the leaves left dry; kept cool, not frozen.',
      whereTo,
    };
  }
  if (part === 'fruit' || part === 'flower') {
    return {
      what: 'Three to five fruits or flowers at different stages, the first marks among them.',
      howFresh: 'Picked dry the same day, each in paper, never in plastic.',
      whereTo,
    };
  }
  if (part === 'trunk' || part === 'stem') {
    return {
      what: 'A piece of stem with the edge between sick and sound, or a sliver of bark from that edge.',
      howFresh: 'Cut the same day with a clean blade, in paper, kept cool.',
      whereTo,
    };
  }
  if (troubles.length > 0 && troubles.every((t) => ANIMALS.includes(t.kind))) {
    return {
      what: 'The creatures themselves, young and grown, and a leaf with the damage.',
      howFresh: 'Creatures in a small jar with a little spirit; the leaf in paper the same day.',
      whereTo,
    };
  }
  return {
    what: 'Five leaves from the edge of the trouble: some just beginning, some worse, one sound.',
    howFresh: 'Picked dry the same day, flat in paper, never in plastic; kept cool.',
    whereTo,
  };
}
