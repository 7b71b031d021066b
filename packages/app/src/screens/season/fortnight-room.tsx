import { View } from 'react-native';
import { Section } from '../../ui/row';

/** Of the strip; and of the days under it. */
export const STRIP_HEIGHT = 126;
const DATES_HEIGHT = 26;

/** The room of the fortnight before it is there, so that nothing below it moves under a thumb. */
export const FortnightRoom = () => (
  <View>
    <Section>The fortnight</Section>
    <View style={{ height: STRIP_HEIGHT + DATES_HEIGHT }} />
  </View>
);
