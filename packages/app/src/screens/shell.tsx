import { usePathname, useRouter, type Href } from 'expo-router';
import { useEffect, useState, type ComponentType, type ReactNode } from 'react';
import { Pressable, useWindowDimensions, View } from 'react-native';
import { Book, BookOpen, Brook, Cloud, Cog, Flask, Shed, Sprout, Sunrise } from '../ui/icons';
import { Sheet } from '../ui/sheet';
import { Standing } from './reach/standing';
import { T } from '../ui/text';
import { useTokens } from '../ui/tokens';

type Icon = ComponentType<{ size?: number; color?: string; strokeWidth?: number }>;
interface PlaceLink {
  readonly title: string;
  readonly href: Href;
  readonly at: RegExp;
  readonly icon: Icon;
}

const PLACES: readonly PlaceLink[] = [
  { title: 'Today', href: '/', at: /^\/$/, icon: Sunrise },
  { title: 'Garden', href: '/garden', at: /^\/(garden|look|walk)/, icon: Sprout },
  { title: 'Cases', href: '/cases', at: /^\/cases/, icon: Brook },
  { title: 'Bench', href: '/bench', at: /^\/bench/, icon: Flask },
  { title: 'Shed', href: '/shed', at: /^\/shed/, icon: Shed },
];
const ASIDE: readonly PlaceLink[] = [
  { title: 'Season', href: '/season', at: /^\/season/, icon: Cloud },
  { title: 'Almanac', href: '/almanac', at: /^\/almanac/, icon: Book },
  { title: 'Records', href: '/records', at: /^\/records/, icon: BookOpen },
  { title: 'Settings', href: '/settings', at: /^\/(settings|setup)/, icon: Cog },
];

export const useWide = () => useWindowDimensions().width >= 1024;
/** Screens with a main action of their own at the thumb: the bar would be in the way. */
const ALONE = /^\/(look|setup|walk|door)\b|\/mix$|\/soap\/start$|\/again$|\/done$/;

/** The five places: a bar at the bottom of a phone, a rail on a wide screen. */
export function Shell({ children }: { readonly children: ReactNode }) {
  const wide = useWide();
  const path = usePathname();
  return (
    <View className={`min-h-0 flex-1 bg-frost ${wide ? 'flex-row' : ''}`}>
      {wide && <Rail path={path} />}
      <View className="min-h-0 min-w-0 flex-1">
        {children}
        <Standing />
      </View>
      {!wide && !ALONE.test(path) && <Bar path={path} />}
      <Keys />
    </View>
  );
}

function Bar({ path }: { readonly path: string }) {
  return (
    <View role="navigation" aria-label="Places" className="flex-row border-t border-line bg-slate pb-1 pt-1">
      {PLACES.map((p) => (
        <Item key={p.title} place={p} here={p.at.test(path)} className="flex-1" />
      ))}
    </View>
  );
}

function Rail({ path }: { readonly path: string }) {
  return (
    <View role="navigation" aria-label="Places" className="w-[92px] justify-between border-r border-line bg-slate py-6">
      <View className="gap-3">
        {PLACES.map((p) => (
          <Item key={p.title} place={p} here={p.at.test(path)} />
        ))}
      </View>
      <View className="gap-3">
        {ASIDE.map((p) => (
          <Item key={p.title} place={p} here={p.at.test(path)} />
        ))}
      </View>
    </View>
  );
}

function Item({ place, here, className = '' }: { readonly place: PlaceLink; readonly here: boolean; readonly className?: string }) {
  const router = useRouter();
  const t = useTokens();
  const Glyph = place.icon;
  return (
    <Pressable
      role="link"
      aria-current={here ? 'page' : undefined}
      onPress={() => router.navigate(place.href)}
      className={`min-h-[56px] items-center justify-center ${className}`}
    >
      <Glyph size={26} color={here ? t.brook : t.drift} strokeWidth={2} />
      <T kind="label" className={`text-[13px] ${here ? 'text-brook' : ''}`}>
        {place.title}
      </T>
    </Pressable>
  );
}

const KEYS = [
  ['1 to 5', 'Today, Garden, Cases, Bench, Shed'],
  ['W', 'Walk'],
  ['A', 'Almanac'],
  ['R', 'Records'],
  ['S', 'Settings'],
  ['Space or →', 'In a mix: tick the card, go on'],
  ['←', 'In a mix: one card back'],
  ['Tab, Enter', 'Move between things, press one'],
  ['?', 'This list'],
] as const;

/** Keys for the places, and the list of them on `?`. */
function Keys() {
  const [open, setOpen] = useState(false);
  const router = useRouter();
  useEffect(() => {
    if (typeof document === 'undefined') return;
    const press = (e: KeyboardEvent) => {
      const target = e.target as HTMLElement | null;
      if (e.metaKey || e.ctrlKey || e.altKey || /^(INPUT|TEXTAREA|SELECT)$/.test(target?.tagName ?? '')) return;
      const place = PLACES[Number(e.key) - 1];
      if (place) router.navigate(place.href);
      else if (e.key === 'w') router.navigate('/walk');
      else if (e.key === 'a') router.navigate('/almanac');
      else if (e.key === 'r') router.navigate('/records');
      else if (e.key === 's') router.navigate('/settings');
      else if (e.key === '?') setOpen((o) => !o);
    };
    document.addEventListener('keydown', press);
    return () => document.removeEventListener('keydown', press);
  }, [router]);
  return (
    <Sheet open={open} title="Keys" onClose={() => setOpen(false)}>
      {KEYS.map(([key, what]) => (
        <View key={key} className="flex-row gap-4">
          <T kind="strong" className="w-[120px]">
            {key}
          </T>
          <T className="flex-1">{what}</T>
        </View>
      ))}
    </Sheet>
  );
}
