import type { ReactNode } from 'react';
import { Modal, Pressable, ScrollView, View } from 'react-native';
import { useBackCloses } from './back-closes';
import { Button } from './button';
import { T } from './text';

interface Props {
  readonly open: boolean;
  readonly title: string;
  readonly onClose: () => void;
  readonly children: ReactNode;
}

/** A panel over the screen. Escape, Back, the ground behind it and the button all close it. */
export function Sheet({ open, title, onClose, children }: Props) {
  useBackCloses(open, onClose);
  return (
    <Modal visible={open} transparent animationType="none" aria-label={title} onRequestClose={onClose}>
      <View className="flex-1 justify-end md:items-center md:justify-center">
        <Pressable aria-hidden tabIndex={-1} onPress={onClose} className="absolute inset-0 bg-black/60" />
        <View className="max-h-[85%] w-full rounded-t-3xl bg-frost md:max-w-[560px] md:rounded-3xl">
          <ScrollView contentContainerClassName="gap-4 px-5 pb-4 pt-6">
            <T kind="head" level={2}>
              {title}
            </T>
            {children}
          </ScrollView>
          <View className="border-t border-line px-5 pb-5 pt-3">
            <Button kind="quiet" title="Close" onPress={onClose} />
          </View>
        </View>
      </View>
    </Modal>
  );
}
