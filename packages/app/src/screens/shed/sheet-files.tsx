import { useState } from 'react';
import { View } from 'react-native';
import { useTakeInSheets } from '../../api/mutations';
import { Button } from '../../ui/button';
import { Section } from '../../ui/row';
import { T } from '../../ui/text';
import { takeFile } from '../../ui/take-file';
import { FileButton, FileProblem, readText } from './file-button';

/** The grower's own sheets in and out as files. */
export function SheetFiles({ any }: { readonly any: boolean }) {
  const take = useTakeInSheets();
  const [message, setMessage] = useState<string | null>(null);
  const read = async (file: File) => {
    take.reset();
    const text = await readText(file);
    setMessage(text.ok ? null : text.message);
    if (text.ok) await take.mutateAsync(text.value);
  };
  return (
    <View className="gap-3">
      <Section>Sheets as files</Section>
      <FileButton title="Take in a file of sheets" accept=".json,application/json" busy={take.isPending} onFile={(f) => void read(f).catch(() => undefined)} />
      {any && <Button kind="quiet" title="Give out my sheets as a file" onPress={() => takeFile('/api/v1/sheets/file')} />}
      {message && (
        <View role="alert">
          <T className="text-rowan">{message}</T>
        </View>
      )}
      <FileProblem error={take.error} />
      {take.data && <T kind="strong" live>{`Taken in: ${take.data.added} new, ${take.data.changed} changed, ${take.data.same} as before.`}</T>}
    </View>
  );
}
