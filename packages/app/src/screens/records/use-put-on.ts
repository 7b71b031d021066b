import { useRouter } from 'expo-router';
import { useGarden } from '../../api/queries';
import { asTyped } from '../../state/as-typed';
import { useRecording } from '../../state/recording';

/** What was just made, as it goes into the record: how much of what is counted, in how much mix. */
export interface JustMade {
  readonly control: string;
  /** Its name, where it was made at home. */
  readonly made: string;
  /** Strength of what is counted, %, where it is not the specimen's. */
  readonly percent?: number;
  readonly amount?: number | null;
  readonly unit?: 'ml' | 'g';
  readonly waterMl?: number | null;
  /** Of the grower's own, where it was mixed by one. */
  readonly sheetId?: string;
  readonly on?: readonly string[];
  readonly trouble?: string;
}

const figure = (n: number) => String(Number(n.toPrecision(8)));

/** From the bench to the record: the plantings are chosen there, and nothing made is ever out of reach of it. */
export function usePutOn(): (made: JustMade) => void {
  const router = useRouter();
  const begin = useRecording((r) => r.begin);
  const units = useGarden().data?.units ?? 'metric';
  return (m) => {
    const exact = {
      ...(m.amount ? { amount: asTyped(m.amount, (m.unit ?? 'ml') === 'ml' ? 'volume' : 'mass', units) } : {}),
      ...(m.waterMl ? { mix: asTyped(m.waterMl, 'volume', units) } : {}),
    };
    const draft = begin({
      what: m.sheetId ? `sheet:${m.sheetId}` : `control:${m.control}`,
      made: m.made,
      percent: m.percent === undefined ? '' : figure(m.percent),
      amount: exact.amount?.text ?? '',
      mix: exact.mix?.text ?? '',
      exact,
      on: m.on ?? [],
      trouble: m.trouble ?? '',
    });
    router.replace(`/records/new?draft=${draft}`);
  };
}
