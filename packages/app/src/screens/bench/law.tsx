import type { Garden, Planting } from '@sleetbrook/core/api';
import { allowedIn, homeMadeLaw, type LabelSheet } from '@sleetbrook/core/label';
import { sayProvenance } from '@sleetbrook/core/measure';
import { Row } from '../../ui/row';
import { T } from '../../ui/text';

type Where = Pick<Garden, 'country' | 'region' | 'homeMade'>;

const placeOf = ({ country, region }: Where) => ({ country: country || null, region: region || null });

/** Whether what is made at home may not go on plants there, by its law or as the grower set it: as the ladder has it. */
export const homeMadeBarred = (garden: Where): boolean => garden.homeMade === 'not-allowed' || homeMadeLaw(placeOf(garden)) === 'no';

/** What the law says of what is made at home; `instead` is the way out. */
export function HomeMadeLaw({ garden, instead }: { readonly garden: Where; readonly instead: string }) {
  const barred = homeMadeBarred(garden);
  if (!barred && garden.homeMade === 'allowed') return null;
  return (
    <T kind="strong" className="text-ochre">
      {barred
        ? `${garden.homeMade === 'not-allowed' ? 'You set that home-made' : 'Home-made'} preparations may not be used as pesticides where you are. ${instead}`
        : 'Check that home-made preparations may be used as pesticides where you are, and set it in Settings. In many countries they may not.'}
    </T>
  );
}

/** What a sheet's law is in this garden, for a planting where one is chosen; null where it is known to be allowed. */
export const sheetLaw = (sheet: LabelSheet, garden: Where, planting: Pick<Planting, 'edible' | 'site' | 'hostId'> | null) =>
  allowedIn(sheet, placeOf(garden), planting ? { eaten: planting.edible, indoors: planting.site === 'indoors', turf: planting.hostId === 'lawn' } : {});

/** The same as a line, barred or to be asked. */
export function SheetLaw({ law }: { readonly law: ReturnType<typeof sheetLaw> }) {
  if (!law) return null;
  const barred = law.is === 'barred';
  return (
    <Row
      mark={barred ? 'stop' : 'wait'}
      title={law.words}
      sub={barred ? 'Choose another means, and take what you have to a hazardous-waste day.' : sayProvenance(law.prov)}
    />
  );
}
