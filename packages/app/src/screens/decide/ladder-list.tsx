import { RUNG_NAMES } from '@sleetbrook/core/cards';
import type { Verdict } from '@sleetbrook/core/decide-light';
import { sayDay, sayTime, type Instant } from '@sleetbrook/core/measure';
import { dayOf } from '@sleetbrook/core/schedule';
import { useState, type ReactNode } from 'react';
import { View } from 'react-native';
import type { Deciding } from '../../workers/tasks';
import { Button } from '../../ui/button';
import { Row } from '../../ui/row';
import { Sheet } from '../../ui/sheet';
import { T } from '../../ui/text';
import { useProse } from '../../ui/words';
import { VerdictSheet, type PlanChoice } from './verdict-sheet';

interface Props {
  readonly deciding: Deciding;
  readonly chosen: string | null;
  readonly now: Instant;
  readonly zone: string;
  readonly plan: PlanChoice;
}

const MARKS = { usable: 'open', 'not-now': 'wait', never: 'stop' } as const;
const FIRST = { usable: 0, 'not-now': 1, never: 2 };

/** The end of a row: now, when it opens, or that it does not. */
export function sayOpening(v: Verdict, now: Instant, zone: string): string {
  if (v.status === 'usable') return 'Now';
  if (v.status === 'never') return 'Never here';
  if (v.opens?.kind === 'at') return dayOf(v.opens.at, zone) === dayOf(now, zone) ? sayTime(v.opens.at, zone) : sayDay(v.opens.at, zone);
  return 'Not now';
}

/** The ladder as a climb, gentlest first; on each rung what may be used now comes first. What never suits is folded. */
export function LadderList({ deciding, chosen, now, zone, plan }: Props) {
  const prose = useProse();
  const [shown, setShown] = useState<string | null>(null);
  const [all, setAll] = useState(false);
  const [order, setOrder] = useState(false);
  const able = deciding.verdicts.filter((v) => v.status !== 'never');
  const never = deciding.verdicts.filter((v) => v.status === 'never');
  const row = (v: Verdict) => (
    <Row
      key={v.key}
      mark={MARKS[v.status]}
      title={v.sheet && !v.sheet.specimen ? `${v.control.name}: ${v.sheet.name}` : v.control.name}
      end={sayOpening(v, now, zone)}
      tone={v.status === 'usable' ? 'open' : v.status === 'never' ? 'stop' : 'wait'}
      sub={prose(subOf(v, plan, deciding.opened) ?? '')}
      selected={v.key === chosen}
      onPress={() => setShown(v.key)}
    />
  );
  const sheet = deciding.verdicts.find((v) => v.key === shown);
  return (
    <View>
      {RUNG_NAMES.map((name, n) => {
        const rows = able.filter((v) => v.control.rung === n).sort((a, b) => FIRST[a.status] - FIRST[b.status]);
        return rows.length === 0 ? null : (
          <Rung key={name} number={n} name={name} open={rows.some((v) => v.status === 'usable')}>
            {rows.map(row)}
          </Rung>
        );
      })}
      <View className="gap-2 pt-4">
        {never.length > 0 && (
          <Button kind="quiet" title={all ? 'Fold what never suits here' : `Never here: ${never.length}`} expanded={all} onPress={() => setAll(!all)} />
        )}
        {all && never.map(row)}
        <Button kind="link" title="Why in this order" onPress={() => setOrder(true)} />
      </View>
      <Sheet open={order} title="Why in this order" onClose={() => setOrder(false)}>
        <T>
          By rung first. On one rung by harm to people (counted twice), bees, water life, helpers and how long it stays; a sterner label counts. Then by what
          does more. Integrated pest management, common practice; weights from memory.
        </T>
        <View>
          {able.map((v, i) => (
            <Row
              key={v.key}
              title={`${i + 1}. ${v.control.name}`}
              sub={deciding.order[i] ? `Before the next: ${lower(deciding.order[i])}` : 'The last resort.'}
            />
          ))}
        </View>
      </Sheet>
      {sheet && (
        <VerdictSheet
          verdict={sheet}
          course={sheet.control.rung === 0 ? deciding.course : null}
          now={now}
          zone={zone}
          plan={plan}
          onClose={() => setShown(null)}
        />
      )}
    </View>
  );
}

const lower = (s = '') => s.charAt(0).toLowerCase() + s.slice(1);

function subOf(v: Verdict, plan: PlanChoice, opened: readonly string[]): string | undefined {
  if (plan.along.includes(v.key)) return 'In the plan.';
  if (opened.includes(v.key)) return `Then open. ${v.effectWhy}`;
  return v.status === 'usable' ? v.effectWhy : v.reasons[0]?.sentence;
}

/** One rung of the climb: its number, in moss where something on it is open, and what stands on it. */
function Rung({ number, name, open, children }: { readonly number: number; readonly name: string; readonly open: boolean; readonly children: ReactNode }) {
  return (
    <View className="pt-4">
      <View className="flex-row items-center gap-3">
        <View className={`h-8 w-8 items-center justify-center rounded-lg border-2 ${open ? 'border-moss' : 'border-line'}`}>
          <T kind="label" className={open ? 'text-ink' : ''}>
            {String(number)}
          </T>
        </View>
        <T kind="label" level={2}>
          {name}
        </T>
        <View className="h-[2px] flex-1 bg-line" />
      </View>
      {children}
    </View>
  );
}
