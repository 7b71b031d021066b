import { useQuery } from '@tanstack/react-query';
import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { usePlantings } from '../../api/queries';
import { Button } from '../../ui/button';
import { Row, Section } from '../../ui/row';
import { core } from '../../workers/core';

const MOST = 8;

/** From a page of the almanac to one's own plants: guard against it, or look whether it is there. */
export function GuardDoor({ troubleId }: { readonly troubleId: string }) {
  const router = useRouter();
  const plantings = usePlantings().data ?? [];
  const hosts = [...new Set(plantings.map((p) => p.hostId))].sort();
  const comes =
    useQuery({ queryKey: ['comes-to', troubleId, hosts], enabled: hosts.length > 0, queryFn: () => core().comesTo(troubleId, hosts), staleTime: Infinity })
      .data ?? [];
  const mine = plantings.filter((p) => comes.includes(p.hostId)).slice(0, MOST);
  if (mine.length === 0) return null;
  return (
    <View>
      <Section>On your plants</Section>
      {mine.map((p) => (
        <View key={p.id}>
          <Row title={p.name} end="guard against it" onPress={() => router.navigate(`/garden/${p.id}/prevent?trouble=${troubleId}`)} />
          <Button kind="link" title={`It is on ${p.name}`} onPress={() => router.navigate(`/look/${p.id}?know=${troubleId}`)} />
        </View>
      ))}
    </View>
  );
}
