import type { ClimateView, Planting } from '@sleetbrook/core/api';
import { findTroubleCard } from '@sleetbrook/core/cards';
import { sayTemperature, type UnitSystem } from '@sleetbrook/core/measure';
import { useState } from 'react';
import { View } from 'react-native';
import { Button } from '../../ui/button';
import { Row, Section } from '../../ui/row';
import { T } from '../../ui/text';
import { sayDate } from '../garden/say-picking';

type Ahead = ClimateView['ahead'][number];

/** Days that nobody foretells, by what is usual on them; and what earlier years would have let in on them. */
export function UsualDays({
  climate,
  plantings,
  units,
}: {
  readonly climate: ClimateView;
  readonly plantings: readonly Planting[];
  readonly units: UnitSystem;
}) {
  const [open, setOpen] = useState(false);
  const { ahead, chances } = climate;
  const first = ahead[0];
  if (!first) return null;
  const ten = ahead.length === 10;
  return (
    <View>
      <Section>{ten ? 'The coming days, that nobody foretells' : 'After the forecast'}</Section>
      <T>{`${sayDate(first.day)} on: ${sayUsual(first, units)}.`}</T>
      <T kind="small">{sayBasis(climate)}</T>
      {chances.map((c) => (
        <Row
          key={`${c.plantingId} ${c.troubleId} ${c.model}`}
          mark="wait"
          title={`${findTroubleCard(c.troubleId)?.name ?? c.troubleId}: ${plantings.find((p) => p.id === c.plantingId)?.name ?? ''}`}
          end={`${c.years} of ${climate.years} years`}
          sub="These days of earlier years would have let it in. A forecast says more."
        />
      ))}
      <Button kind="link" title={open ? 'Hide these days' : 'Day by day'} expanded={open} onPress={() => setOpen(!open)} />
      {open &&
        ahead.map((d) => (
          <T key={d.day} kind="small">
            {`${sayDate(d.day)}: ${sayUsual(d, units)}`}
          </T>
        ))}
    </View>
  );
}

/** @example 'least 2 to 10 °C, most 11 to 20 °C, rain on 4 of 10 such days' */
export function sayUsual(d: Ahead, units: UnitSystem): string {
  const between = (u: Ahead['least']) => `${sayTemperature(u.low, units).replace(/\s?°.*$/, '')} to ${sayTemperature(u.high, units)}`;
  const rain = d.wetInTen === null ? 'of rain nobody can say' : `rain on ${d.wetInTen} of 10 such days`;
  return `least ${between(d.least)}, most ${between(d.most)}, ${rain}`;
}

const sayBasis = (c: ClimateView): string =>
  c.basis === 'own'
    ? `By this garden’s own weather of earlier years; eight days of ten lie between. No hour is opened by it, and no round laid out.`
    : 'By what is usual at this latitude at sea level, roughly: no earlier years are known here. No hour is opened by it, and no round laid out.';
