import { PART_NAMES, type PartId } from '@sleetbrook/core/cards';
import type { Sign } from '@sleetbrook/core/catalogue';
import { memo, useDeferredValue, useState } from 'react';
import { View } from 'react-native';
import { Button } from '../../ui/button';
import { Field } from '../../ui/field';
import { T } from '../../ui/text';
import { SignTile } from './sign-tile';
import { useFoundSigns } from './use-naming';

/** So many tiles fit before one has to search; the rest is one tap away. */
const TILES_AT_FIRST = 12;
/** Of what is found by words, so many are shown. */
const FOUND = 12;
/** Drawn at once while typing; the others follow when the hand rests, so that no letter waits for pictures. */
const AT_ONCE = 2;

interface Props {
  /** All that this plant can show, the likeliest first. */
  readonly signs: readonly Sign[];
  /** The parts that it has. */
  readonly parts: readonly PartId[];
  /** The one in view. */
  readonly part: PartId;
  readonly answers: Readonly<Record<string, boolean>>;
  readonly onAnswer: (signId: string, seen: boolean | undefined) => void;
}

/**
 * The signs of a part to tap, and the search by one's own words on whatever part it shows. By itself and remembered, so
 * that a letter typed draws the tiles again and nothing else of the screen.
 */
export const SignPicker = memo(function SignPicker({ signs, parts, part, answers, onAnswer }: Props) {
  const [find, setFind] = useState('');
  const [all, setAll] = useState(false);
  const foundSigns = useFoundSigns(find);
  const here = signs.filter((s) => s.parts.includes(part));
  const wanted = find.trim().toLowerCase();
  // until the words are looked up, by the words of the signs
  const byId = new Map(signs.map((s) => [s.id, s]));
  const byWords = foundSigns?.flatMap((id) => byId.get(id) ?? []) ?? here.filter((s) => `${s.name} ${s.question}`.toLowerCase().includes(wanted));
  const matching = wanted === '' ? here : byWords.slice(0, FOUND);
  const fit = all || wanted !== '' ? matching : matching.filter((s, i) => i < TILES_AT_FIRST || s.id in answers);
  const ids = fit.map((s) => s.id).join(' ');
  const drawn = useDeferredValue(ids);
  const before = drawn.split(' ');
  const shown = drawn === ids ? fit : fit.filter((s, i) => i < AT_ONCE || before.includes(s.id));
  return (
    <>
      {here.length > TILES_AT_FIRST && (
        <View className="px-5 pt-4">
          <Words label="Find a sign" value={find} onChange={setFind} placeholder="spots, holes, curled" />
        </View>
      )}
      <View className="flex-row flex-wrap gap-3 px-5 pt-4">
        {shown.map((s) => (
          <Tile
            key={s.id}
            sign={s}
            where={s.parts.includes(part) ? undefined : PART_NAMES[s.parts.find((p) => parts.includes(p)) ?? part].tile}
            seen={answers[s.id]}
            onAnswer={onAnswer}
          />
        ))}
      </View>
      {wanted !== '' && matching.length === 0 && (
        <View className="px-5 pt-2">
          <T>No sign by those words on this plant. Say it another way, such as spots, holes, curled, sticky, or look through the pictures.</T>
          <Button kind="quiet" title="Show the pictures" onPress={() => setFind('')} />
        </View>
      )}
      {fit.length < matching.length && (
        <View className="px-5 pt-3">
          <Button kind="quiet" title={`Show ${matching.length - fit.length} less usual signs`} onPress={() => setAll(true)} />
        </View>
      )}
    </>
  );
});

/** What is found by a letter does not draw the field again. */
const Words = memo(Field);

interface TileProps {
  readonly sign: Sign;
  readonly where: string | undefined;
  readonly seen: boolean | undefined;
  readonly onAnswer: Props['onAnswer'];
}

const Tile = memo(({ sign, where, seen, onAnswer }: TileProps) => (
  <SignTile sign={sign} where={where} seen={seen} onChange={(next) => onAnswer(sign.id, next)} />
));
Tile.displayName = 'Tile';
