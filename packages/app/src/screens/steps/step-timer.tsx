import { useEffect, useRef, useState } from 'react';
import { View } from 'react-native';
import { Button } from '../../ui/button';
import { T } from '../../ui/text';

interface Props {
  readonly seconds: number;
  /** Started at, ms; null before. */
  readonly startedAt: number | null;
  readonly onStart: (at: number | null) => void;
}

const clock = (s: number) => `${Math.floor(s / 60)}:${String(s % 60).padStart(2, '0')}`;

/** Two short tones and a buzz, where the browser has them. */
function ring(context: AudioContext | null): void {
  if (typeof navigator !== 'undefined' && 'vibrate' in navigator) navigator.vibrate([400, 200, 400]);
  if (!context) return;
  for (const at of [0, 0.4]) {
    const tone = context.createOscillator();
    const loud = context.createGain();
    tone.frequency.value = 880;
    loud.gain.value = 0.25;
    tone.connect(loud).connect(context.destination);
    tone.start(context.currentTime + at);
    tone.stop(context.currentTime + at + 0.25);
  }
}

/** A clock on a card. It goes by the time of day, so a reload or a locked phone does not stop it. */
export function StepTimer({ seconds, startedAt, onStart }: Props) {
  const [now, setNow] = useState(() => Date.now());
  const audio = useRef<AudioContext | null>(null);
  const left = startedAt === null ? seconds : Math.max(0, Math.ceil(seconds - (now - startedAt) / 1000));
  const running = startedAt !== null && left > 0;
  useEffect(() => {
    if (startedAt === null) return;
    const over = startedAt + seconds * 1000 - Date.now();
    const tick = setInterval(() => setNow(Date.now()), 250);
    // what was over before the page was opened again does not ring
    const bell = over > 0 ? setTimeout(() => ring(audio.current), over) : null;
    return () => {
      clearInterval(tick);
      if (bell) clearTimeout(bell);
    };
  }, [startedAt, seconds]);
  const start = () => {
    // a browser lets a page sound only after a tap
    if (typeof AudioContext !== 'undefined') audio.current ??= new AudioContext();
    setNow(Date.now());
    onStart(Date.now());
  };
  return (
    <View className="flex-row flex-wrap items-center justify-between gap-3">
      <View role="timer" aria-label={`${clock(left)} left`}>
        <T className="font-bold text-[48px] leading-[54px]">{clock(left)}</T>
      </View>
      {startedAt !== null && left === 0 ? (
        <T kind="strong" live className="text-moss">
          Time is up
        </T>
      ) : null}
      <Button kind="quiet" title={startedAt === null ? 'Start the clock' : running ? 'Start it again' : 'Once more'} onPress={start} />
    </View>
  );
}
