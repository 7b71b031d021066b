import { RUNG_NAMES } from '@sleetbrook/core/cards';
import type { Verdict } from '@sleetbrook/core/decide';
import { sayDay, sayTime, type Instant } from '@sleetbrook/core/measure';
import { dayOf } from '@sleetbrook/core/schedule';
import { useState } from 'react';
import { View } from 'react-native';
import { Button } from '../../ui/button';
import { Row, Section } from '../../ui/row';
import { T } from '../../ui/text';
import { VerdictSheet } from './verdict-sheet';

interface Props {
  readonly verdicts: readonly Verdict[];
  readonly chosen: string | null;
  readonly now: Instant;
  readonly zone: string;
  readonly onChoose: (controlId: string) => void;
}

const MARKS = { usable: 'open', 'not-now': 'wait', never: 'stop' } as const;

/** The end of a row: now, when it opens, or that it does not. */
export function sayOpening(v: Verdict, now: Instant, zone: string): string {
  if (v.status === 'usable') return 'Now';
  if (v.status === 'never') return 'Never here';
  if (v.opens?.kind === 'at') return dayOf(v.opens.at, zone) === dayOf(now, zone) ? sayTime(v.opens.at, zone) : sayDay(v.opens.at, zone);
  return 'Not now';
}

/** The ladder, gentlest first. What never suits stands folded at the end. */
export function LadderList({ verdicts, chosen, now, zone, onChoose }: Props) {
  const [shown, setShown] = useState<string | null>(null);
  const [all, setAll] = useState(false);
  const able = verdicts.filter((v) => v.status !== 'never');
  const never = verdicts.filter((v) => v.status === 'never');
  const row = (v: Verdict) => (
    <Row
      key={v.control.id}
      mark={MARKS[v.status]}
      title={v.control.name}
      end={sayOpening(v, now, zone)}
      tone={v.status === 'usable' ? 'open' : v.status === 'never' ? 'stop' : 'wait'}
      sub={v.status === 'usable' ? v.effectWhy : v.reasons[0]?.sentence}
      selected={v.control.id === chosen}
      onPress={() => setShown(v.control.id)}
    />
  );
  const sheet = verdicts.find((v) => v.control.id === shown);
  return (
    <View>
      {RUNG_NAMES.map((rung, n) => {
        const rows = able.filter((v) => v.control.rung === n);
        return rows.length === 0 ? null : (
          <View key={rung}>
            <Section>{rung}</Section>
            {rows.map(row)}
          </View>
        );
      })}
      {never.length > 0 && (
        <View className="gap-2 pt-5">
          <Button kind="quiet" title={all ? 'Fold what never suits here' : `Never here: ${never.length}`} expanded={all} onPress={() => setAll(!all)} />
          {all && never.map(row)}
        </View>
      )}
      <T kind="small" className="pt-4">
        Gentlest first: by rung, then by harm to people (counted twice), bees, water life, helpers and how long it stays. Integrated pest management, common
        practice.
      </T>
      {sheet && (
        <VerdictSheet
          verdict={sheet}
          now={now}
          zone={zone}
          onClose={() => setShown(null)}
          onChoose={() => {
            setShown(null);
            onChoose(sheet.control.id);
          }}
        />
      )}
    </View>
  );
}
