import { View } from 'react-native';
import Svg, { Path } from 'react-native-svg';
import { T } from '../../ui/text';
import { useTokens } from '../../ui/tokens';

/** What the rain of a day took, beside the brook that it narrowed. */
export function RainRow({ text }: { readonly text: string }) {
  const t = useTokens();
  return (
    <View className="flex-row items-center gap-3">
      <Svg width={26} height={18} viewBox="0 0 26 18" aria-hidden>
        {[4, 13, 22].map((x, i) => (
          <Path key={x} d={`M${x} ${i === 1 ? 1 : 4} c2.6 4 3 5 3 6.4 a3 3 0 0 1 -6 0 c0 -1.4 .4 -2.4 3 -6.4 Z`} fill={t.brook} />
        ))}
        <Path d="M0 16.5 C6 15 10 18 15 16.4 S23 16 26 16.6" stroke={t.brook} strokeWidth={1.5} fill="none" />
      </Svg>
      <T kind="muted" className="flex-1">
        {text}
      </T>
    </View>
  );
}
