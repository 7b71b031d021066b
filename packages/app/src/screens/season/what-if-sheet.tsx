import type { Garden, SeasonView } from '@sleetbrook/core/api';
import { inSentence, sayDay } from '@sleetbrook/core/measure';
import { addDays, dayStart } from '@sleetbrook/core/schedule';
import type { Season, WhatIf } from '@sleetbrook/core/season';
import { useState } from 'react';
import { View } from 'react-native';
import { useSaveCase, useSaveGarden, useSavePlanting } from '../../api/mutations';
import { Button } from '../../ui/button';
import { Row } from '../../ui/row';
import { Sheet } from '../../ui/sheet';
import { Failed, Loading } from '../../ui/states';
import { T } from '../../ui/text';
import { sayDate } from '../garden/say-picking';
import { useProgramme } from './use-programme';

interface Props {
  readonly open: boolean;
  readonly season: Season;
  readonly view: SeasonView;
  readonly garden: Garden;
  readonly onClose: () => void;
}

/** Something tried before it is taken: its rounds beside those that are laid out now. */
export function WhatIfSheet({ open, season, view, garden, onClose }: Props) {
  const [what, setWhat] = useState<WhatIf | null>(null);
  const close = () => {
    setWhat(null);
    onClose();
  };
  return (
    <Sheet open={open} title="What if" onClose={close}>
      {what ? (
        <Beside what={what} season={season} view={view} garden={garden} onBack={() => setWhat(null)} onTaken={close} />
      ) : (
        <Choices season={season} view={view} garden={garden} onTry={setWhat} />
      )}
    </Sheet>
  );
}

const AWAY_DAYS = [3, 7, 10];
const WEEK = 7;

function Choices({
  season,
  view,
  garden,
  onTry,
}: {
  readonly season: Season;
  readonly view: SeasonView;
  readonly garden: Garden;
  readonly onTry: (w: WhatIf) => void;
}) {
  const [leave, setLeave] = useState(addDays(season.today, 1));
  const said = (day: string) => sayDay(dayStart(day, garden.zone), garden.zone);
  const picked = view.courses
    .map((c) => c.planting)
    .filter((p, i, all) => p.pickFrom !== null && p.pickFrom >= season.today && all.findIndex((x) => x.id === p.id) === i);
  const controls = season.courses.filter((c, i, all) => c.state === 'on' && all.findIndex((x) => x.controlId === c.controlId) === i);
  return (
    <View className="gap-4">
      <View className="gap-2">
        <T kind="strong">{`Away from ${said(leave)}`}</T>
        <View className="flex-row gap-2">
          <View className="flex-1">
            <Button kind="quiet" title="A day sooner" disabled={leave <= season.today} onPress={() => setLeave(addDays(leave, -1))} />
          </View>
          <View className="flex-1">
            <Button kind="quiet" title="A day later" disabled={leave >= addDays(season.today, season.days - 2)} onPress={() => setLeave(addDays(leave, 1))} />
          </View>
        </View>
        <View className="flex-row flex-wrap gap-2">
          {AWAY_DAYS.map((n) => (
            <Button key={n} kind="quiet" title={`for ${String(n)} days`} onPress={() => onTry({ kind: 'away', from: leave, to: addDays(leave, n - 1) })} />
          ))}
        </View>
      </View>
      {garden.away
        .filter((a) => a.to >= season.today)
        .map((a) => (
          <AwayRow key={a.from} garden={garden} from={a.from} to={a.to} />
        ))}
      {picked.length > 0 && <T kind="strong">Picked a week later</T>}
      {picked.map((p) => (
        <Row
          key={p.id}
          title={p.name}
          sub={`now from ${sayDate(p.pickFrom ?? '')}`}
          end="try"
          onPress={() => onTry({ kind: 'picking-later', plantingId: p.id, days: WEEK })}
        />
      ))}
      {controls.length > 0 && <T kind="strong">No more of it</T>}
      {controls.map((c) => (
        <Row
          key={c.controlId}
          title={c.controlName}
          sub={season.courses
            .filter((x) => x.controlId === c.controlId)
            .map((x) => x.plantingName)
            .join(', ')}
          end="try"
          onPress={() => onTry({ kind: 'without', controlId: c.controlId })}
        />
      ))}
    </View>
  );
}

/** Days away that were taken into the programme, to be taken out again. */
function AwayRow({ garden, from, to }: { readonly garden: Garden; readonly from: string; readonly to: string }) {
  const save = useSaveGarden();
  return (
    <Row
      mark="done"
      title={`Away from ${sayDate(from)} to ${sayDate(to)}`}
      end="take out"
      onPress={() => void save.mutateAsync({ ...garden, away: garden.away.filter((a) => a.from !== from || a.to !== to) }).catch(() => undefined)}
    />
  );
}

interface BesideProps {
  readonly what: WhatIf;
  readonly season: Season;
  readonly view: SeasonView;
  readonly garden: Garden;
  readonly onBack: () => void;
  readonly onTaken: () => void;
}

function Beside({ what, season, view, garden, onBack, onTaken }: BesideProps) {
  const { season: then, otherwise, error, again } = useProgramme(what);
  const saveGarden = useSaveGarden();
  const savePlanting = useSavePlanting();
  const saveCase = useSaveCase();
  const failed = [saveGarden, savePlanting, saveCase].find((m) => m.error)?.error;
  if (error) return <Failed error={error} again={again} />;
  if (!then || !otherwise) return <Loading />;
  const name = (id: string) => {
    const c = season.courses.find((x) => x.caseId === id);
    return c ? `${c.plantingName}, ${inSentence(c.controlName)}` : '';
  };
  const days = (list: readonly string[]) => (list.length === 0 ? 'none' : list.map(sayDate).join(', '));
  const take = async () => {
    if (what.kind === 'away')
      await saveGarden.mutateAsync({ ...garden, away: [...garden.away.filter((a) => a.to >= season.today), { from: what.from, to: what.to }] });
    if (what.kind === 'picking-later') {
      const p = view.courses.find((c) => c.planting.id === what.plantingId)?.planting;
      if (p)
        await savePlanting.mutateAsync({
          ...p,
          pickFrom: p.pickFrom && addDays(p.pickFrom, what.days),
          pickUntil: p.pickUntil && addDays(p.pickUntil, what.days),
        });
    }
    if (what.kind === 'without') {
      for (const c of view.courses.filter((x) => x.case.laps.at(-1)?.controlId === what.controlId))
        await saveCase.mutateAsync({ ...c.case, course: { state: 'ended', saidAt: new Date(then.now).toISOString(), fixed: [] } });
    }
    onTaken();
  };
  return (
    <View className="gap-3">
      <T kind="strong">{titleOf(what, season, view)}</T>
      <T>{otherwise.costs.length === 0 ? 'It is as good as what is laid out now.' : `In all: ${otherwise.costs.slice(0, 4).join('; ')}.`}</T>
      {otherwise.moved.map((m) => (
        <View key={m.caseId} className="border-b border-line py-2">
          <T kind="strong">{name(m.caseId)}</T>
          <T kind="muted">{`now: ${days(m.before)}`}</T>
          <T>{`then: ${days(m.then)}`}</T>
        </View>
      ))}
      {failed && <Failed error={failed} />}
      <Button
        title="Take it so"
        busy={saveGarden.isPending || savePlanting.isPending || saveCase.isPending}
        onPress={() => void take().catch(() => undefined)}
      />
      <Button kind="quiet" title="Try something else" onPress={onBack} />
    </View>
  );
}

function titleOf(what: WhatIf, season: Season, view: SeasonView): string {
  if (what.kind === 'away') return `Away from ${sayDate(what.from)} to ${sayDate(what.to)}`;
  if (what.kind === 'picking-later') return `${view.courses.find((c) => c.planting.id === what.plantingId)?.planting.name ?? ''} picked a week later`;
  if (what.kind === 'without') return `No more of it: ${inSentence(season.courses.find((c) => c.controlId === what.controlId)?.controlName ?? '')}`;
  return 'A day set';
}
