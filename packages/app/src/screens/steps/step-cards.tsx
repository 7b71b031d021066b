import type { LabelSheet } from '@sleetbrook/core/label';
import type { Step } from '@sleetbrook/core/mix';
import type { Href } from 'expo-router';
import { useEffect, type ReactNode } from 'react';
import { View } from 'react-native';
import { EMPTY_MIX, useDrafts } from '../../state/drafts';
import { ActionBar, Button } from '../../ui/button';
import { Tick } from '../../ui/field';
import { Warning } from '../../ui/icons';
import { Page } from '../../ui/page';
import { T } from '../../ui/text';
import { useTokens } from '../../ui/tokens';
import { PoisonHelp } from '../help/poison-help';
import { StepTimer } from './step-timer';
import { useAwake } from './use-awake';

interface Props {
  /** What is being handled, for Poison help. */
  readonly sheet?: LabelSheet;
  /** Where the progress is kept. */
  readonly draftKey: string;
  readonly steps: readonly Step[];
  /** What is being done, over every card. */
  readonly head: (step: Step) => string;
  readonly back: { readonly title: string; readonly href: Href };
  /** Says what the main button does. */
  readonly act: (step: Step, last: boolean) => string;
  readonly onBack: () => void;
  readonly onFinish: () => void;
  readonly busy?: boolean;
  /** When a card is left for the next one. */
  readonly onPass?: (step: Step) => void;
  /** In place of the words of a card. */
  readonly card?: (step: Step) => ReactNode;
  /** Under the card. */
  readonly under?: (step: Step) => ReactNode;
}

/** Step cards, one act each: gates must be ticked, the screen stays awake, and progress survives a reload. */
export function StepCards({ draftKey, steps, head, back, act, onBack, onFinish, busy = false, onPass, card, under, sheet }: Props) {
  const draft = useDrafts((d) => d.mixes[draftKey]) ?? EMPTY_MIX;
  const setMix = useDrafts((d) => d.setMix);
  const index = Math.min(Math.max(draft.step, 0), Math.max(steps.length - 1, 0));
  const step = steps[index];
  const gated = step ? step.gate.some((g) => !draft.ticked.includes(`${step.id}:${g}`)) : true;
  const last = index === steps.length - 1;
  useAwake();

  const on = () => {
    if (!step || gated || busy) return;
    onPass?.(step);
    if (last) onFinish();
    else setMix(draftKey, { step: index + 1 });
  };
  const backOne = () => (index === 0 ? onBack() : setMix(draftKey, { step: index - 1 }));

  useEffect(() => {
    if (typeof document === 'undefined') return;
    const press = (e: KeyboardEvent) => {
      // a focused control keeps its own Space, and what was held down is no second act
      if (e.target !== document.body || e.repeat) return;
      if (e.key === ' ' || e.key === 'ArrowRight') {
        e.preventDefault();
        on();
      }
      if (e.key === 'ArrowLeft') {
        e.preventDefault();
        backOne();
      }
    };
    document.addEventListener('keydown', press);
    return () => document.removeEventListener('keydown', press);
  });

  if (!step) return null;
  const tick = (key: string, yes: boolean) => setMix(draftKey, { ticked: yes ? [...draft.ticked, key] : draft.ticked.filter((k) => k !== key) });
  return (
    <Page
      back={back}
      aside={<PoisonHelp sheet={sheet} />}
      footer={
        <ActionBar>
          <Button title={act(step, last)} disabled={gated} busy={busy} onPress={on} />
          <Button kind="quiet" title={index === 0 ? 'Back' : `Back to step ${index}`} onPress={backOne} />
        </ActionBar>
      }
    >
      <View className="gap-4 px-5 pt-1">
        <T kind="muted">{head(step)}</T>
        <View className="flex-row gap-1" aria-hidden>
          {steps.map((s, i) => (
            <View key={s.id} className={`h-[8px] flex-1 rounded-full ${i < index ? 'bg-brook' : i === index ? 'bg-brook opacity-60' : 'bg-line'}`} />
          ))}
        </View>
        <T kind="label" live>{`Step ${index + 1} of ${steps.length}`}</T>
        {card?.(step) ?? (
          <View className="gap-3 rounded-3xl border border-line bg-slate px-5 py-6">
            <T kind="title" level={1} className="text-[30px] leading-[36px]">
              {step.title}
            </T>
            {step.text.map((t) => (
              <T key={t} className="text-[19px] leading-[27px]">
                {t}
              </T>
            ))}
            {step.seconds !== undefined && (
              <StepTimer
                key={step.id}
                seconds={step.seconds}
                startedAt={draft.timers?.[step.id] ?? null}
                onStart={(at) => setMix(draftKey, { timers: { ...draft.timers, ...(at === null ? {} : { [step.id]: at }) } })}
              />
            )}
            {step.gate.map((g) => (
              <Tick key={g} label={g} checked={draft.ticked.includes(`${step.id}:${g}`)} onChange={(yes) => tick(`${step.id}:${g}`, yes)} />
            ))}
          </View>
        )}
        {step.caution && <Caution text={step.caution} />}
        {under?.(step)}
      </View>
    </Page>
  );
}

function Caution({ text }: { readonly text: string }) {
  const t = useTokens();
  return (
    <View className="flex-row gap-3">
      <Warning size={26} color={t.ochre} />
      <T className="flex-1">{text}</T>
    </View>
  );
}
