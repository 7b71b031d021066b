import type { Card } from '@sleetbrook/core/mix';
import { printCard } from '../../api/print';
import { PrintPaper } from './print-paper';

const fileName = (title: string) =>
  `${
    title
      .toLowerCase()
      .replace(/[^a-z0-9]+/g, '-')
      .replace(/^-|-$/g, '') || 'card'
  }.pdf`;

/** Hands a card over as a PDF, to print or to keep. */
export const PrintCard = ({ card, title = 'Print this as a card' }: { readonly card: () => Card; readonly title?: string }) => (
  <PrintPaper
    title={title}
    make={async () => {
      const made = card();
      return { name: fileName(made.title), paper: await printCard(made) };
    }}
  />
);
