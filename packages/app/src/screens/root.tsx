import regular from '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-400-normal.woff2';
import semi from '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-600-normal.woff2';
import bold from '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-800-normal.woff2';
import { QueryClient, QueryClientProvider, useQueryClient } from '@tanstack/react-query';
import { useFonts } from 'expo-font';
import { Redirect, Slot, usePathname } from 'expo-router';
import { lazy, Suspense, useEffect, type ReactNode } from 'react';
import { useGarden } from '../api/queries';
import { usePreferences } from '../state/preferences';
import { install } from '../reach/installed';
import { useReach } from '../reach/reach';
import { keepAsking, onNews } from '../reach/sender';
import { useScheme } from '../state/scheme';
import { ReadIn } from '../ui/words';
import { Shell } from './shell';
import { useWalkSender } from './walk/walk-sender';

const client = new QueryClient({
  defaultOptions: { queries: { staleTime: 15_000, retry: 1, refetchOnWindowFocus: true, networkMode: 'always' }, mutations: { networkMode: 'always' } },
});

/** Fonts, data and appearance around every screen. */
export function Root() {
  const [ready] = useFonts({ Atkinson: regular, AtkinsonSemi: semi, AtkinsonBold: bold });
  const scheme = useScheme();
  useEffect(() => {
    if (typeof document !== 'undefined') document.documentElement.classList.toggle('dark', scheme === 'dark');
  }, [scheme]);
  if (!ready) return null;
  return (
    <QueryClientProvider client={client}>
      <Sending />
      <AtTheDoor />
      <Rings />
      <FirstRun>
        <Shell>
          <Slot />
        </Shell>
      </FirstRun>
    </QueryClientProvider>
  );
}

/** Sends what waits on this device, whatever screen is open. */
function Sending() {
  const queries = useQueryClient();
  useWalkSender();
  useEffect(() => keepAsking(), []);
  useEffect(() => install(), []);
  useEffect(() => onNews(() => void queries.invalidateQueries()), [queries]);
  return null;
}

const Ringer = lazy(() => import('./season/ringer').catch(() => ({ default: () => null })));

/** Only where somebody asked for it. */
function Rings() {
  const on = usePreferences((p) => p.rings);
  return on ? (
    <Suspense fallback={null}>
      <Ringer />
    </Suspense>
  ) : null;
}

/** A device that is not let in, and carries nothing of the garden, is at the door whatever screen it asks for. */
function AtTheDoor() {
  const { shut, asOf } = useReach();
  const path = usePathname();
  return shut && asOf === null && path !== '/door' ? <Redirect href="/door" /> : null;
}

/** An empty database leads to the set-up, until it is done or put off. */
function FirstRun({ children }: { readonly children: ReactNode }) {
  const garden = useGarden().data;
  const later = usePreferences((p) => p.setUpLater);
  const path = usePathname();
  if (garden && !garden.setUp && !later && path === '/')
    return (
      <>
        <Redirect href="/setup" />
        {children}
      </>
    );
  return <ReadIn units={garden?.units ?? 'metric'}>{children}</ReadIn>;
}
