import { SIGNS } from '@sleetbrook/core/catalogue';
import { measureOut, millilitres, STARTER_KITS } from '@sleetbrook/core/measure';
import { fireEvent, render, screen } from '@testing-library/react-native';
import { useState } from 'react';
import { SignTile } from '../src/screens/look/sign-tile';
import { Button } from '../src/ui/button';
import { MeasureCard } from '../src/ui/measure-card';
import { mixKey, useDrafts } from '../src/state/drafts';

const sign = SIGNS[0];
if (!sign) throw new Error('no sign');

function Tile() {
  const [seen, setSeen] = useState<boolean | undefined>(undefined);
  return sign ? <SignTile sign={sign} seen={seen} onChange={setSeen} /> : null;
}

test('a sign tile goes from seen to not seen to clear, and always says which', () => {
  render(<Tile />);
  const tap = (from: string) => fireEvent.press(screen.getByLabelText(`${sign.name}: ${from}`));
  tap('not looked for');
  tap('seen');
  tap('not seen');
  expect(screen.getByLabelText(`${sign.name}: not looked for`)).toBeTruthy();
});

test('the measure card says the spoons, their size and the exact figures', () => {
  const out = measureOut(millilitres(22.5), STARTER_KITS.metric);
  if (!out.ok) throw new Error('not measured');
  render(<MeasureCard title="Measure the soap" amount="22.5" unit="ml" scoops={out.value.scoops} fine={['exact 22.5 ml in 1.5 l']} />);
  for (const text of ['22.5', '1 level tablespoon of 15 ml', '1 level teaspoon of 5 ml', '1 level half teaspoon of 2.5 ml', 'exact 22.5 ml in 1.5 l'])
    expect(screen.getByText(text)).toBeTruthy();
});

test('a button that is off does nothing', () => {
  const press = jest.fn();
  render(<Button title="Keep" disabled onPress={press} />);
  fireEvent.press(screen.getByText('Keep'));
  expect(press).not.toHaveBeenCalled();
});

test('a half-done mix is kept apart from others, and dropped when it is done', () => {
  const { setMix, dropMix } = useDrafts.getState();
  setMix('a', { step: 3 });
  setMix('b', { rate: '12' });
  expect(useDrafts.getState().mixes['a']).toMatchObject({ step: 3, rate: '' });
  dropMix('a');
  expect(Object.keys(useDrafts.getState().mixes)).toEqual(['b']);
});

test('the next round of a case begins with a mix of its own, and a record of its own', () => {
  const round = (n: number) => mixKey({ id: 'case', laps: Array.from({ length: n }) });
  const { setMix, dropMix } = useDrafts.getState();
  setMix(round(1), { step: 5, madeAt: 1, doneId: 'one' });
  expect(useDrafts.getState().mixes[round(2)]).toBeUndefined();
  setMix(round(2), { step: 0 });
  expect(useDrafts.getState().mixes[round(2)]).toMatchObject({ step: 0, madeAt: null });
  expect(useDrafts.getState().mixes[round(2)]?.doneId).toBeUndefined();
  dropMix(round(1));
  expect(Object.keys(useDrafts.getState().mixes)).toContain(round(2));
  dropMix(round(2));
  // of another case, and of no round, is another thing
  expect(new Set([round(1), round(2), round(3), mixKey({ id: 'other', laps: [] })]).size).toBe(4);
});
