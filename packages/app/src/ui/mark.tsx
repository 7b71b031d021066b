import Svg, { Circle, Path, Rect } from 'react-native-svg';
import { useTokens } from './tokens';

export type MarkState = 'open' | 'wait' | 'stop' | 'done';

/** The state as a shape: ring, half ring, square, tick. A word always stands beside it. */
export function Mark({ state, size = 24 }: { readonly state: MarkState; readonly size?: number }) {
  const t = useTokens();
  return (
    <Svg width={size} height={size} viewBox="0 0 24 24" aria-hidden>
      {state === 'open' && <Circle cx={12} cy={12} r={9} stroke={t.moss} strokeWidth={3.4} fill="none" />}
      {state === 'wait' && (
        <>
          <Circle cx={12} cy={12} r={9} stroke={t.ochre} strokeWidth={3} fill="none" />
          <Path d="M12 4a8 8 0 0 1 0 16z" fill={t.ochre} />
        </>
      )}
      {state === 'stop' && <Rect x={2.5} y={2.5} width={19} height={19} rx={3.5} fill={t.rowan} />}
      {state === 'done' && <Path d="M4 13l5 5L20 6" stroke={t.brook} strokeWidth={3.2} fill="none" strokeLinecap="round" strokeLinejoin="round" />}
    </Svg>
  );
}
