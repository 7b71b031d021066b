import type { Batch, Case, Confirmation, Garden, Hush, Look, Milestone, OwnSheet, Photo, ShedItem, Sprayer, Treatment, Walk } from '../api';
import type { Reading, SkyLook } from '../weather';
import type { KeptPlanting, Keeping, PageOf } from './keeping';
import type { Snapshot } from './snapshot';

const by =
  <T>(...keys: readonly ((x: T) => string)[]) =>
  (a: T, b: T): number => {
    for (const key of keys) {
      const [x, y] = [key(a), key(b)];
      if (x !== y) return x < y ? -1 : 1;
    }
    return 0;
  };
const newest =
  <T>(at: (x: T) => string, id: (x: T) => string) =>
  (a: T, b: T): number =>
    by<T>(at, id)(b, a);
const mapOf = <T extends { readonly id: string }>(list: readonly T[]) => new Map(list.map((x) => [x.id, x]));

/** Those after a place in a list that runs from the newest to the oldest. */
function pageOf<T>(list: readonly T[], at: (x: T) => string, id: (x: T) => string, { after, limit }: PageOf): T[] {
  const sorted = [...list].sort(newest(at, id));
  const rest = after ? sorted.filter((x) => at(x) < after.at || (at(x) === after.at && id(x) < after.id)) : sorted;
  return rest.slice(0, limit);
}

function shelf<T extends { readonly id: string }>(documents: readonly T[], order: (a: T, b: T) => number) {
  const map = mapOf(documents);
  return {
    map,
    list: () => [...map.values()].sort(order),
    find: (id: string) => map.get(id),
    put: (x: T) => void map.set(x.id, x),
    remove: (id: string) => map.delete(id),
  };
}

/** Photographs are made small by the house: here they only wait, with what is known of them. */
export interface PocketKeeping extends Keeping {
  readonly photos: Keeping['photos'] & { find(id: string): Photo | undefined; put(photo: Photo): void; setRemoved(id: string, removed: boolean): void };
}

/**
 * A garden kept in memory over a copy of the house's. It answers just as the house does, for as far as the copy reaches.
 * The copy itself is never changed.
 */
export function keptInMemory(from: Snapshot): PocketKeeping {
  let garden: Garden | null = from.garden;
  const plantings = mapOf<KeptPlanting>(from.plantings);
  const looks = mapOf<Look>(from.looks);
  const cases = mapOf<Case>(from.cases);
  const treatments = mapOf<Treatment>(from.treatments);
  const walks = mapOf<Walk>(from.walks);
  const sheets = new Map<string, OwnSheet>(from.sheets.map((s) => [s.id, s]));
  const removedSheets = new Set<string>(from.removedSheets);
  const photos = mapOf<Photo>(from.photos);
  const removedPhotos = new Set<string>();
  const shownPhotos = (of: (p: Photo) => boolean) =>
    [...photos.values()]
      .filter((p) => !removedPhotos.has(p.id) && of(p))
      .sort(
        by<Photo>(
          (p) => p.takenAt,
          (p) => p.id,
        ),
      );
  let confirmations: readonly Confirmation[] = from.confirmations;
  const skies = mapOf<SkyLook>(from.skies);
  const shed = shelf<ShedItem>(
    from.shed,
    by(
      (i) => i.name,
      (i) => i.id,
    ),
  );
  const batches = shelf<Batch>(
    from.batches,
    newest(
      (b) => b.startedAt,
      (b) => b.id,
    ),
  );
  const sprayers = shelf<Sprayer>(from.sprayers, (a, b) => Number(a.forWeedkiller) - Number(b.forWeedkiller) || a.capacityMl - b.capacityMl);
  const milestones = shelf<Milestone>(
    from.milestones,
    by((m) => m.id),
  );
  const hushes = shelf<Hush>(
    from.hushes,
    by((h) => h.id),
  );
  const readings = shelf<Reading>(
    from.readings,
    by((r) => r.at),
  );
  const counting = (keep: (t: Treatment) => boolean) =>
    [...treatments.values()].filter((t) => t.struck === null && keep(t)).sort(by<Treatment>((t) => t.finishedAt));
  const asSent = ({ deleted: _deleted, ...p }: KeptPlanting) => p;
  const within = <T extends { readonly at: string }>(list: Iterable<T>, from: Date, to: Date, toCounts: boolean) => {
    const [a, b] = [from.toISOString(), to.toISOString()];
    return [...list].filter((x) => x.at >= a && (toCounts ? x.at <= b : x.at < b)).sort(by<T>((x) => x.at));
  };

  return {
    garden: { stored: () => garden ?? undefined, save: (g) => void (garden = g) },
    plantings: {
      list: () =>
        [...plantings.values()]
          .filter((p) => !p.deleted)
          .map(asSent)
          .sort(
            by(
              (p) => p.place,
              (p) => p.name,
            ),
          ),
      find: (id) => plantings.get(id),
      save: (p) => void plantings.set(p.id, { ...p, deleted: plantings.get(p.id)?.deleted ?? false }),
      remove: (id) => setDeleted(id, true),
      restore: (id) => setDeleted(id, false),
    },
    looks: {
      find: (id) => looks.get(id),
      ofCase: (id) => [...looks.values()].filter((l) => l.caseId === id).sort(by<Look>((l) => l.at)),
      add: (l) => void looks.set(l.id, l),
      attach: (id, caseId) => {
        const look = looks.get(id);
        if (look?.caseId === null) looks.set(id, { ...look, caseId });
      },
    },
    cases: {
      find: (id) => cases.get(id),
      list: (status, page) =>
        pageOf(
          [...cases.values()].filter((c) => c.status === status),
          (c) => c.openedAt,
          (c) => c.id,
          page,
        ),
      save: (c) => void cases.set(c.id, c),
    },
    treatments: {
      find: (id) => treatments.get(id),
      ofCase: (id) => counting((t) => t.caseId === id),
      ofPlanting: (id, since) => counting((t) => t.plantingId === id && t.finishedAt >= since),
      since: (at) => counting((t) => t.finishedAt >= at),
      keepOutAt: (now) => counting((t) => t.keepOutUntil !== null && t.keepOutUntil > now),
      notToEatAt: (now) => counting((t) => t.pickFrom !== null && t.pickFrom > now),
      pickUnknownSince: (since) => counting((t) => t.pickUnknown && t.finishedAt >= since),
      newest: (page) =>
        pageOf(
          [...treatments.values()],
          (t) => t.finishedAt,
          (t) => t.id,
          page,
        ),
      add: (t) => void treatments.set(t.id, t),
      strike: (t, struck) => {
        const after = { ...t, struck };
        treatments.set(t.id, after);
        return after;
      },
    },
    walks: {
      find: (id) => walks.get(id),
      list: (page) =>
        pageOf(
          [...walks.values()],
          (w) => w.startedAt,
          (w) => w.id,
          page,
        ),
      talliesSince: (at, except) =>
        [...walks.values()]
          .filter((w) => w.id !== except)
          .flatMap((w) => w.stops.flatMap((s) => s.tallies.map((t) => ({ ...t, plantingId: s.plantingId, at: s.at ?? w.startedAt }))))
          .filter((t) => t.at >= at)
          .sort(by((t) => t.at)),
      save: (w) => void walks.set(w.id, w),
    },
    shed: { ...shed, mixes: () => [...shed.map.values()].filter((i) => i.kind === 'mix').sort(by<ShedItem>((i) => i.useBy ?? '')) },
    batches: { ...batches, open: () => [...batches.map.values()].filter((b) => b.readyAt === null).sort(by<Batch>((b) => b.startedAt)) },
    sprayers,
    milestones,
    hushes,
    readings: { ...readings, between: (a, b) => within(readings.map.values(), a, b, true) },
    sheets: {
      list: () => [...sheets.values()].filter((s) => !removedSheets.has(s.id)).sort(by<OwnSheet>((s) => s.id)),
      find: (id) => sheets.get(id),
      isRemoved: (id) => removedSheets.has(id),
      versions: (id) => [sheets.get(id)].filter((s) => s !== undefined),
      add: (s) => void sheets.set(s.id, s),
      remove: (id) => void removedSheets.add(id),
      restore: (id) => void removedSheets.delete(id),
    },
    confirmations: {
      list: () =>
        [...confirmations].sort(
          by(
            (c) => c.sheetId,
            (c) => String(c.version).padStart(9, '0'),
          ),
        ),
      has: (id, version) => confirmations.some((c) => c.sheetId === id && c.version === version),
      add: (c) => {
        if (!confirmations.some((x) => x.sheetId === c.sheetId && x.version === c.version)) confirmations = [...confirmations, c];
      },
      remove: (id) => void (confirmations = confirmations.filter((c) => c.sheetId !== id)),
    },
    photos: {
      ofLook: (id) => shownPhotos((p) => p.lookId === id),
      ofCase: (id) => shownPhotos((p) => looks.get(p.lookId)?.caseId === id),
      find: (id) => photos.get(id),
      put: (p) => void photos.set(p.id, p),
      setRemoved: (id, removed) => void (removed ? removedPhotos.add(id) : removedPhotos.delete(id)),
    },
    weather: {
      loaded: (a, b) => within(from.hours, a, b, false),
      skies: (a, b) => within(skies.values(), a, b, true),
      saveSky: (look) => void (skies.has(look.id) || skies.set(look.id, look)),
      madeUp: (a, hours) => within(from.madeUp, a, new Date(a.getTime() + hours * 3_600_000), false),
    },
  };

  function setDeleted(id: string, deleted: boolean): void {
    const found = plantings.get(id);
    if (found) plantings.set(id, { ...found, deleted });
  }
}
