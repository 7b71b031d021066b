import type { Card } from '@sleetbrook/core/mix';
import { useMutation } from '@tanstack/react-query';
import { printCard } from '../../api/print';
import { Button } from '../../ui/button';
import { Failed } from '../../ui/states';

const fileName = (title: string) =>
  `${
    title
      .toLowerCase()
      .replace(/[^a-z0-9]+/g, '-')
      .replace(/^-|-$/g, '') || 'card'
  }.pdf`;

/** Hands a card over as a PDF, to print or to keep. */
export function PrintCard({ card, title = 'Print this as a card' }: { readonly card: () => Card; readonly title?: string }) {
  const print = useMutation({
    mutationFn: async () => {
      const made = card();
      const url = URL.createObjectURL(await printCard(made));
      Object.assign(document.createElement('a'), { href: url, download: fileName(made.title) }).click();
      setTimeout(() => URL.revokeObjectURL(url), 60_000);
    },
  });
  return (
    <>
      {print.error && <Failed error={print.error} />}
      <Button kind="quiet" title={title} busy={print.isPending} onPress={() => print.mutate()} />
    </>
  );
}
