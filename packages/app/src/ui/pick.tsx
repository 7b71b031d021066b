import { useEffect, useState } from 'react';
import { Pressable, View } from 'react-native';
import { Field } from './field';
import { Row } from './row';
import { Sheet } from './sheet';
import { T } from './text';

interface Props<V extends string> {
  readonly label: string;
  readonly value: V;
  readonly options: readonly {
    readonly value: V;
    readonly label: string;
    readonly also?: string;
    /** Under its name, in the list. */ readonly note?: string;
  }[];
  /** @param typed what was searched for when it was chosen */
  readonly onChange: (value: V, typed: string) => void;
  readonly error?: string | undefined;
  /** Small, label and choice in one. */
  readonly inline?: boolean;
  /** A search that knows more than the labels: values, best first. Must not change from one render to the next. */
  readonly onFind?: ((text: string) => Promise<readonly string[]>) | undefined;
  /** What to do where nothing is found; what is offered then. */
  readonly none?: { readonly text: string; readonly instead: readonly V[] };
}

/** Longer lists than this can be searched. */
const SEARCH_FROM = 20;

/** What begins with the word goes before what has it somewhere, and that before what only goes by it. */
function rank(label: string, wanted: string): number {
  const at = label.toLowerCase().indexOf(wanted);
  return at === 0 ? 0 : at > 0 ? 1 : 2;
}

const byLabel = <V extends string>(options: Props<V>['options'], wanted: string) =>
  options
    .filter((o) => wanted === '' || `${o.label} ${o.also ?? ''}`.toLowerCase().includes(wanted))
    .sort((a, b) => (wanted === '' ? 0 : rank(a.label, wanted) - rank(b.label, wanted)));

/** What the search finds for a text; null while it looks, and where there is none. */
function useFound(text: string, onFind: Props<string>['onFind']): readonly string[] | null {
  const [found, setFound] = useState<{ readonly text: string; readonly values: readonly string[] } | null>(null);
  useEffect(() => {
    if (!onFind || text === '') return;
    let asked = true;
    void onFind(text).then((values) => {
      if (asked) setFound({ text, values });
    });
    return () => {
      asked = false;
    };
  }, [text, onFind]);
  return found && found.text === text ? found.values : null;
}

/** One of many: the choice in sight, the list in a panel. */
export function Pick<V extends string>({ label, value, options, onChange, error, inline = false, onFind, none }: Props<V>) {
  const [open, setOpen] = useState(false);
  const [find, setFind] = useState('');
  const wanted = find.trim().toLowerCase();
  const found = useFound(wanted, onFind);
  const listed = found ? found.flatMap((v) => options.find((o) => o.value === v) ?? []) : byLabel(options, wanted);
  const shown = listed.length > 0 || !none ? listed : options.filter((o) => none.instead.includes(o.value));
  const current = options.find((o) => o.value === value)?.label ?? '';
  return (
    <View className="gap-1">
      {!inline && <T kind="label">{label}</T>}
      <Pressable
        role="button"
        aria-label={current ? `${label}: ${current}. Change` : `${label}: none yet. Choose`}
        onPress={() => setOpen(true)}
        className={
          inline
            ? 'min-h-[48px] max-w-full justify-center rounded-xl border border-line bg-slate px-3 py-2'
            : 'min-h-[52px] flex-row items-center justify-between gap-3 rounded-xl border border-line bg-slate px-4 py-2'
        }
      >
        <T kind={inline ? 'body' : 'strong'} className="flex-shrink">
          {inline ? `${label}: ${current.toLowerCase()}` : current || 'none yet'}
        </T>
        {!inline && (
          <T kind="muted" className="underline">
            {current ? 'change' : 'choose'}
          </T>
        )}
      </Pressable>
      {error && (
        <View role="alert">
          <T kind="small" className="text-rowan">
            {error}
          </T>
        </View>
      )}
      <Sheet open={open} title={label} onClose={() => setOpen(false)}>
        {options.length > SEARCH_FROM && <Field label="Find" value={find} onChange={setFind} />}
        <View>
          {listed.length === 0 && <T className="py-2">{none?.text ?? 'Nothing by that name. Try another word for it.'}</T>}
          {shown.map((o) => (
            <Row
              key={o.value}
              title={o.label}
              sub={o.note}
              selected={o.value === value}
              {...(o.value === value ? { mark: 'done' as const } : {})}
              onPress={() => {
                onChange(o.value, find.trim());
                setOpen(false);
                setFind('');
              }}
            />
          ))}
        </View>
      </Sheet>
    </View>
  );
}
