import type { Garden } from '@sleetbrook/core/api';
import type { Instant } from '@sleetbrook/core/measure';
import { dayOf } from '@sleetbrook/core/schedule';
import { useState } from 'react';
import { View } from 'react-native';
import { useReadings } from '../../api/queries';
import { Button } from '../../ui/button';
import { Row } from '../../ui/row';
import { T } from '../../ui/text';
import { sayDate } from '../garden/say-picking';
import { missedDay, ReadingForm, sayReading } from './reading-form';

/** The row of Today for what a thermometer and a gauge say: three fields, once a day. */
export function ReadingRow({
  garden,
  now,
  asked,
}: {
  readonly garden: Garden;
  readonly now: Instant;
  /** Whether nothing better tells the weather. */ readonly asked: boolean;
}) {
  const readings = useReadings().data;
  const [open, setOpen] = useState(false);
  const [forYesterday, setForYesterday] = useState(false);
  const today = dayOf(now, garden.zone);
  if (!readings || (!asked && readings.length === 0)) return null;
  const missed = missedDay(readings, today);
  const done = readings.find((r) => r.id === today);
  const day = forYesterday && missed ? missed : today;
  const close = () => {
    setOpen(false);
    setForYesterday(false);
  };
  return (
    <View>
      <Row
        mark={done ? 'done' : 'wait'}
        title="Thermometer and gauge"
        end={done ? 'today' : 'to read'}
        tone={done ? 'plain' : 'wait'}
        sub={done ? sayReading(done, garden.units) : 'Least, most and rain since yesterday: warnings and washed-off sprays go by it.'}
        onPress={() => (open ? close() : setOpen(true))}
      />
      {open && (
        <View className="gap-3 border-b border-line pb-4 pt-2">
          {missed && (
            <View className="flex-row flex-wrap items-center gap-x-3">
              <T kind="small">{forYesterday ? `For ${sayDate(missed)}.` : `${sayDate(missed)} was missed.`}</T>
              <Button kind="link" title={forYesterday ? 'Today instead' : 'Fill it in first'} onPress={() => setForYesterday(!forYesterday)} />
            </View>
          )}
          <ReadingForm key={day} readings={readings} day={day} now={now} zone={garden.zone} units={garden.units} onKept={close} />
        </View>
      )}
    </View>
  );
}
