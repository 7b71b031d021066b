import { View } from 'react-native';
import Svg, { Path } from 'react-native-svg';
import { T } from '../../ui/text';
import { useTokens } from '../../ui/tokens';

/** CSS pixels to a millimetre: exact on paper, near enough on a phone (CSS Values 4: 96 to the inch). */
const PX_PER_MM = 96 / 25.4;
const WIDEST_MM = 60;

/** How long the creature is, drawn at its length between two marks; what is longer than a phone is said only. */
export function LifeSize({ mm }: { readonly mm: number }) {
  const t = useTokens();
  const shown = Math.min(mm, WIDEST_MM);
  const w = shown * PX_PER_MM;
  return (
    <View className="flex-row items-center gap-3" aria-label={`About ${mm} millimetres long`}>
      {mm <= WIDEST_MM && (
        <Svg width={w + 4} height={16} aria-hidden>
          <Path d={`M2 2V14M${w + 2} 2V14M2 8H${w + 2}`} stroke={t.ink} strokeWidth={2} />
        </Svg>
      )}
      <T kind="small">{`about ${mm} mm${mm <= WIDEST_MM ? ', life size' : ''}`}</T>
    </View>
  );
}
