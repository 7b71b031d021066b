import { MOST_FILE_BYTES } from '@sleetbrook/core/label';
import { useRef } from 'react';
import { View } from 'react-native';
import { ApiProblem } from '../../api/client';
import { Button } from '../../ui/button';
import { T } from '../../ui/text';

interface Props {
  readonly title: string;
  /** As a file input takes it: ".csv,text/csv". */
  readonly accept: string;
  readonly busy?: boolean;
  readonly onFile: (file: File) => void;
}

/** A button that asks for one file. */
export function FileButton({ title, accept, busy = false, onFile }: Props) {
  const input = useRef<HTMLInputElement | null>(null);
  const choose = () => {
    if (typeof document === 'undefined') return;
    input.current ??= Object.assign(document.createElement('input'), { type: 'file', accept });
    const field = input.current;
    // the same file may be chosen again after it was mended
    field.value = '';
    field.onchange = () => {
      const file = field.files?.[0];
      if (file) onFile(file);
    };
    field.click();
  };
  return <Button kind="quiet" title={title} busy={busy} onPress={choose} />;
}

/** The text of a file of sheets or rates, or why it is not even read. */
export async function readText(file: File): Promise<{ readonly ok: true; readonly value: string } | { readonly ok: false; readonly message: string }> {
  if (file.size > MOST_FILE_BYTES) {
    return {
      ok: false,
      message: `${file.name} has ${(file.size / 1e6).toFixed(1)} MB. A file of label sheets has at most ${MOST_FILE_BYTES / 1e6} MB. Nothing was changed.`,
    };
  }
  return { ok: true, value: await file.text() };
}

const FEW = 6;

/** What was wrong with a file, by line and field. */
export function FileProblem({ error }: { readonly error: unknown }) {
  const problem = error instanceof ApiProblem ? error.problem : null;
  if (!problem) return null;
  const errors = problem.errors ?? [];
  return (
    <View role="alert" className="gap-1">
      <T kind="strong" className="text-rowan">
        {`${problem.title}. ${problem.detail ?? ''}`}
      </T>
      {errors.slice(0, FEW).map((e) => (
        <T key={`${e.line}${e.field}`} className="text-rowan">
          {e.message}
        </T>
      ))}
      {errors.length > FEW && <T className="text-rowan">{`And ${errors.length - FEW} more.`}</T>}
    </View>
  );
}
