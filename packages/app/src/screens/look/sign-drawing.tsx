import type { Sign } from '@sleetbrook/core/catalogue';
import type { ReactNode } from 'react';
import Svg, { Circle, Ellipse, G, Line, Path } from 'react-native-svg';
import { useTokens, type Tokens } from '../../ui/tokens';
import { scatter } from './scatter';

const BLADE = 'M14 60C34 22 74 14 146 44C130 88 66 108 14 60Z';
const VEINS = 'M14 60L146 44M48 56L64 30M48 56L66 88M78 52L94 28M78 52L98 88M108 48L120 34M108 48L124 72';

function Leaf({ t, veins = true, ground = t.leaf }: { readonly t: Tokens; readonly veins?: boolean; readonly ground?: string }) {
  return (
    <G>
      <Path d={BLADE} fill={ground} stroke={t.moss} strokeWidth={3.4} strokeLinejoin="round" />
      {veins && <Path d={VEINS} stroke={t.moss} strokeOpacity={0.65} strokeWidth={2} fill="none" strokeLinecap="round" />}
    </G>
  );
}

function Stem({ t }: { readonly t: Tokens }) {
  return (
    <G>
      <Path d="M88 4C78 40 80 74 72 116" stroke={t.moss} strokeWidth={11} fill="none" strokeLinecap="round" />
      <Path d="M82 62C108 66 126 54 134 36C112 34 92 42 82 62Z" fill={t.leaf} stroke={t.moss} strokeWidth={3} />
    </G>
  );
}

const dots = (seed: number, n: number, size: number, fill: string, stroke = 'none') =>
  scatter(seed, n).map((p, i) => <Circle key={i} cx={p.x} cy={p.y} r={size * p.r} fill={fill} stroke={stroke} strokeWidth={1.4} />);

const grub = (t: Tokens, fill: string) => (
  <G>
    <Path d="M52 62C56 46 72 46 78 58C84 46 100 46 106 60" stroke={t.ink} strokeWidth={15} fill="none" strokeLinecap="round" />
    <Path d="M52 62C56 46 72 46 78 58C84 46 100 46 106 60" stroke={fill} strokeWidth={10.5} fill="none" strokeLinecap="round" />
  </G>
);

const DRAW: Record<Sign['drawing'], (t: Tokens) => ReactNode> = {
  crowd: (t) => (
    <>
      <Stem t={t} />
      {scatter(4, 26).map((p, i) => (
        <Ellipse key={i} cx={80 + (p.x - 80) * 0.28} cy={12 + (i / 26) * 76} rx={4.4} ry={3.4} fill={t.ink} />
      ))}
    </>
  ),
  ants: (t) => (
    <>
      <Stem t={t} />
      {[
        [86, 22],
        [76, 52],
        [82, 78],
        [68, 102],
      ].map(([x = 0, y = 0]) => (
        <G key={y}>
          <Path d={`M${x - 9} ${y - 7}L${x + 9} ${y + 7}M${x + 9} ${y - 7}L${x - 9} ${y + 7}M${x - 11} ${y}H${x + 11}`} stroke={t.ink} strokeWidth={1.8} />
          <Circle cx={x} cy={y - 6} r={3.4} fill={t.ink} />
          <Ellipse cx={x} cy={y + 4} rx={4} ry={5.6} fill={t.ink} />
        </G>
      ))}
    </>
  ),
  shine: (t) => (
    <>
      <Leaf t={t} />
      <Path d="M34 50C56 30 92 26 122 40C96 42 62 44 34 50Z" fill={t.halo} fillOpacity={0.85} />
      {[
        [58, 84],
        [88, 92],
        [112, 76],
      ].map(([x = 0, y = 0]) => (
        <Path key={x} d={`M${x} ${y}c7 10 5 16 0 16s-7 -6 0 -16z`} fill={t.brook} fillOpacity={0.75} />
      ))}
    </>
  ),
  curl: (t) => (
    <>
      <Path d="M18 74C24 30 66 12 108 28C140 40 138 78 112 78C92 78 90 54 108 54" fill={t.leaf} stroke={t.moss} strokeWidth={3.4} strokeLinecap="round" />
      <Path d="M34 66C42 44 66 34 92 40" stroke={t.moss} strokeWidth={2} strokeOpacity={0.65} fill="none" />
    </>
  ),
  soot: (t) => (
    <>
      <Leaf t={t} />
      <Path d="M34 58C46 34 84 28 104 40C112 56 92 78 66 80C48 80 36 70 34 58Z" fill={t.soot} fillOpacity={0.82} />
    </>
  ),
  webbing: (t) => (
    <>
      <Leaf t={t} />
      <Path
        d="M30 34C60 44 60 74 44 92M52 26C84 44 84 78 70 96M80 20C108 40 110 66 96 92M24 62C60 52 104 60 132 72"
        stroke={t.ink}
        strokeWidth={1.5}
        fill="none"
      />
      {dots(3, 10, 2.3, t.rowan)}
    </>
  ),
  stipple: (t) => (
    <>
      <Leaf t={t} />
      {dots(8, 70, 1.7, t.ochre)}
    </>
  ),
  dust: (t) => (
    <>
      <Leaf t={t} />
      {scatter(6, 9).map((p, i) => (
        <G key={i}>
          <Ellipse cx={p.x} cy={p.y} rx={3.2} ry={2.4} fill={t.rowan} />
          <Path d={`M${p.x + 4} ${p.y}h7l-3 -2.5m3 2.5l-3 2.5`} stroke={t.ink} strokeWidth={1.2} fill="none" />
        </G>
      ))}
    </>
  ),
  fade: (t) => (
    <>
      <Leaf t={t} ground={t.ochreGround} />
      <Path d="M14 60C34 22 60 16 82 20L70 96C46 92 28 78 14 60Z" fill={t.ochre} fillOpacity={0.55} />
    </>
  ),
  'edge-holes': (t) => (
    <>
      <Leaf t={t} />
      <Path
        d="M44 12a13 13 0 0 0 26 8M92 12a14 14 0 0 0 28 10M56 104a13 13 0 0 1 24 -6M108 96a12 12 0 0 1 16 -22"
        fill={t.slate}
        stroke={t.moss}
        strokeWidth={3}
      />
    </>
  ),
  stripped: (t) => (
    <>
      <Path d={VEINS} stroke={t.moss} strokeWidth={4} fill="none" strokeLinecap="round" />
      <Path d={BLADE} fill="none" stroke={t.line} strokeWidth={2} strokeDasharray="4 6" />
    </>
  ),
  ragged: (t) => (
    <>
      <Leaf t={t} />
      {[
        [52, 48, 11],
        [88, 66, 13],
        [104, 42, 8],
        [66, 78, 7],
      ].map(([x = 0, y = 0, r = 0]) => (
        <Path
          key={x}
          d={`M${x - r} ${y}l${r * 0.5} ${-r * 0.9} ${r} ${r * 0.2} ${r * 0.6} ${r * 0.9} ${-r * 0.8} ${r * 0.6} ${-r * 0.9} ${-r * 0.1}z`}
          fill={t.slate}
          stroke={t.moss}
          strokeWidth={2.4}
        />
      ))}
    </>
  ),
  frass: (t) => (
    <>
      <Leaf t={t} />
      {scatter(12, 15).map((p, i) => (
        <Ellipse key={i} cx={p.x} cy={p.y} rx={3.6} ry={2.5} fill={t.soot} stroke={t.moss} strokeWidth={1} />
      ))}
    </>
  ),
  eggs: (t) => (
    <>
      <Leaf t={t} />
      {Array.from({ length: 15 }, (_, i) => (
        <Ellipse key={i} cx={66 + (i % 5) * 8} cy={46 + Math.floor(i / 5) * 10} rx={3.1} ry={4.4} fill={t.ochreGround} stroke={t.ochre} strokeWidth={1.8} />
      ))}
    </>
  ),
  caterpillar: (t) => (
    <>
      <Leaf t={t} />
      {grub(t, t.moss)}
      <Circle cx={108} cy={58} r={2} fill={t.halo} />
    </>
  ),
  'white-powder': (t) => (
    <>
      <Leaf t={t} />
      {[
        [48, 54, 15],
        [86, 44, 18],
        [100, 66, 13],
        [64, 74, 11],
      ].map(([x = 0, y = 0, r = 0]) => (
        <Circle key={x} cx={x} cy={y} r={r} fill={t.halo} stroke={t.drift} strokeWidth={1.4} strokeDasharray="1.5 3" fillOpacity={0.94} />
      ))}
    </>
  ),
  marbling: (t) => (
    <>
      <Leaf t={t} veins={false} />
      <Path d={VEINS} stroke={t.halo} strokeWidth={7} fill="none" strokeLinecap="round" />
      <Path d={VEINS} stroke={t.drift} strokeWidth={1.5} fill="none" />
    </>
  ),
  film: (t) => (
    <>
      <Leaf t={t} />
      {scatter(17, 13).map((p, i) => (
        <Path key={i} d={`M${p.x - 6} ${p.y}q6 -7 12 0q-5 7 -12 0z`} fill={t.halo} stroke={t.drift} strokeWidth={1.2} />
      ))}
    </>
  ),
  pustules: (t) => (
    <>
      <Leaf t={t} />
      {scatter(21, 16).map((p, i) => (
        <Ellipse key={i} cx={p.x} cy={p.y} rx={5.2 * p.r} ry={3.8 * p.r} fill={t.rust} stroke={t.ink} strokeWidth={1} />
      ))}
    </>
  ),
  'top-specks': (t) => (
    <>
      <Leaf t={t} />
      {dots(23, 18, 4, t.ochreGround, t.ochre)}
    </>
  ),
  'olive-spots': (t) => (
    <>
      <Leaf t={t} />
      {scatter(27, 8).map((p, i) => (
        <G key={i}>
          <Circle cx={p.x} cy={p.y} r={8.4 * p.r} fill={t.bark} fillOpacity={0.55} />
          <Circle cx={p.x} cy={p.y} r={5 * p.r} fill={t.soot} fillOpacity={0.6} />
        </G>
      ))}
    </>
  ),
  scabs: (t) => (
    <>
      <Path d="M80 26C50 14 28 40 36 74C42 104 66 112 80 104C94 112 118 104 124 74C132 40 110 14 80 26Z" fill={t.leaf} stroke={t.moss} strokeWidth={3.4} />
      <Path d="M80 26C80 16 86 8 94 6" stroke={t.bark} strokeWidth={4} fill="none" strokeLinecap="round" />
      {[
        [60, 56, 11],
        [94, 46, 8],
        [90, 80, 13],
      ].map(([x = 0, y = 0, r = 0]) => (
        <Path key={x} d={`M${x - r} ${y}q${r * 0.4} ${-r} ${r * 1.2} ${-r * 0.6}t${r * 0.6} ${r}t${-r * 1.1} ${r * 0.5}z`} fill={t.soot} fillOpacity={0.75} />
      ))}
    </>
  ),
  slime: (t) => (
    <>
      <Leaf t={t} />
      <Path d="M22 66C44 46 52 82 74 62S104 40 138 52" stroke={t.drift} strokeWidth={9} strokeOpacity={0.35} fill="none" />
      <Path d="M22 66C44 46 52 82 74 62S104 40 138 52" stroke={t.halo} strokeWidth={5} fill="none" strokeDasharray="14 4" strokeLinecap="round" />
    </>
  ),
  'beetle-larva': (t) => (
    <>
      <Leaf t={t} />
      <Path d="M44 60C52 44 96 42 112 58C98 74 56 76 44 60Z" fill={t.soot} stroke={t.ink} strokeWidth={2.5} />
      <Path d="M58 48l-4 -9M72 45l-1 -9M88 45l3 -9M58 72l-4 9M72 75l-1 9M88 74l3 9" stroke={t.ink} strokeWidth={2.4} strokeLinecap="round" />
      {[62, 82].map((x) => (
        <Circle key={x} cx={x} cy={55} r={4.4} fill={t.rust} />
      ))}
      <Circle cx={113} cy={58} r={5} fill={t.ink} />
    </>
  ),
  'hover-larva': (t) => (
    <>
      <Stem t={t} />
      <Path d="M62 92C60 76 74 70 78 56C82 46 90 44 92 52C94 66 84 76 82 90C78 104 64 104 62 92Z" fill={t.ochreGround} stroke={t.ink} strokeWidth={2.4} />
      {scatter(31, 7).map((p, i) => (
        <Ellipse key={i} cx={84 + (p.x - 80) * 0.2} cy={14 + i * 5} rx={4} ry={3.2} fill={t.ink} />
      ))}
    </>
  ),
  'lacewing-larva': (t) => (
    <>
      <Leaf t={t} />
      <Path d="M40 60C54 46 92 46 106 58C92 72 54 74 40 60Z" fill={t.bark} stroke={t.ink} strokeWidth={2.4} />
      <Path d="M106 55c12 -7 18 -1 20 3M106 61c12 6 18 1 20 -3M56 48v26M70 46v29M84 47v27" stroke={t.ink} strokeWidth={2.4} fill="none" strokeLinecap="round" />
    </>
  ),
  mummies: (t) => (
    <>
      <Leaf t={t} />
      {[
        [54, 54],
        [82, 48],
        [98, 66],
        [66, 76],
      ].map(([x = 0, y = 0]) => (
        <G key={x}>
          <Ellipse cx={x} cy={y} rx={9} ry={7} fill={t.bark} fillOpacity={0.7} stroke={t.ink} strokeWidth={1.8} />
          <Line x1={x - 4} x2={x - 9} y1={y + 6} y2={y + 11} stroke={t.ink} strokeWidth={1.4} />
        </G>
      ))}
    </>
  ),
};

/** Our own line drawing of a sign, on one leaf, stem or fruit. */
export function SignDrawing({ drawing, height = 84 }: { readonly drawing: Sign['drawing']; readonly height?: number }) {
  const t = useTokens();
  return (
    <Svg height={height} width={(height * 160) / 120} viewBox="0 0 160 120" aria-hidden>
      {DRAW[drawing](t)}
    </Svg>
  );
}
