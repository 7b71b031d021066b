import { FIRST_AID, type LabelSheet } from '@sleetbrook/core/label';
import { useState } from 'react';
import { Linking, Pressable, View } from 'react-native';
import { useGarden } from '../../api/queries';
import { Button } from '../../ui/button';
import { Sheet } from '../../ui/sheet';
import { T } from '../../ui/text';
import { LastUsed } from './last-used';

/** One tap away from every mix screen, with the sheet in hand where there is one. */
export function PoisonHelp({ sheet }: { readonly sheet?: LabelSheet | undefined }) {
  const [open, setOpen] = useState(false);
  const garden = useGarden().data;
  return (
    <>
      <Pressable role="button" onPress={() => setOpen(true)} className="min-h-[48px] justify-center rounded-2xl border-2 border-rowan px-4">
        <T kind="strong" className="text-[16px] text-rowan">
          Poison help
        </T>
      </Pressable>
      <Sheet open={open} title="Poison help" onClose={() => setOpen(false)}>
        <T>Have the label in your hand when you call. Say what it was, how much, and when.</T>
        {garden?.emergencyNumber ? (
          <Button
            kind="stop"
            title={`Call ${garden.emergencyNumber}: emergency`}
            onPress={() => void Linking.openURL(`tel:${garden.emergencyNumber.replace(/\s/g, '')}`)}
          />
        ) : (
          <T kind="strong">Call your emergency number. Add it in Settings, so that it stands here.</T>
        )}
        {garden?.poisonCentre ? (
          <Button
            kind="stop"
            title={`Call ${garden.poisonCentre}: poison centre`}
            onPress={() => void Linking.openURL(`tel:${garden.poisonCentre.replace(/\s/g, '')}`)}
          />
        ) : (
          <T kind="muted">Your poison centre’s number is not set. Add it in Settings.</T>
        )}
        {open && <LastUsed sheet={sheet} />}
        {FIRST_AID.map(({ route, steps }) => (
          <View key={route} className="gap-1">
            <T kind="strong">{route}</T>
            {steps.map((step) => (
              <T key={step}>{step}</T>
            ))}
          </View>
        ))}
        <T kind="small">General first steps, common practice. The label and the person on the phone come first.</T>
      </Sheet>
    </>
  );
}
