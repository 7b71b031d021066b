import { sayProvenance, type Working } from '@sleetbrook/core/measure';
import { useState } from 'react';
import { View } from 'react-native';
import { Button } from './button';
import { Sheet } from './sheet';
import { T } from './text';

/** Opens the working behind figures: inputs, formula, source. */
export function Why({ title = 'Why these figures', working }: { readonly title?: string; readonly working: readonly Working[] }) {
  const [open, setOpen] = useState(false);
  return (
    <>
      <Button kind="quiet" title={title} expanded={open} onPress={() => setOpen(true)} />
      <Sheet open={open} title={title} onClose={() => setOpen(false)}>
        {working.map((w) => (
          <WorkingLines key={w.title} working={w} />
        ))}
      </Sheet>
    </>
  );
}

export function WorkingLines({ working: w }: { readonly working: Working }) {
  return (
    <View className="gap-1 border-b border-line pb-4">
      <View className="flex-row flex-wrap justify-between gap-x-4">
        <T kind="strong">{w.title}</T>
        <T kind="strong">{w.result}</T>
      </View>
      {w.inputs.map((i) => (
        <View key={i.name} className="flex-row flex-wrap justify-between gap-x-4">
          <T kind="muted">{i.name}</T>
          <T kind="muted">{i.value}</T>
        </View>
      ))}
      <T kind="small">{`${w.formula}. Source: ${sayProvenance(w.source)}.`}</T>
    </View>
  );
}
