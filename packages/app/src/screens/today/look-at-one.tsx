import type { Planting } from '@sleetbrook/core/api';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { ActionBar, Button } from '../../ui/button';
import { Field } from '../../ui/field';
import { Row } from '../../ui/row';
import { Sheet } from '../../ui/sheet';

/** More plants than this can be searched. */
const SEARCH_FROM = 12;

/** From Today straight to a look: which plant it is, and its parts are in sight. */
export function LookAtOne({ plantings }: { readonly plantings: readonly Planting[] }) {
  const router = useRouter();
  const [open, setOpen] = useState(false);
  const [find, setFind] = useState('');
  if (plantings.length === 0) return null;
  const wanted = find.trim().toLowerCase();
  return (
    <ActionBar>
      <Button title="Something is wrong with a plant" onPress={() => setOpen(true)} />
      <Sheet open={open} title="Which plant is it?" onClose={() => setOpen(false)}>
        {plantings.length > SEARCH_FROM && <Field label="Find" value={find} onChange={setFind} />}
        <View>
          {plantings
            .filter((p) => p.name.toLowerCase().includes(wanted) || p.place.toLowerCase().includes(wanted))
            .map((p) => (
              <Row
                key={p.id}
                title={p.name}
                sub={p.place}
                onPress={() => {
                  setOpen(false);
                  router.navigate(`/look/${p.id}`);
                }}
              />
            ))}
        </View>
      </Sheet>
    </ActionBar>
  );
}
