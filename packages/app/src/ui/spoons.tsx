import { sayScoop, type Scoop } from '@sleetbrook/core/measure';
import { View } from 'react-native';
import Svg, { Ellipse, Line, Path, Rect } from 'react-native-svg';
import { T } from './text';
import { useTokens } from './tokens';

/** A 15 ml spoon has a bowl this wide (half, px); others by the cube root of what they hold, as real spoons are. */
const BOWL_15_ML = 21;
const bowl = (ml: number) => Math.max(8, BOWL_15_ML * Math.cbrt(ml / 15));

/** The very spoons or jug that make an amount, drawn to relative size, each kind with its count. */
export function Spoons({ scoops }: { readonly scoops: readonly Scoop[] }) {
  return (
    <View className="gap-4">
      {scoops.map((s) => (
        <View key={s.measure.id} role="img" aria-label={sayScoop(s)} className="flex-row items-center gap-3">
          <T kind="title" className="min-w-[58px] text-[30px]">{`${s.count} ×`}</T>
          <View className="flex-1 flex-row flex-wrap items-center gap-2">
            {s.measure.kind === 'jug' ? (
              <Jug fill={s.eachMl / s.measure.capacityMl} />
            ) : (
              Array.from({ length: s.count }, (_, i) => <Spoon key={i} ml={s.eachMl} />)
            )}
          </View>
        </View>
      ))}
    </View>
  );
}

function Spoon({ ml }: { readonly ml: number }) {
  const t = useTokens();
  const r = bowl(ml);
  const handle = r * 1.15;
  const h = r * 1.6 + 4;
  return (
    <Svg width={r * 2 + handle + 4} height={h} aria-hidden>
      <Path d={`M${r * 2} ${h / 2 - 3.2}h${handle - 2}q3 3.2 0 6.4h${2 - handle}z`} fill={t.slate} stroke={t.ink} strokeWidth={2.4} />
      <Ellipse cx={r + 1.5} cy={h / 2} rx={r} ry={r * 0.78} fill={t.slate} stroke={t.ink} strokeWidth={2.6} />
      <Ellipse cx={r + 1.5} cy={h / 2} rx={r * 0.78} ry={r * 0.56} fill={t.water} />
    </Svg>
  );
}

function Jug({ fill }: { readonly fill: number }) {
  const t = useTokens();
  const top = 8 + 62 * (1 - fill);
  return (
    <Svg width={78} height={84} aria-hidden>
      <Rect x={9} y={top} width={46} height={74 - top} fill={t.water} />
      <Path d="M6 4h52l-3 72h-46zM57 18c20 0 20 34 -1 34" fill="none" stroke={t.ink} strokeWidth={2.6} />
      <Line x1={9} x2={40} y1={top} y2={top} stroke={t.brook} strokeWidth={3} />
      {[24, 40, 56].map((y) => (
        <Line key={y} x1={42} x2={54} y1={y} y2={y} stroke={t.drift} strokeWidth={1.6} />
      ))}
    </Svg>
  );
}
