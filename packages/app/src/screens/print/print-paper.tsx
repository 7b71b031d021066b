import { useMutation } from '@tanstack/react-query';
import { Button } from '../../ui/button';
import { Failed } from '../../ui/states';

interface Props {
  readonly title: string;
  readonly make: () => Promise<{ readonly name: string; readonly paper: Blob }>;
}

/** Hands something over as a file, to print or to keep; where it can not be made, it is said here. */
export function PrintPaper({ title, make }: Props) {
  const print = useMutation({
    mutationFn: async () => {
      const { name, paper } = await make();
      const url = URL.createObjectURL(paper);
      Object.assign(document.createElement('a'), { href: url, download: name }).click();
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
