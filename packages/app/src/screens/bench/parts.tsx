import { sayBoth, sayParts, sayScoop, metricBeside, type Dimension, type Measure, type Outcome, type UnitSystem } from '@sleetbrook/core/measure';
import { measureProduct } from '@sleetbrook/core/mix';
import type { ReactNode } from 'react';
import { View } from 'react-native';
import { Page } from '../../ui/page';
import { Spoons } from '../../ui/spoons';
import { Loading } from '../../ui/states';
import { T } from '../../ui/text';
import { PoisonHelp } from '../help/poison-help';

const BACK = { title: 'Bench', href: '/bench' } as const;

/** A tool of the bench: its name, what it answers, and help for a poisoning one tap away. */
export function ToolPage({
  title,
  sub,
  footer,
  children,
}: {
  readonly title: string;
  readonly sub: string;
  readonly footer?: ReactNode;
  readonly children: ReactNode;
}) {
  return (
    <Page title={title} sub={sub} back={BACK} aside={<PoisonHelp />} footer={footer}>
      <View className="gap-5 px-5 pt-4">{children}</View>
    </Page>
  );
}

export const ToolLoading = () => (
  <Page back={BACK}>
    <Loading />
  </Page>
);

/** An answer that is weighed: as the scale shows it. */
export const Weighed = ({ title, text }: { readonly title: string; readonly text: string }) => (
  <View>
    <T kind="label">{title}</T>
    <T className="font-bold text-[48px] leading-[56px]">{text}</T>
  </View>
);

/** An answer: the amount large in the grower's system, the other one below. */
export function Big({
  title,
  si,
  dimension,
  units,
  children,
}: {
  readonly title: string;
  readonly si: number;
  readonly dimension: Dimension;
  readonly units: UnitSystem;
  readonly children?: ReactNode;
}) {
  const { figure, unit } = sayParts(si, dimension, units);
  const beside = metricBeside(si, dimension, units);
  return (
    <View>
      <T kind="label">{title}</T>
      <View className="flex-row items-baseline gap-2">
        <T className="font-bold text-[48px] leading-[56px]">{figure}</T>
        <T className="font-medium text-[26px] leading-[32px]">{unit}</T>
      </View>
      {beside !== null && <T kind="muted">{beside}</T>}
      {children}
    </View>
  );
}

/** The sentence of the first refusal at a field, for showing there. */
export const errorAt = (out: Outcome<unknown> | null | undefined, ...fields: string[]): string | undefined => {
  if (!out || out.ok) return undefined;
  const first = out.reasons[0];
  return first && fields.includes(first.field) ? first.sentence : undefined;
};

/** A refusal that belongs to none of the fields in sight. */
export function Refused({ out, shown }: { readonly out: Outcome<unknown> | null | undefined; readonly shown: readonly string[] }) {
  if (!out || out.ok) return null;
  const first = out.reasons[0];
  if (!first || shown.includes(first.field)) return null;
  return (
    <View role="alert">
      <T className="text-rowan">{first.sentence}</T>
    </View>
  );
}

interface MeasuredProps {
  /** ml of a liquid, g of something dry. */
  readonly amount: number;
  readonly unit: 'ml' | 'g';
  /** g in a level ml of something dry; null when not known. */
  readonly gPerMl?: number | null;
  /** Never to be exceeded. */
  readonly ceiling?: number;
  readonly kit: readonly Measure[];
}

/** The spoons, the jug or the scale reading of the grower's kit for an amount. */
export function InMyMeasures({ amount, unit, gPerMl = null, ceiling = Infinity, kit }: MeasuredProps) {
  const out = measureProduct(amount, ceiling, gPerMl === null ? undefined : { gPerMl, spread: 0.12 }, unit, kit);
  if (!out.ok) return <T kind="muted">{out.reasons[0]?.sentence ?? ''}</T>;
  const m = out.value.measured;
  if (m.by === 'scale') return <T kind="strong">{`${sayBoth(m.reading, 'mass', 'metric')} on ${m.scale.name}`}</T>;
  const error = Math.abs(m.out.error) < 0.0005 ? 'exact' : `${(Math.abs(m.out.error) * 100).toFixed(1)} % ${m.out.error < 0 ? 'under' : 'over'}`;
  return (
    <View className="gap-2">
      <Spoons scoops={m.out.scoops} />
      <T kind="muted">{`${m.out.scoops.map(sayScoop).join(', ')}; rounding ${error}${m.density ? '; powders by the spoon can be 12 % off' : ''}`}</T>
    </View>
  );
}
