import {
  batchSchema,
  calendarSchema,
  caseSchema,
  clockSchema,
  confirmationSchema,
  copySchema,
  gardenSchema,
  importedSchema,
  lookSchema,
  doorSchema,
  ownSheetSchema,
  pairingSchema,
  photoSchema,
  putBackSchema,
  shedItemSchema,
  skyLookSchema,
  hushSchema,
  milestoneSchema,
  readingSchema,
  type Hush,
  type Milestone,
  plantingSchema,
  sprayerSchema,
  treatmentSchema,
  type Batch,
  type Case,
  type Confirmation,
  type Garden,
  type Knock,
  type Look,
  type OwnSheet,
  type PasscodeChange,
  type Planting,
  type ShedItem,
  type Sprayer,
  type Strike,
  type TreatmentDraft,
} from '@sleetbrook/core/api';
import { labelLineSchema } from '@sleetbrook/core/label';
import type { Reading, SkyLook } from '@sleetbrook/core/weather';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { z } from 'zod';
import { request } from './client';
import { sendPhoto } from './photos';

/** After any write everything shown is read again: the garden is small, and nothing is ever stale. */
function useWrite<I, O>(run: (input: I) => Promise<O>) {
  const client = useQueryClient();
  return useMutation({ mutationFn: run, onSuccess: () => client.invalidateQueries() });
}

export const useSaveGarden = () => useWrite((g: Garden) => request('PUT', '/garden', gardenSchema, g));
export const useSavePlanting = () => useWrite((p: Planting) => request('PUT', `/plantings/${p.id}`, plantingSchema, p));
export const useRemovePlanting = () => useWrite((id: string) => request('DELETE', `/plantings/${id}`, null));
export const useRestorePlanting = () => useWrite((id: string) => request('POST', `/plantings/${id}/restore`, plantingSchema));
export const useSaveSprayer = () => useWrite((s: Sprayer) => request('PUT', `/sprayers/${s.id}`, sprayerSchema, s));
export const useRemoveSprayer = () => useWrite((id: string) => request('DELETE', `/sprayers/${id}`, null));
export const useMakeCalendar = () => useWrite(() => request('POST', '/calendar', calendarSchema));
export const useEndCalendar = () => useWrite(() => request('DELETE', '/calendar', null));
export const useCopyNow = () => useWrite(() => request('POST', '/copies', copySchema));
export const usePutBack = () => useWrite((name: string) => request('POST', `/copies/${encodeURIComponent(name)}/restore`, putBackSchema));
export const useBringGarden = () => useWrite((file: Blob) => request('POST', '/copies/file', copySchema, file, { type: 'application/octet-stream' }));
export const useKnock = () => useWrite((k: Knock) => request('POST', '/door', doorSchema, k));
export const useGoOut = () => useWrite(() => request('DELETE', '/door', null));
export const useTurnAway = () => useWrite((id: string) => request('DELETE', `/devices/${id}`, null));
export const useDrawWords = () => useMutation({ mutationFn: () => request('POST', '/devices/words', pairingSchema) });
export const useChangePasscode = () => useWrite((c: PasscodeChange) => request('PUT', '/door/passcode', null, c));
export const useSaveShedItem = () => useWrite((i: ShedItem) => request('PUT', `/shed-items/${i.id}`, shedItemSchema, i));
export const useRemoveShedItem = () => useWrite((id: string) => request('DELETE', `/shed-items/${id}`, null));
export const useSaveBatch = () => useWrite((b: Batch) => request('PUT', `/batches/${b.id}`, batchSchema, b));
export const useRemoveBatch = () => useWrite((id: string) => request('DELETE', `/batches/${id}`, null));
export const useSaveLook = () => useWrite((l: Look) => request('PUT', `/looks/${l.id}`, lookSchema, l));
export const useSaveCase = () => useWrite((c: Case) => request('PUT', `/cases/${c.id}`, caseSchema, c));
export const useSaveTreatment = () => useWrite((t: TreatmentDraft) => request('PUT', `/treatments/${t.id}`, treatmentSchema, t));
export const useStrike = () =>
  useWrite(({ id, ...strike }: Strike & { readonly id: string }) => request('PUT', `/treatments/${id}/strike`, treatmentSchema, strike));
export const useConfirmSheet = () => useWrite((c: Confirmation) => request('PUT', `/confirmations/${c.sheetId}`, confirmationSchema, c));
export const useUnconfirmSheet = () => useWrite((sheetId: string) => request('DELETE', `/confirmations/${sheetId}`, null));
export const useSaveSheet = () => useWrite((s: OwnSheet) => request('PUT', `/sheets/${s.id}`, ownSheetSchema, s));
export const useRemoveSheet = () => useWrite((id: string) => request('DELETE', `/sheets/${id}`, null));
export const useRestoreSheet = () => useWrite((id: string) => request('POST', `/sheets/${id}/restore`, ownSheetSchema));
export const useTakeInSheets = () => useWrite((text: string) => request('POST', '/sheets/file', importedSchema, { text }));
export const useReadRates = () => useWrite((text: string) => request('POST', '/sheets/rates', z.array(labelLineSchema), { text }));
export const useMoveClock = () => useWrite((now: string) => request('PUT', '/clock', clockSchema, { now }));
export const useSaveSky = () => useWrite((look: SkyLook) => request('PUT', `/weather/sky/${look.id}`, skyLookSchema, look));
export const useSaveReading = () => useWrite((r: Reading) => request('PUT', `/readings/${r.id}`, readingSchema, r));
export const useRemoveReading = () => useWrite((id: string) => request('DELETE', `/readings/${id}`, null));
export const useSaveMilestone = () => useWrite((m: Milestone) => request('PUT', `/milestones/${m.id}`, milestoneSchema, m));
export const useSaveHush = () => useWrite((h: Hush) => request('PUT', `/hushes/${h.id}`, hushSchema, h));
const loadedSchema = z.object({ first: z.string().nullable(), last: z.string().nullable(), hours: z.number(), added: z.number() });
export const useLoadWeather = () => useWrite((csv: string) => request('PUT', '/weather/file', loadedSchema, csv, { type: 'text/csv' }));
export const useDropWeather = () => useWrite(() => request('DELETE', '/weather/file', null));
export const useSendPhoto = () => useWrite(({ lookId, takenAt, file }: { lookId: string; takenAt: string; file: File }) => sendPhoto(lookId, takenAt, file));
export const useRemovePhoto = () => useWrite((id: string) => request('DELETE', `/photos/${id}`, null));
export const useRestorePhoto = () => useWrite((id: string) => request('POST', `/photos/${id}/restore`, photoSchema));
