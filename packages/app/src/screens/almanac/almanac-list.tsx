import { findHost, PART_NAMES, type PartId } from '@sleetbrook/core/cards';
import { usePathname, useRouter } from 'expo-router';
import { useState } from 'react';
import { Pressable, View } from 'react-native';
import { useGarden } from '../../api/queries';
import { useNow } from '../../state/now';
import { Button } from '../../ui/button';
import { Choice, Field, Tick } from '../../ui/field';
import { Page } from '../../ui/page';
import { Pick } from '../../ui/pick';
import { Sheet } from '../../ui/sheet';
import { Loading } from '../../ui/states';
import { T } from '../../ui/text';
import type { AlmanacItem, AlmanacSection } from '../../workers/almanac';
import { SignDrawing } from '../look/sign-drawing';
import { useAlmanacList } from './use-almanac';
import { PLANT_SEARCH, usePlantOptions } from '../plant-options';

const SECTION_WORDS: Record<AlmanacSection, string> = { trouble: 'Trouble', helper: 'Helper', 'look-alike': 'Look-alike', sign: 'Sign', control: 'What to do' };
const SECTIONS = [
  { value: 'all', label: 'All' },
  { value: 'trouble', label: 'Troubles' },
  { value: 'helper', label: 'Helpers' },
  { value: 'look-alike', label: 'Look-alikes' },
  { value: 'sign', label: 'Signs' },
  { value: 'control', label: 'What to do' },
] as const;
const ANY = 'any';
const PAGE = 40;

/** Everything the book knows, found by what people call it. */
export function AlmanacList() {
  const router = useRouter();
  const path = usePathname();
  const now = useNow();
  const south = (useGarden().data?.latitude ?? 0) < 0;
  const plants = usePlantOptions();
  const [text, setText] = useState('');
  const [section, setSection] = useState<AlmanacSection | 'all'>('all');
  const [hostId, setHostId] = useState(ANY);
  const [part, setPart] = useState<PartId | 'any'>(ANY);
  const [inSeason, setInSeason] = useState(false);
  const [filters, setFilters] = useState(false);
  const [most, setMost] = useState(PAGE);
  const month = now === undefined ? 1 : new Date(now).getUTCMonth() + 1;
  const list = useAlmanacList({
    text,
    section,
    hostId: hostId === ANY ? null : hostId,
    part: part === ANY ? null : part,
    month: inSeason ? (south ? ((month + 5) % 12) + 1 : month) : null,
  }).data;
  const set = [hostId === ANY ? '' : (findHost(hostId)?.name ?? ''), part === ANY ? '' : PART_NAMES[part].tile, inSeason ? 'in season' : ''].filter(Boolean);
  return (
    <Page title="Almanac">
      <View className="gap-3 px-5 pt-4">
        <Field
          label="Search, by any name"
          value={text}
          onChange={(t) => {
            setText(t);
            setMost(PAGE);
          }}
          placeholder="greenfly, black spot, holes"
        />
        <Choice label="Kind" value={section} onChange={setSection} options={SECTIONS} />
        <View className="flex-row items-center justify-between">
          <T kind="muted" className="flex-1">{`${list?.length ?? 0} found${set.length ? `: ${set.join(', ').toLowerCase()}` : ''}`}</T>
          <Button kind="link" title="Plant, part, season" onPress={() => setFilters(true)} />
        </View>
      </View>
      <View className="px-5">
        {!list && <Loading />}
        {list?.length === 0 && <T className="pt-3">Nothing of that name. Try what you see: spots, holes, webs.</T>}
        {list?.slice(0, most).map((item) => (
          <Item key={item.id} item={item} here={path === `/almanac/${item.id}`} onPress={() => router.navigate(`/almanac/${item.id}`)} />
        ))}
        {list && list.length > most && (
          <View className="pt-3">
            <Button kind="quiet" title={`Show ${Math.min(PAGE, list.length - most)} more`} onPress={() => setMost(most + PAGE)} />
          </View>
        )}
      </View>
      <Sheet open={filters} title="Plant, part, season" onClose={() => setFilters(false)}>
        <Pick label="Plant" value={hostId} onChange={setHostId} options={[{ value: ANY, label: 'Any plant' }, ...plants]} {...PLANT_SEARCH} />
        <Choice
          label="Part"
          value={part}
          onChange={setPart}
          options={[{ value: ANY, label: 'Any' }, ...(Object.keys(PART_NAMES) as PartId[]).map((p) => ({ value: p, label: PART_NAMES[p].tile }))]}
        />
        <Tick label="Only what is in season now" checked={inSeason} onChange={setInSeason} />
      </Sheet>
    </Page>
  );
}

function Item({ item, here, onPress }: { readonly item: AlmanacItem; readonly here: boolean; readonly onPress: () => void }) {
  return (
    <Pressable
      role="link"
      aria-current={here ? 'page' : undefined}
      onPress={onPress}
      className={`min-h-[76px] flex-row items-center gap-3 border-b border-line py-2 active:opacity-70 ${here ? '-mx-2 rounded-2xl bg-slate px-2' : ''}`}
    >
      <View className="w-[76px] items-center">{item.drawing && <SignDrawing drawing={item.drawing} width={72} />}</View>
      <View className="min-w-0 flex-1">
        <T kind="strong">{item.name}</T>
        <T kind="label">{SECTION_WORDS[item.section]}</T>
      </View>
    </Pressable>
  );
}
