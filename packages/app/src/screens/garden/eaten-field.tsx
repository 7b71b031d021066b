import { Choice, Tick } from '../../ui/field';

interface Props {
  /** The plant stands for one that nobody here knows: then only its grower can tell. */
  readonly standsIn: boolean;
  /** Null: not answered yet. */
  readonly value: boolean | null;
  readonly onChange: (eaten: boolean) => void;
  readonly error: string | undefined;
}

/** Whether anybody eats from a planting: taken from the plant where it is known, asked where it is not. */
export const EatenField = ({ standsIn, value, onChange, error }: Props) =>
  standsIn ? (
    <Choice
      label="Does anybody eat from it?"
      value={value === null ? '' : value ? 'yes' : 'no'}
      onChange={(v) => onChange(v === 'yes')}
      error={error}
      options={[
        { value: 'yes', label: 'Yes' },
        { value: 'no', label: 'No' },
      ]}
    />
  ) : (
    <Tick label="You eat from it" checked={value === true} onChange={onChange} />
  );
