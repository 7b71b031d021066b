import type { Host } from '../schema';
import { host } from './host';

const fruit = (id: string, name: string, family: string, traits: Parameters<typeof host>[4]) => host('fruit', id, name, family, traits);

export const FRUIT: readonly Host[] = [
  fruit('apple', 'Apples', 'Rosaceae', { shape: 'woody', crops: 'apple tree-fruit', bees: true, upright: true }),
  fruit('pear', 'Pears', 'Rosaceae', { shape: 'woody', crops: 'pear tree-fruit', bees: true, upright: true }),
  fruit('quince', 'Quinces and medlars', 'Rosaceae', { shape: 'woody', crops: 'quince tree-fruit', bees: true, upright: true }),
  fruit('plum', 'Plums and damsons', 'Rosaceae', { shape: 'woody', crops: 'plum stone-fruit tree-fruit', bees: true, upright: true }),
  fruit('cherry', 'Cherries', 'Rosaceae', { shape: 'woody', crops: 'cherry stone-fruit tree-fruit', bees: true, upright: true }),
  fruit('peach', 'Peaches and nectarines', 'Rosaceae', { shape: 'woody', crops: 'peach stone-fruit tree-fruit', bees: true, upright: true }),
  fruit('apricot', 'Apricots', 'Rosaceae', { shape: 'woody', crops: 'apricot stone-fruit tree-fruit', bees: true, upright: true }),
  fruit('strawberry', 'Strawberries', 'Rosaceae', { shape: 'fruiting', crops: 'strawberry soft-fruit', bees: true, flowersOn: true }),
  fruit('raspberry', 'Raspberries', 'Rosaceae', { shape: 'woody', crops: 'raspberry cane-fruit bush-fruit', bees: true, flowersOn: true, upright: true }),
  fruit('blackberry', 'Blackberries', 'Rosaceae', { shape: 'woody', crops: 'blackberry cane-fruit bush-fruit', bees: true, flowersOn: true }),
  fruit('gooseberry', 'Gooseberries', 'Grossulariaceae', { shape: 'woody', crops: 'gooseberry bush-fruit', bees: true }),
  fruit('blackcurrant', 'Blackcurrants', 'Grossulariaceae', { shape: 'woody', crops: 'currant bush-fruit', bees: true, upright: true }),
  fruit('redcurrant', 'Red and white currants', 'Grossulariaceae', { shape: 'woody', crops: 'currant bush-fruit', bees: true, upright: true }),
  fruit('blueberry', 'Blueberries', 'Ericaceae', { shape: 'woody', crops: 'blueberry bush-fruit', bees: true, upright: true }),
  fruit('grape', 'Grape vines', 'Vitaceae', { shape: 'woody', crops: 'grape', upright: true }),
  fruit('fig', 'Figs', 'Moraceae', { shape: 'woody', crops: 'fig tree-fruit', upright: true }),
  fruit('citrus', 'Citrus', 'Rutaceae', { shape: 'woody', crops: 'citrus tree-fruit', bees: true, flowersOn: true, upright: true }),
  fruit('walnut', 'Walnuts and hazels', 'Juglandaceae', { shape: 'woody', crops: 'nuts tree-fruit', upright: true }),
  fruit('kiwi', 'Kiwi vines', 'Actinidiaceae', { shape: 'woody', crops: 'kiwi', bees: true, upright: true }),
  fruit('mango', 'Mangoes', 'Anacardiaceae', { shape: 'woody', crops: 'mango tree-fruit', bees: true, upright: true }),
];
