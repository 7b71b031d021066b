import type { PartId } from '@sleetbrook/core/cards';
import type { ReactNode } from 'react';
import Svg, { Circle, Ellipse, G, Path } from 'react-native-svg';
import { useTokens, type Tokens } from '../../ui/tokens';

const plant = (t: Tokens, lit: PartId): ReactNode => {
  const on = (p: PartId) => (lit === p || lit === 'whole' ? t.moss : t.line);
  const fill = (p: PartId) => (lit === p || lit === 'whole' ? t.leaf : t.frost);
  return (
    <G strokeLinecap="round" strokeLinejoin="round">
      <Path d="M60 112C60 84 62 62 60 34" stroke={on('stem')} strokeWidth={7} fill="none" />
      <Path d="M60 82C42 82 26 72 18 54C40 50 56 62 60 82Z" fill={fill('leaf-top')} stroke={on('leaf-top')} strokeWidth={3.4} />
      <Path d="M60 68C78 70 96 60 104 44C82 38 64 50 60 68Z" fill={fill('leaf-under')} stroke={on('leaf-under')} strokeWidth={3.4} />
      {lit === 'leaf-under' && <Path d="M64 64C76 58 88 52 98 47M78 58l2 -9M80 57l8 4" stroke={t.moss} strokeWidth={2} fill="none" />}
      <Path d="M60 36C50 30 48 18 52 8C62 10 68 24 60 36ZM60 36C66 24 76 20 82 22C80 32 70 38 60 36Z" fill={fill('tip')} stroke={on('tip')} strokeWidth={3.2} />
      {(lit === 'flower' || lit === 'whole') && (
        <G>
          {[0, 72, 144, 216, 288].map((a) => (
            <Ellipse
              key={a}
              cx={30 + 8 * Math.cos((a * Math.PI) / 180)}
              cy={26 + 8 * Math.sin((a * Math.PI) / 180)}
              rx={6}
              ry={6}
              fill={t.slate}
              stroke={t.moss}
              strokeWidth={2.4}
            />
          ))}
          <Circle cx={30} cy={26} r={4} fill={t.ochre} />
        </G>
      )}
      {(lit === 'fruit' || lit === 'whole') && <Path d="M88 78C104 80 106 100 94 106C82 102 78 88 88 78Z" fill={t.leaf} stroke={t.moss} strokeWidth={3.2} />}
      {lit === 'stem-base' && <Path d="M60 112C60 104 61 98 61 92" stroke={t.moss} strokeWidth={9} fill="none" />}
      {lit === 'stem-base' && <Path d="M30 113H90" stroke={t.bark} strokeWidth={4} fill="none" />}
      {lit === 'bud' && <Path d="M26 44C16 36 16 22 26 12C36 22 36 36 26 44ZM26 44C32 52 42 58 58 62" fill={t.leaf} stroke={t.moss} strokeWidth={3.2} />}
      {lit === 'root' && <Path d="M60 96V118M60 100C50 104 44 110 40 118M60 100C70 104 76 110 80 118M24 96H96" stroke={t.ochre} strokeWidth={4} fill="none" />}
      {lit === 'soil' && <Path d="M10 100C40 92 80 92 110 100V118H10Z" fill={t.bark} stroke={t.soot} strokeWidth={2} />}
      {lit === 'trunk' && <Path d="M48 118C52 90 52 70 50 44H70C68 70 68 90 72 118ZM57 60V78M63 84V104" fill={t.bark} stroke={t.soot} strokeWidth={2.4} />}
    </G>
  );
};

/** The plant with one part lit: which part is meant, before any word is read. */
export function PartDrawing({ part, height = 96 }: { readonly part: PartId; readonly height?: number }) {
  const t = useTokens();
  return (
    <Svg height={height} width={height} viewBox="0 0 120 120" aria-hidden>
      {plant(t, part)}
    </Svg>
  );
}
