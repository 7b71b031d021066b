import { parseNumber, readSize, sayIn, UNITS, usualUnit, type Kind, type UnitSystem } from '@sleetbrook/core/measure';
import { Field } from './field';

interface Props {
  readonly label: string;
  readonly kind: Kind;
  readonly units: UnitSystem;
  readonly value: string;
  readonly onChange: (text: string) => void;
  readonly error?: string | undefined;
  readonly hint?: string | undefined;
  readonly placeholder?: string;
}

/** A size as people type it: a bare number is in the grower's usual unit; any other is typed, and stands below in the grower's own. */
export function SizeField({ label, kind, units, value, onChange, error, hint, placeholder }: Props) {
  const unit = UNITS[usualUnit(kind, units)];
  const read = value.trim() === '' ? null : readSize(value, kind, units, { min: 0, max: Infinity, what: label });
  const said = read?.ok && read.value > 0 && !parseNumber(value).ok ? sayIn(read.value, unit.dimension, units) : null;
  const other = said !== null && said !== value.trim() ? `That is ${said}.` : undefined;
  const wrong = error ?? (read && !read.ok ? read.reasons[0]?.sentence : undefined);
  const sides = kind === 'area' && value.trim() === '' ? 'Or by its sides: 12 x 4, round 2 m.' : undefined;
  const note = [hint, other, sides].filter(Boolean).join(' ');
  return (
    <Field
      label={label}
      unit={unit.label}
      value={value}
      onChange={onChange}
      error={wrong}
      {...(note ? { hint: note } : {})}
      {...(placeholder === undefined ? {} : { placeholder })}
    />
  );
}

/** A size, or a plain number of plants where there is no unit. */
export function SizeOrCount({ kind, label, value, onChange, error, ...rest }: Omit<Props, 'kind'> & { readonly kind: Kind | null }) {
  if (kind !== null) return <SizeField kind={kind} label={label} value={value} onChange={onChange} error={error} {...rest} />;
  return <Field label={label} numeric value={value} onChange={onChange} error={error} />;
}
