import type { Form, PartId } from '@sleetbrook/core/cards';
import Svg, { Path } from 'react-native-svg';
import { useTokens } from '../../ui/tokens';
import { plantShapes } from './drawings/plants';

/** The plant, as it grows, with one part lit. */
export function PartDrawing({ part, form, height = 96 }: { readonly part: PartId; readonly form: Form; readonly height?: number }) {
  const t = useTokens();
  return (
    <Svg height={height} width={height} viewBox="0 0 120 120" aria-hidden>
      {plantShapes(form, part, t).map((s, i) => (
        <Path
          key={i}
          d={s.d}
          fill={s.fill ?? 'none'}
          {...(s.stroke ? { stroke: s.stroke, strokeWidth: s.w ?? 2, strokeLinecap: 'round', strokeLinejoin: 'round' } : {})}
        />
      ))}
    </Svg>
  );
}
