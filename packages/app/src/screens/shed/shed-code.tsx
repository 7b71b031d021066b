import type { Code } from '@sleetbrook/core/api';
import { View } from 'react-native';
import Svg, { Path } from 'react-native-svg';

/** Dark and light stay so in the dark too: a camera wants dark on light. */
const INK = '#12201F';

/** A code that a phone's camera opens. */
export function ShedCode({ code }: { readonly code: Code }) {
  const d = code.rows.flatMap((row, y) => Array.from(row, (c, x) => (c === '1' ? `M${x + 4} ${y + 4}h1v1h-1z` : ''))).join('');
  return (
    <View role="img" aria-label={`Code for ${code.url}`} className="self-start rounded-xl bg-white">
      <Svg width={168} height={168} viewBox={`0 0 ${code.size + 8} ${code.size + 8}`}>
        <Path d={d} fill={INK} />
      </Svg>
    </View>
  );
}
