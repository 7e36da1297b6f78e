/** Blocks of our own drawing, each for a unit or a seam worth learning. */
import { block, cells, diamond, goose, shapes, turned } from './drawing-aids';

export const garden = [
  block(
    'market-barrow',
    'Market Barrow',
    4,
    cells(['A+B+C+D A+D+C+B', 'C+B+A+D C+D+A+B'], { size: 2 }),
    'four-fabric quarter-squares and their mirror images',
  ),
  block(
    'three-beds',
    'Three Beds',
    4,
    cells(['A+B+A+C A+C+A+B', 'A+B+A+C A+C+A+B'], { size: 2 }),
    'three-fabric quarter-squares',
  ),
  block(
    'swifts',
    'Swifts',
    4,
    turned(4, [...goose(['A', 'B', 'C'], 'up', 0, 0), ...goose(['A', 'B', 'C'], 'up', 0, 1)]),
    'flying geese with a different background on each side',
  ),
  block(
    'gate-latch',
    'Gate Latch',
    4,
    turned(4, shapes('A 0,0 2,0 1,1 0,1', 'B 2,0 2,1 1,1', 'B 0,1 2,1 2,2 0,2')),
    'rectangles with one stitch-and-flip corner',
  ),
  block(
    'leaning-canes',
    'Leaning Canes',
    4,
    shapes(
      ...[0, 2]
        .flatMap((x) => [0, 1, 2, 3].map((y) => [x, y] as const))
        .flatMap(([x, y]) =>
          y % 2 === 0
            ? [
                `A ${x + 1},${y} ${x + 2},${y} ${x + 1},${y + 1} ${x},${y + 1}`,
                `B ${x},${y} ${x + 1},${y} ${x},${y + 1}`,
                `B ${x + 2},${y} ${x + 2},${y + 1} ${x + 1},${y + 1}`,
              ]
            : [
                `A ${x},${y} ${x + 1},${y} ${x + 2},${y + 1} ${x + 1},${y + 1}`,
                `B ${x},${y} ${x + 1},${y + 1} ${x},${y + 1}`,
                `B ${x + 1},${y} ${x + 2},${y} ${x + 2},${y + 1}`,
              ],
        ),
    ),
    'parallelograms from rectangles with two stitch-and-flip corners, in pairs of mirror images',
  ),
  block(
    'kitchen-window',
    'Kitchen Window',
    8,
    [0, 4].flatMap((x) =>
      [0, 4].flatMap((y) =>
        shapes(
          `C ${x + 1},${y + 1} ${x + 3},${y + 1} ${x + 3},${y + 3} ${x + 1},${y + 3}`,
          `A ${x + 1},${y + 1} ${x + 2},${y} ${x + 3},${y + 1}`,
          `A ${x + 3},${y + 1} ${x + 4},${y + 2} ${x + 3},${y + 3}`,
          `A ${x + 3},${y + 3} ${x + 2},${y + 4} ${x + 1},${y + 3}`,
          `A ${x + 1},${y + 3} ${x},${y + 2} ${x + 1},${y + 1}`,
          `B ${x},${y} ${x + 2},${y} ${x},${y + 2}`,
          `B ${x + 2},${y} ${x + 4},${y} ${x + 4},${y + 2}`,
          `B ${x + 4},${y + 2} ${x + 4},${y + 4} ${x + 2},${y + 4}`,
          `B ${x},${y + 2} ${x + 2},${y + 4} ${x},${y + 4}`,
        ),
      ),
    ),
    'four economy units',
  ),
  block(
    'hen-house',
    'Hen House',
    4,
    turned(4, shapes('C 2,0 2,2 0,2', 'A 0,0 1,0 0,1', 'B 1,0 1,1 0,1', 'A 1,0 2,0 1,1', 'A 0,1 1,1 0,2')),
    'pieced triangles sewn to plain ones',
  ),
  block(
    'picnic-cloth',
    'Picnic Cloth',
    6,
    [...cells(['A B A B', 'B A B A', 'A B A B', 'B A B A'], { x: 1, y: 1 }), ...turned(6, shapes('C 0,0 5,0 5,1 1,1 0,1'))],
    'a checkerboard from strip sets, in a frame',
  ),
  block(
    'nine-beds',
    'Nine Beds',
    9,
    [0, 3, 6].flatMap((y) =>
      [0, 3, 6].flatMap((x) =>
        (x + y) % 2 === 0 ? cells(['A B A', 'B A B', 'A B A'], { x, y }) : cells(['C'], { x, y, size: 3 }),
      ),
    ),
    'nine-patches and plain squares in turn',
  ),
  block(
    'lattice-light',
    'Lattice Light',
    4,
    shapes(
      'A 2,0 3,1 2,2 1,1',
      'B 3,1 4,2 3,3 2,2',
      'A 2,2 3,3 2,4 1,3',
      'B 1,1 2,2 1,3 0,2',
      'C 0,0 2,0 0,2',
      'C 2,0 4,0 4,2',
      'C 4,2 4,4 2,4',
      'C 0,2 2,4 0,4',
    ),
    'a four-patch on point',
  ),
  block(
    'weather-wheel',
    'Weather Wheel',
    3,
    shapes('A 0,0 2,0 2,1 0,1', 'B 2,0 3,0 3,2 2,2', 'A 1,2 3,2 3,3 1,3', 'B 0,1 1,1 1,3 0,3', 'C 1,1 2,1 2,2 1,2'),
    'a partial seam: begun, left open, finished last',
  ),
  block(
    'turnstile',
    'Turnstile',
    5,
    [
      ...turned(5, cells(['A B A'])).map((p) => p),
      ...turned(5, shapes('C 0,1 3,1 3,2 0,2')).map((p) => p),
      ...cells(['B'], { x: 2, y: 2 }),
    ],
    'a partial seam around a small square, with pieced arms',
  ),
  block(
    'deep-sill',
    'Deep Sill',
    4,
    shapes('A 0,0 3,0 3,3 0,3', 'B 3,0 4,0 4,4 3,3', 'C 0,3 3,3 4,4 0,4'),
    'a mitred corner: one inset (Y-)seam',
  ),
  block(
    'long-shadow',
    'Long Shadow',
    4,
    [
      ...shapes(
        ...[0, 2].flatMap((y) =>
          [0, 1, 2, 3].flatMap((x) =>
            (x + y / 2) % 2 === 0
              ? [`A ${x},${y} ${x + 1},${y} ${x},${y + 2}`, `B ${x + 1},${y} ${x + 1},${y + 2} ${x},${y + 2}`]
              : [`A ${x + 1},${y} ${x + 1},${y + 2} ${x},${y}`, `B ${x},${y} ${x + 1},${y + 2} ${x},${y + 2}`],
          ),
        ),
      ),
    ],
    'half-rectangle triangles, from templates',
  ),
  block(
    'kite-tail',
    'Kite Tail',
    3,
    [...shapes('A 0,0 2,1 3,3 1,2', 'B 0,0 3,0 3,3 2,1', 'C 0,0 1,2 3,3 0,3')],
    'a narrow diamond, not a 45° angle: templates',
  ),
  block(
    'gable',
    'Gable',
    [3, 3],
    shapes(
      'A 0,2 1.5,0 3,2',
      'B 0,0 1.5,0 0,2',
      'B 1.5,0 3,0 3,2',
      'C 0,2 1,2 1,3 0,3',
      'D 1,2 2,2 2,3 1,3',
      'C 2,2 3,2 3,3 2,3',
    ),
    'a roof of its own slope, over squares',
  ),
  block(
    'bell-glass',
    'Bell Glass',
    4,
    [...shapes('A 1,0 3,0 4,1 4,3 3,4 1,4 0,3 0,1'), ...turned(4, shapes('B 0,0 1,0 0,1'))],
    'a large square with four small stitch-and-flip corners',
  ),
  block(
    'seedling-tray',
    'Seedling Tray',
    4,
    cells(['A B A B', 'B C C A', 'A C C B', 'B A B A']),
    'small squares around a four-patch',
  ),
  block(
    'hoe-and-rake',
    'Hoe and Rake',
    4,
    turned(4, cells(['A B/A', 'B\\A C'])),
    'half-square triangles turned around a centre',
  ),
  block(
    'dovecote',
    'Dovecote',
    4,
    [...diamond('A', 'B', 1, 1, 2), ...turned(4, [...cells(['C']), ...goose(['A', 'C', 'C'], 'up', 1, 0)])],
    'a square in a square with geese on its sides',
  ),
  block(
    'water-tap',
    'Water Tap',
    4,
    turned(4, [...goose(['A', 'B', 'B'], 'left', 0, 0), ...cells(['B', 'C'], { x: 1 })]),
    'geese and squares, each quarter turned',
  ),
  block(
    'raised-bed',
    'Raised Bed',
    6,
    [
      ...cells(['A'], { x: 2, y: 2, size: 2 }),
      ...turned(6, [...shapes('B 2,1 4,1 4,2 2,2', 'C 2,0 4,0 4,1 2,1'), ...cells(['C C/B', 'C/B B'])]),
    ],
    'a frame of strips with triangle corners',
  ),
  block(
    'apple-rack',
    'Apple Rack',
    4,
    [0, 2].flatMap((x) => [0, 2].flatMap((y) => diamond((x + y) % 4 === 0 ? 'A' : 'C', 'B', x, y, 2))),
    'four squares in squares',
  ),
  block(
    'cucumber-frame',
    'Cucumber Frame',
    [6, 4],
    [
      ...goose(['A', 'B', 'B'], 'right', 0, 0),
      ...goose(['A', 'B', 'B'], 'right', 0, 2),
      ...goose(['A', 'B', 'B'], 'left', 5, 0),
      ...goose(['A', 'B', 'B'], 'left', 5, 2),
      ...cells(['CxB CxB', 'BxC BxC'], { x: 1, size: 2 }),
    ],
    'an oblong block, for a border or a table runner',
  ),
];
