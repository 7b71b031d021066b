import type { CloserLook } from '@sleetbrook/core/diagnose';
import { Pressable, View } from 'react-native';
import { T } from '../../ui/text';

interface Props {
  readonly look: CloserLook;
  readonly onKind: (signId: string) => void;
  readonly onNone: () => void;
  readonly onSkip: () => void;
}

/** A plain sign, and which kind of it this is: one tap in place of several questions. */
export function CloserAsked({ look, onKind, onNone, onSkip }: Props) {
  return (
    <View className="gap-2">
      <T>
        {'Look closely. '}
        <T kind="strong" className="text-[17px]">{`${look.plain.name}: which is it?`}</T>
      </T>
      <View className="flex-row flex-wrap gap-2">
        {look.kinds.map((s) => (
          <Choice key={s.id} title={s.name} onPress={() => onKind(s.id)} />
        ))}
        <Choice plain title="None of these" onPress={onNone} />
        <Choice plain title="Can't tell" onPress={onSkip} />
      </View>
    </View>
  );
}

function Choice({ title, plain = false, onPress }: { readonly title: string; readonly plain?: boolean; readonly onPress: () => void }) {
  return (
    <Pressable
      role="button"
      onPress={onPress}
      className={`min-h-[48px] flex-1 basis-[150px] items-center justify-center rounded-2xl border px-2 py-1 active:opacity-80 ${plain ? 'border-line bg-slate' : 'border-brook bg-frost'}`}
    >
      <T kind="strong" className="text-center text-[15px] leading-[19px]">
        {title}
      </T>
    </Pressable>
  );
}
