import { Linking, View } from 'react-native';
import { Button } from '../../ui/button';
import { Section } from '../../ui/row';
import { T } from '../../ui/text';

/** How a device is told to trust this house, on each kind: without it the browser warns, and keeps nothing for the garden's far end. */
export function Trust() {
  return (
    <View className="gap-3">
      <Section>So that a device trusts this house</Section>
      <T kind="muted">
        Until it does, it warns of the encrypted address and does not keep the application. Where the settings have profiles: allow the profile, install it
        under General, device management, and switch it on under General, About, certificate trust. Where they have security or privacy: choose to install a CA
        certificate, and pick the file. On a computer: take the file in among the authorities in the browser’s settings. It can vouch for this house and for
        nothing else.
      </T>
      <Button kind="quiet" title="Fetch this house’s certificate" onPress={() => void Linking.openURL('/household.crt')} />
    </View>
  );
}
