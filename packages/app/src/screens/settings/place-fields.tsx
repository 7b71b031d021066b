import type { Town } from '@sleetbrook/core/api';
import { emergencyOf, homeMadeIn, regionsOf, unitsOf } from '@sleetbrook/core/measure';
import { useState } from 'react';
import { useController, type Control } from 'react-hook-form';
import { View } from 'react-native';
import { useCountries, useTowns, zoneOf } from '../../api/queries';
import { Button } from '../../ui/button';
import { Field } from '../../ui/field';
import { Pick } from '../../ui/pick';
import { Row } from '../../ui/row';
import { T } from '../../ui/text';
import type { GardenForm } from './garden-form';

const rounded = (degrees: number) => String(Math.round(degrees * 1000) / 1000);
const side = (text: string, plus: string, minus: string) => (text.trim().startsWith('-') ? `${text.trim().slice(1)}° ${minus}` : `${text.trim()}° ${plus}`);

/** Where the garden is: country, then a town of the list or the device's own position. Nobody has to know a latitude. */
export function PlaceFields({ control }: { readonly control: Control<GardenForm> }) {
  const country = useController({ control, name: 'country' });
  const region = useController({ control, name: 'region' });
  const town = useController({ control, name: 'town' });
  const latitude = useController({ control, name: 'latitude' });
  const longitude = useController({ control, name: 'longitude' });
  const zone = useController({ control, name: 'zone' });
  const units = useController({ control, name: 'units' });
  const emergency = useController({ control, name: 'emergencyNumber' });
  const homeMade = useController({ control, name: 'homeMade' });
  const countries = useCountries().data ?? [];
  const [typed, setTyped] = useState<string | null>(null);
  const [exact, setExact] = useState(false);
  const [asking, setAsking] = useState<'asking' | 'refused' | null>(null);
  const towns = useTowns(country.field.value, typed ?? '').data ?? [];
  const wrong = [latitude, longitude, zone].some((f) => f.fieldState.error);

  /** What follows from the country is filled in, and stays open to change. */
  const choose = (code: string) => {
    const [before, proposed] = [emergencyOf(country.field.value), emergencyOf(code)];
    country.field.onChange(code);
    region.field.onChange('');
    setTyped('');
    units.field.onChange(unitsOf(code));
    if (proposed !== null && (emergency.field.value === '' || emergency.field.value === before)) emergency.field.onChange(proposed);
    if (homeMade.field.value === 'not-known') homeMade.field.onChange(homeMadeIn(code));
  };
  const place = (lat: string, lon: string, where: string) => {
    latitude.field.onChange(lat);
    longitude.field.onChange(lon);
    zone.field.onChange(where);
    setTyped(null);
  };
  const take = (t: Town) => {
    town.field.onChange(t.name);
    place(String(t.latitude), String(t.longitude), t.zone);
  };
  const here = () => {
    setAsking('asking');
    navigator.geolocation.getCurrentPosition(
      ({ coords }) => {
        void zoneOf(coords.latitude, coords.longitude)
          .then((z) => {
            place(rounded(coords.latitude), rounded(coords.longitude), z.zone);
            setAsking(null);
          })
          .catch(() => setAsking('refused'));
      },
      () => setAsking('refused'),
      { timeout: 20_000, maximumAge: 600_000 },
    );
  };
  return (
    <View className="gap-5">
      <Pick
        label="Country"
        value={country.field.value}
        onChange={choose}
        options={countries.map((c) => ({ value: c.code, label: c.name, also: c.also.join(' ') }))}
        error={country.fieldState.error?.message}
      />
      {regionsOf(country.field.value).length > 0 && (
        <Pick
          label="State or province"
          value={region.field.value}
          onChange={region.field.onChange}
          options={regionsOf(country.field.value).map((r) => ({ value: r.code, label: r.name }))}
          error={region.fieldState.error?.message}
        />
      )}
      <View className="gap-2">
        <Field
          label="Town or village"
          value={typed ?? town.field.value}
          onChange={(text) => {
            setTyped(text);
            town.field.onChange(text);
          }}
          hint={country.field.value === '' ? 'Choose the country first.' : 'The nearest of the list will do: type its first letters.'}
          error={town.fieldState.error?.message}
        />
        {typed !== null && country.field.value !== '' && (
          <View>
            {towns.slice(0, 6).map((t) => (
              <Row
                key={`${t.name}${t.latitude}${t.longitude}`}
                title={t.region === '' ? t.name : `${t.name}, ${t.region}`}
                sub={`${t.zone} · ${t.latitude}, ${t.longitude}`}
                onPress={() => take(t)}
              />
            ))}
            {towns.length === 0 && typed.trim() !== '' && <T kind="small">Not on the list: a larger place near by will do, or this device’s position.</T>}
          </View>
        )}
        <Button kind="quiet" title="Use this device’s position" busy={asking === 'asking'} onPress={here} />
        {asking === 'refused' && (
          <T kind="small" live>
            The device does not say where it is: choose a town near you.
          </T>
        )}
      </View>
      <View className="gap-2">
        <T kind="muted">{`${side(latitude.field.value, 'north', 'south')}, ${side(longitude.field.value, 'east', 'west')} · ${zone.field.value}`}</T>
        {!exact && !wrong && <Button kind="link" title="Change the exact place" onPress={() => setExact(true)} />}
        {(exact || wrong) && (
          <View className="gap-3">
            <View className="flex-row gap-3">
              <View className="flex-1">
                <Field
                  label="Latitude"
                  unit="°"
                  hint="North; south is minus"
                  value={latitude.field.value}
                  onChange={latitude.field.onChange}
                  error={latitude.fieldState.error?.message}
                />
              </View>
              <View className="flex-1">
                <Field
                  label="Longitude"
                  unit="°"
                  hint="East; west is minus"
                  value={longitude.field.value}
                  onChange={longitude.field.onChange}
                  error={longitude.fieldState.error?.message}
                />
              </View>
            </View>
            <Field
              label="Time zone"
              hint="As clocks there go."
              value={zone.field.value}
              onChange={zone.field.onChange}
              error={zone.fieldState.error?.message}
            />
          </View>
        )}
      </View>
    </View>
  );
}
