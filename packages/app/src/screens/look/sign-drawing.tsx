import type { Drawing } from '@sleetbrook/core/catalogue';
import { memo } from 'react';
import Svg, { Path } from 'react-native-svg';
import { useDrawingTokens } from '../../ui/tokens';
import { compose } from './drawings/compose';
import type { Place } from './drawings/shape';

const transform = ([x, y, turn, scale]: Place) => `translate(${x} ${y}) rotate(${turn}) scale(${scale})`;

/** What a sign looks like. The name stands beside it, so screen readers skip it. */
export const SignDrawing = memo(function SignDrawing({ drawing, width = 112 }: { readonly drawing: Drawing; readonly width?: number }) {
  const t = useDrawingTokens();
  return (
    <Svg width={width} height={width * 0.75} viewBox="0 0 160 120" aria-hidden>
      {compose(drawing, t).map((s, i) => (
        <Path
          key={i}
          d={s.d}
          fill={s.fill ?? 'none'}
          {...(s.stroke ? { stroke: s.stroke, strokeWidth: s.w ?? 2, strokeLinecap: 'round', strokeLinejoin: 'round' } : {})}
          {...(s.opacity === undefined ? {} : { opacity: s.opacity })}
          {...(s.dash ? { strokeDasharray: s.dash } : {})}
          {...(s.at ? { transform: transform(s.at) } : {})}
        />
      ))}
    </Svg>
  );
});
