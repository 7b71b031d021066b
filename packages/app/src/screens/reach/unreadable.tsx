import type { Unreadable as One } from '@sleetbrook/core/api';
import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { useHealth } from '../../api/queries';
import { Row } from '../../ui/row';

const WORDS: Readonly<Record<string, readonly [one: string, many: string]>> = {
  garden: ['The garden’s settings', 'The garden’s settings'],
  plantings: ['planting', 'plantings'],
  sprayers: ['sprayer', 'sprayers'],
  'label-sheets': ['label sheet', 'label sheets'],
  cases: ['case', 'cases'],
  looks: ['look', 'looks'],
  photographs: ['photograph', 'photographs'],
  walks: ['walk', 'walks'],
  treatments: ['record of a treatment', 'records of treatments'],
  shed: ['thing in the shed', 'things in the shed'],
  soap: ['batch of soap', 'batches of soap'],
  skies: ['look at the sky', 'looks at the sky'],
  readings: ['reading of the weather', 'readings of the weather'],
  milestones: ['day that something was seen', 'days that something was seen'],
  hushes: ['warning put off', 'warnings put off'],
};

/** "1 planting and 2 records of treatments can not be read", or null. */
export function sayUnreadable(list: readonly One[]): string | null {
  const kinds = [...new Set(list.map((u) => u.kind))].map((kind) => {
    const n = list.filter((u) => u.kind === kind).length;
    const [one, many] = WORDS[kind] ?? ['thing', 'things'];
    return `${n} ${n === 1 ? one : many}`;
  });
  if (kinds.length === 0) return null;
  return `${[kinds.slice(0, -1).join(', '), kinds.at(-1)].filter(Boolean).join(' and ')} can not be read`;
}

/** What is damaged in the database hides itself and nothing else: that it does is said wherever it would stand. */
export function Unreadable({ kinds }: { readonly kinds?: readonly string[] }) {
  const router = useRouter();
  const list = (useHealth().data?.unreadable ?? []).filter((u) => !kinds || kinds.includes(u.kind));
  const title = sayUnreadable(list);
  if (title === null) return null;
  const clock = list.some((u) => u.kind === 'treatments') ? ' Whether a wait still runs after it is not known here: go by your own notes.' : '';
  return (
    <View className="px-5">
      <Row
        mark="stop"
        title={title}
        sub={`The database is damaged there; the rest is as it was.${clock} A copy from before holds it: put it back in Settings.`}
        onPress={() => router.navigate('/settings')}
      />
    </View>
  );
}
