import { useState } from 'react';
import { View } from 'react-native';
import Svg, { Line, Path } from 'react-native-svg';
import { pebblePath } from './stone';
import { useTokens } from './tokens';

/** The brook line laid flat, with a pebble for now. @param share of the time gone, 0..1 */
export function CountdownLine({ share, tone }: { readonly share: number; readonly tone: 'stop' | 'wait' }) {
  const t = useTokens();
  const [width, setWidth] = useState(0);
  const colour = tone === 'stop' ? t.rowan : t.ochre;
  const x = 8 + Math.min(Math.max(share, 0), 1) * Math.max(width - 24, 0);
  return (
    <View aria-hidden className="h-6 w-full" onLayout={(e) => setWidth(e.nativeEvent.layout.width)}>
      {width > 0 && (
        <Svg width={width} height={24}>
          <Line x1={4} x2={width - 4} y1={12} y2={12} stroke={t.line} strokeWidth={6} strokeLinecap="round" />
          <Line x1={4} x2={x} y1={12} y2={12} stroke={colour} strokeWidth={6} strokeLinecap="round" />
          <Path d={pebblePath(5, x, 12, 11, 8)} fill={colour} />
        </Svg>
      )}
    </View>
  );
}
