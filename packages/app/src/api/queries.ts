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
  hushSchema,
  stationSchema,
  milestoneSchema,
  readingSchema,
  calendarSchema,
  seasonViewSchema,
  warningsSchema,
  climateSchema,
  weatherDaySchema,
  zoneSchema,
  CASES_A_PAGE,
  LIST_A_PAGE,
  byId,
  byVersion,
  cursorOf,
  type Case,
} from '@sleetbrook/core/api';
import { useInfiniteQuery, useQuery } from '@tanstack/react-query';
import { z } from 'zod';
import { request, requestAll, type PartsOf } from './client';

const after = <T>(keyOf: (x: T) => string): PartsOf<T> => ({ aPage: LIST_A_PAGE, next: (last) => `after=${encodeURIComponent(keyOf(last))}` });
const OLDER_CASES: PartsOf<Case> = { aPage: CASES_A_PAGE, next: (last) => `before=${encodeURIComponent(cursorOf(last.openedAt, last.id))}` };

export const useHealth = () => useQuery({ queryKey: ['health'], queryFn: () => request('GET', '/health', healthSchema), refetchInterval: 300_000 });
export const useClock = () =>
  useQuery({ queryKey: ['clock'], queryFn: async () => ({ ...(await request('GET', '/clock', clockSchema)), readAt: Date.now() }), refetchInterval: 60_000 });
export const useGarden = () => useQuery({ queryKey: ['garden'], queryFn: () => request('GET', '/garden', gardenSchema) });
export const usePlantings = () => useQuery({ queryKey: ['plantings'], queryFn: () => requestAll('/plantings', z.array(plantingSchema), after(byId)) });
export const useSprayers = () => useQuery({ queryKey: ['sprayers'], queryFn: () => requestAll('/sprayers', z.array(sprayerSchema), after(byId)) });
export const useCopies = () => useQuery({ queryKey: ['copies'], queryFn: () => request('GET', '/copies', z.array(copySchema)) });
export const useCopyHolds = (name: string | null) =>
  useQuery({ queryKey: ['copy-holds', name], enabled: name !== null, queryFn: () => request('GET', `/copies/${name}/holds`, lookedSchema), retry: false });
export const useDoor = () => useQuery({ queryKey: ['door'], queryFn: () => request('GET', '/door', doorSchema) });
export const useDevices = () => useQuery({ queryKey: ['devices'], queryFn: () => request('GET', '/devices', z.array(deviceSchema)) });
export const useShedItems = () => useQuery({ queryKey: ['shed-items'], queryFn: () => requestAll('/shed-items', z.array(shedItemSchema), after(byId)) });
export const useShedCode = (id: string) =>
  useQuery({ queryKey: ['shed-code', id], queryFn: () => request('GET', `/shed-items/${id}/code`, codeSchema), retry: false });
export const useBatches = () => useQuery({ queryKey: ['batches'], queryFn: () => requestAll('/batches', z.array(batchSchema), after(byId)) });
/** Every open case; of the cleared ones the newest, and whoever wants to read older ones asks for them (useOlder). */
export const useCases = (status: 'open' | 'cleared') =>
  useQuery({
    queryKey: ['cases', status],
    queryFn: () =>
      status === 'open' ? requestAll('/cases?status=open', z.array(caseSchema), OLDER_CASES) : request('GET', '/cases?status=cleared', z.array(caseSchema)),
  });
export const useCaseDetail = (id: string) =>
  useQuery({ queryKey: ['case', id], queryFn: () => request('GET', `/cases/${encodeURIComponent(id)}`, caseDetailSchema), retry: false });
export const useToday = () => useQuery({ queryKey: ['today'], queryFn: () => request('GET', '/today', todaySchema), refetchInterval: 60_000 });
/** Label sheets: the specimens, then the grower's own. */
export const useSheets = () => useQuery({ queryKey: ['sheets'], queryFn: () => requestAll('/sheets', z.array(labelSheetSchema), after(byId)) });
export const useSheetVersions = (id: string) =>
  useQuery({
    queryKey: ['sheet-versions', id],
    queryFn: () => requestAll(`/sheets/${id}/versions`, z.array(labelSheetSchema), after(byVersion)),
    retry: false,
  });
export const useConfirmations = () =>
  useQuery({ queryKey: ['confirmations'], queryFn: () => requestAll('/confirmations', z.array(confirmationSchema), after(byVersion)) });
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
/** Day by day, so many back. */
export const useWeatherDays = (back: number) =>
  useQuery({ queryKey: ['weather-days', back], queryFn: () => request('GET', `/weather/days?back=${back}`, z.array(weatherDaySchema)) });
/** What is usual where nobody foretells, and so many days beside those of earlier years. */
export const useClimate = (back: number) =>
  useQuery({ queryKey: ['climate', back], queryFn: () => request('GET', `/weather/climate?back=${back}`, climateSchema) });
export const useStation = () =>
  useQuery({ queryKey: ['station'], queryFn: () => request('GET', '/weather/station', stationSchema), refetchInterval: 300_000, retry: false });
export const useReadings = () => useQuery({ queryKey: ['readings'], queryFn: () => requestAll('/readings', z.array(readingSchema), after(byId)) });
export const useMilestones = () => useQuery({ queryKey: ['milestones'], queryFn: () => requestAll('/milestones', z.array(milestoneSchema), after(byId)) });
export const useHushes = () => useQuery({ queryKey: ['hushes'], queryFn: () => requestAll('/hushes', z.array(hushSchema), after(byId)) });
export const useWarnings = () => useQuery({ queryKey: ['warnings'], queryFn: () => request('GET', '/warnings', warningsSchema), refetchInterval: 300_000 });
export const useCalendar = () => useQuery({ queryKey: ['calendar'], queryFn: () => request('GET', '/calendar', calendarSchema), retry: false });
/** What the coming rounds are laid out from. */
export const useSeasonView = () => useQuery({ queryKey: ['season'], queryFn: () => request('GET', '/season', seasonViewSchema), refetchInterval: 300_000 });
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
