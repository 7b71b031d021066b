import type { SkyLook } from '@sleetbrook/core/weather';
import { celsiusOf, degreeUnit, parseNumber } from '@sleetbrook/core/measure';
import { useState } from 'react';
import { View } from 'react-native';
import { v7 } from 'uuid';
import { useSaveSky } from '../../api/mutations';
import { useGarden } from '../../api/queries';
import { useNow } from '../../state/now';
import { Button } from '../../ui/button';
import { Choice, Field } from '../../ui/field';
import { Sheet } from '../../ui/sheet';
import { Failed } from '../../ui/states';
import { T } from '../../ui/text';

type Draft = { -readonly [K in 'wind' | 'leaf' | 'sky' | 'rainTonight']: SkyLook[K] | '' } & {
  temperature: string;
  rain: NonNullable<SkyLook['twoDays']>['rain'] | '';
  frost: NonNullable<SkyLook['twoDays']>['frost'] | '';
  warmest: NonNullable<SkyLook['twoDays']>['warmest'] | '';
};
const BLANK: Draft = { temperature: '', wind: '', leaf: '', sky: '', rainTonight: '', rain: '', frost: '', warmest: '' };
const CHANCES = [
  { value: 'no', label: 'No' },
  { value: 'perhaps', label: 'Perhaps' },
  { value: 'yes', label: 'Yes' },
] as const;
const WINDS = [
  { value: 'smoke-straight', label: 'Smoke goes straight up' },
  { value: 'smoke-drifts', label: 'Smoke drifts, leaves hang still' },
  { value: 'leaves-rustle', label: 'Leaves rustle' },
  { value: 'twigs-move', label: 'Twigs move all the time' },
  { value: 'branches-move', label: 'Small branches move' },
  { value: 'small-trees-sway', label: 'Small trees sway' },
] as const;

/** What a grower sees of the weather where nothing measures it: a few taps open or close this evening. */
export function SkySheet({ open, onClose }: { readonly open: boolean; readonly onClose: () => void }) {
  const save = useSaveSky();
  const now = useNow();
  const units = useGarden().data?.units ?? 'metric';
  const us = units === 'us';
  const [d, setDraft] = useState<Draft>(BLANK);
  const [id, setId] = useState(() => v7());
  const [tried, setTried] = useState(false);
  const set = (next: Partial<Draft>) => setDraft({ ...d, ...next });
  const typed = parseNumber(d.temperature, '', units);
  const temperatureC = typed.ok ? Math.round(celsiusOf(typed.value, units) * 10) / 10 : null;
  const missing = (value: string) => (tried && value === '' ? 'Tap what is nearest.' : undefined);
  const some = d.rain !== '' || d.frost !== '' || d.warmest !== '';
  const keep = () => {
    setTried(true);
    const { wind, leaf, sky, rainTonight, rain, frost, warmest } = d;
    if (temperatureC === null || wind === '' || leaf === '' || sky === '' || rainTonight === '' || now === undefined) return;
    const twoDays =
      rain === '' && frost === '' && warmest === ''
        ? null
        : { rain: rain || ('perhaps' as const), frost: frost || ('perhaps' as const), warmest: warmest || ('hotter' as const) };
    void save
      .mutateAsync({ id, at: new Date(now).toISOString(), temperatureC, wind, leaf, sky, rainTonight, twoDays })
      .then(() => {
        setId(v7());
        setDraft(BLANK);
        setTried(false);
        onClose();
      })
      .catch(() => undefined);
  };
  return (
    <Sheet open={open} title="A look at the sky" onClose={onClose}>
      <T kind="muted">Now, where the plants stand. It opens or closes the hours until tomorrow morning, and is kept as seen, not as measured.</T>
      <Field
        label="The thermometer says"
        unit={degreeUnit(units)}
        numeric
        value={d.temperature}
        onChange={(temperature) => set({ temperature })}
        error={
          tried && temperatureC === null
            ? `Type the degrees, such as ${us ? '64' : '18'}. Without a thermometer: hold a hand to the leaves and guess high.`
            : undefined
        }
      />
      <Choice label="Wind" value={d.wind} onChange={(wind) => set({ wind })} options={WINDS} error={missing(d.wind)} />
      <Choice
        label="Leaves"
        value={d.leaf}
        onChange={(leaf) => set({ leaf })}
        options={[
          { value: 'dry', label: 'Dry' },
          { value: 'dew', label: 'Dew' },
          { value: 'wet', label: 'Wet' },
        ]}
        error={missing(d.leaf)}
      />
      <Choice
        label="Sky"
        value={d.sky}
        onChange={(sky) => set({ sky })}
        options={[
          { value: 'clear', label: 'Clear' },
          { value: 'half', label: 'Half and half' },
          { value: 'overcast', label: 'Grey all over' },
        ]}
        error={missing(d.sky)}
      />
      <Choice
        label="Rain before tomorrow morning"
        value={d.rainTonight}
        onChange={(rainTonight) => set({ rainTonight })}
        options={CHANCES}
        error={missing(d.rainTonight)}
      />
      <View className="gap-3 border-t border-line pt-4">
        <T kind="strong">The two days after</T>
        <T kind="small">Only for what needs longer: copper, sulfur, oil. What you leave out counts as coming.</T>
        <Choice label="Rain" value={d.rain} onChange={(rain) => set({ rain })} options={CHANCES} />
        <Choice label="Frost" value={d.frost} onChange={(frost) => set({ frost })} options={CHANCES} />
        <Choice
          label="Warmest"
          value={d.warmest}
          onChange={(warmest) => set({ warmest })}
          options={[
            { value: 'under-25', label: us ? 'Under 77 °F' : 'Under 25 °C' },
            { value: 'under-30', label: us ? 'Under 86 °F' : 'Under 30 °C' },
            { value: 'hotter', label: 'Hotter' },
          ]}
        />
        {some && <Button kind="link" title="Leave the two days out" onPress={() => set({ rain: '', frost: '', warmest: '' })} />}
      </View>
      {save.error && <Failed error={save.error} />}
      <Button title="Go by this look" busy={save.isPending} onPress={keep} />
    </Sheet>
  );
}
