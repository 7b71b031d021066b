import { labelSheetSchema } from '@sleetbrook/core/label';
import {
  batchSchema,
  caseDetailSchema,
  caseSchema,
  clockSchema,
  copySchema,
  deviceSchema,
  doorSchema,
  lookedSchema,
  countrySchema,
  codeSchema,
  confirmationSchema,
  gardenSchema,
  healthSchema,
  photoSchema,
  shedItemSchema,
  plantingSchema,
  sprayerSchema,
  todaySchema,
  treatmentPageSchema,
  walkPlanSchema,
  walkSchema,
  townSchema,
  weatherSchema,
  zoneSchema,
} from '@sleetbrook/core/api';
import { useInfiniteQuery, useQuery } from '@tanstack/react-query';
import { z } from 'zod';
import { request } from './client';

export const useHealth = () => useQuery({ queryKey: ['health'], queryFn: () => request('GET', '/health', healthSchema), refetchInterval: 300_000 });
export const useClock = () =>
  useQuery({ queryKey: ['clock'], queryFn: async () => ({ ...(await request('GET', '/clock', clockSchema)), readAt: Date.now() }), refetchInterval: 60_000 });
export const useGarden = () => useQuery({ queryKey: ['garden'], queryFn: () => request('GET', '/garden', gardenSchema) });
export const usePlantings = () => useQuery({ queryKey: ['plantings'], queryFn: () => request('GET', '/plantings', z.array(plantingSchema)) });
export const useSprayers = () => useQuery({ queryKey: ['sprayers'], queryFn: () => request('GET', '/sprayers', z.array(sprayerSchema)) });
export const useCopies = () => useQuery({ queryKey: ['copies'], queryFn: () => request('GET', '/copies', z.array(copySchema)) });
export const useCopyHolds = (name: string | null) =>
  useQuery({ queryKey: ['copy-holds', name], enabled: name !== null, queryFn: () => request('GET', `/copies/${name}/holds`, lookedSchema), retry: false });
export const useDoor = () => useQuery({ queryKey: ['door'], queryFn: () => request('GET', '/door', doorSchema) });
export const useDevices = () => useQuery({ queryKey: ['devices'], queryFn: () => request('GET', '/devices', z.array(deviceSchema)) });
export const useShedItems = () => useQuery({ queryKey: ['shed-items'], queryFn: () => request('GET', '/shed-items', z.array(shedItemSchema)) });
export const useShedCode = (id: string) =>
  useQuery({ queryKey: ['shed-code', id], queryFn: () => request('GET', `/shed-items/${id}/code`, codeSchema), retry: false });
export const useBatches = () => useQuery({ queryKey: ['batches'], queryFn: () => request('GET', '/batches', z.array(batchSchema)) });
export const useCases = (status: 'open' | 'cleared') =>
  useQuery({ queryKey: ['cases', status], queryFn: () => request('GET', `/cases?status=${status}`, z.array(caseSchema)) });
export const useCaseDetail = (id: string) =>
  useQuery({ queryKey: ['case', id], queryFn: () => request('GET', `/cases/${encodeURIComponent(id)}`, caseDetailSchema), retry: false });
export const useToday = () => useQuery({ queryKey: ['today'], queryFn: () => request('GET', '/today', todaySchema), refetchInterval: 60_000 });
/** Label sheets: the specimens, then the grower's own. */
export const useSheets = () => useQuery({ queryKey: ['sheets'], queryFn: () => request('GET', '/sheets', z.array(labelSheetSchema)) });
export const useSheetVersions = (id: string) =>
  useQuery({ queryKey: ['sheet-versions', id], queryFn: () => request('GET', `/sheets/${id}/versions`, z.array(labelSheetSchema)), retry: false });
export const useConfirmations = () => useQuery({ queryKey: ['confirmations'], queryFn: () => request('GET', '/confirmations', z.array(confirmationSchema)) });
export const usePlantingTreatments = (plantingId: string | undefined) =>
  useQuery({
    queryKey: ['treatments', plantingId],
    enabled: plantingId !== undefined,
    queryFn: () => request('GET', `/treatments?planting=${plantingId}`, treatmentPageSchema),
  });
export const useWeather = (from: string | undefined, hours: number) =>
  useQuery({
    queryKey: ['weather', from, hours],
    enabled: from !== undefined,
    queryFn: () => request('GET', `/weather?from=${from}&hours=${hours}`, weatherSchema),
  });
export const useTreatmentLog = () =>
  useInfiniteQuery({
    queryKey: ['treatment-log'],
    initialPageParam: '',
    queryFn: ({ pageParam }) => request('GET', `/treatments${pageParam ? `?before=${encodeURIComponent(pageParam)}` : ''}`, treatmentPageSchema),
    getNextPageParam: (page) => page.next ?? undefined,
  });
export const useLookPhotos = (lookId: string) =>
  useQuery({ queryKey: ['photos', lookId], queryFn: () => request('GET', `/photos?look=${lookId}`, z.array(photoSchema)) });
export const useWalks = () => useQuery({ queryKey: ['walks'], queryFn: () => request('GET', '/walks', z.array(walkSchema)) });
export const useWalk = (id: string, enabled: boolean) =>
  useQuery({ queryKey: ['walk', id], enabled, queryFn: () => request('GET', `/walks/${encodeURIComponent(id)}`, walkSchema), retry: false });
/** @param except a walk whose own counts are not "before" */
export const useWalkPlan = (except: string) =>
  useQuery({ queryKey: ['walk-plan', except], queryFn: () => request('GET', `/walk-plan?except=${encodeURIComponent(except)}`, walkPlanSchema) });
/** Lists that ship: they do not change while the app runs. */
const SHIPPED = { staleTime: Infinity } as const;
export const useCountries = () => useQuery({ queryKey: ['countries'], ...SHIPPED, queryFn: () => request('GET', '/places/countries', z.array(countrySchema)) });
export const useTowns = (country: string, typed: string) =>
  useQuery({
    queryKey: ['towns', country, typed],
    ...SHIPPED,
    enabled: country !== '',
    placeholderData: (old) => old,
    queryFn: () => request('GET', `/places/towns?country=${country}&q=${encodeURIComponent(typed)}`, z.array(townSchema)),
  });
export const zoneOf = (latitude: number, longitude: number) => request('GET', `/places/zone?latitude=${latitude}&longitude=${longitude}`, zoneSchema);
