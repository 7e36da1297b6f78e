/** Fabrics to begin with: eight from light to dark in each cast, evenly apart in value, so that any number of letters taken from it can be told apart. */
import { spoken } from '../words';

/** What the casts are called where somebody chooses one. */
const titles = spoken('core/fabric-casts', {
  'kitchen-garden': 'Kitchen garden',
  estuary: 'Estuary',
  brickworks: 'Brickworks',
  hedgerow: 'Hedgerow',
  haberdashery: 'Haberdashery',
  'first-frost': 'First frost',
});

export interface ReadyCast {
  id: 'kitchen-garden' | 'estuary' | 'brickworks' | 'hedgerow' | 'haberdashery' | 'first-frost';
  /** Name and colour, from light to dark. Names of fabrics are data: the same in every language. */
  fabrics: readonly (readonly [name: string, colour: string])[];
}

export const readyCasts: readonly ReadyCast[] = [
  {
    id: 'kitchen-garden',
    fabrics: [
      ['Muslin Bag', '#f4f1e1'],
      ['Straw Hat', '#dfd199'],
      ['Marrow Flower', '#ccb050'],
      ['Terracotta Pot', '#cd8355'],
      ['Runner Bean', '#608341'],
      ['Winter Kale', '#366946'],
      ['Damson Jam', '#653354'],
      ['Potting Shed', '#342a22'],
    ],
  },
  {
    id: 'estuary',
    fabrics: [
      ['Sea Mist', '#e6f3f7'],
      ['Dry Sand', '#e1cfa8'],
      ['Samphire', '#abb984'],
      ['Shallow Water', '#55a2a8'],
      ['Mussel Bank', '#6b7b94'],
      ['Rising Tide', '#00678a'],
      ['Deep Channel', '#004971'],
      ['Night Crossing', '#182d4c'],
    ],
  },
  {
    id: 'brickworks',
    fabrics: [
      ['Lime Wash', '#f4f0e5'],
      ['Clay Slip', '#e6cdad'],
      ['Buff Brick', '#d4ab78'],
      ['Kiln Glow', '#d18248'],
      ['Red Brick', '#b95f45'],
      ['Rusted Gate', '#91493a'],
      ['Soot', '#51403e'],
      ['Wet Slate', '#252d37'],
    ],
  },
  {
    id: 'hedgerow',
    fabrics: [
      ['Cow Parsley', '#f0f2e6'],
      ['Primrose Bank', '#d8d486'],
      ['Hazel Catkin', '#c4b184'],
      ['Dog Rose', '#c48397'],
      ['Old Moss', '#6b804c'],
      ['Rosehip', '#9e3c41'],
      ['Ivy Leaf', '#2a4c30'],
      ['Sloe Ripe', '#31264d'],
    ],
  },
  {
    id: 'haberdashery',
    fabrics: [
      ['Tailor’s Chalk', '#edf1f6'],
      ['Card of Pearl', '#dccdd9'],
      ['Faded Ribbon', '#d8a6ae'],
      ['Copper Thimble', '#c0895f'],
      ['Blue Tape', '#3982a5'],
      ['Button Red', '#a5353e'],
      ['Indigo Thread', '#304379'],
      ['Black Lace', '#2a2c35'],
    ],
  },
  {
    id: 'first-frost',
    fabrics: [
      ['Hoar', '#ebf2f5'],
      ['Breath', '#c4d4de'],
      ['Pale Sky', '#9ab8cd'],
      ['Grey Goose', '#8998a2'],
      ['Frozen Pond', '#4f8191'],
      ['Long Shadow', '#44627e'],
      ['Fir Wood', '#2a4b3d'],
      ['Midnight Well', '#1b2d49'],
    ],
  },
];

/** 'Kitchen garden'. */
export const castTitle = ({ id }: ReadyCast): string => titles[id];

/** So many fabrics of a cast, 2 to 8, from its lightest to its darkest. */
export function fabricsOfCast({ fabrics }: ReadyCast, letters: number): ReadyCast['fabrics'] {
  const step = (fabrics.length - 1) / Math.max(1, letters - 1);
  return Array.from({ length: letters }, (_, i) => fabrics[Math.round(i * step)]!);
}
