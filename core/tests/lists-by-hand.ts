/** Cutting lists written by hand, each as somebody might: line by line what it is for one 12 in block made as our house makes it. */
import type { Verdict } from '../src/proof';

/** What a line is: its verdicts in order; 'aside' for what is not about cutting, 'unread' for what nobody should guess. */
export type ByHand = Verdict['is'] | 'aside' | 'unread';

export interface HandList {
  block: string;
  /** Each line with what it is; several verdicts with '+' between. */
  lines: readonly (readonly [string, ByHand | `${ByHand}+${ByHand}`])[];
  /** Rows that no line covers, as 'A 4 1/2'. */
  missing?: readonly string[];
  /** Blocks that the list is for, where that is not one. */
  blocks?: number;
  /** What strips do not give. */
  strips?: number;
}

const OHIO = 'Ohio Star';
const LADDER = 'Jacob’s Ladder';
const DOVECOTE = 'Dovecote';
const DISHES = 'Broken Dishes';
const RAIL = 'Rail Fence';

export const handLists: readonly HandList[] = [
  {
    block: 'Broken Dishes',
    lines: [
      ['Fabric,Qty,Size,Notes', 'aside'],
      ['A,8,3 7/8 x 3 7/8,cut each in half from corner to corner', 'which'],
      ['B,8,3 7/8 x 3 7/8,cut each in half from corner to corner or so', 'unread'],
    ],
    missing: ['B 3 7/8'],
  },
  {
    block: DOVECOTE,
    lines: [
      ['four rectangles of 6 1/2" by 3 1/2" from Frosted Pane, for the geese', 'right'],
      ['one square of 4 3/4" from Frosted Pane', 'right'],
      ['two squares of 3 7/8" from Water Butt, to be cut in half diagonally', 'right'],
      ['twelve squares of 3 1/2" from Kale', 'right'],
    ],
  },
  {
    block: OHIO,
    lines: [
      ['Fabric A: cut (2) 5 1/4" squares', 'right'],
      ['Fabric A: cut (1) 4 1/2" square', 'right'],
      ['Fabric B: cut (2) 5 1/4" squares', 'right'],
      ['Fabric B: cut (4) 4 1/2" squares', 'right'],
    ],
  },
  {
    block: OHIO,
    lines: [
      ['OHIO STAR, 12" finished', 'aside'],
      ['From A cut two 5¼ inch squares and one 4½ inch square.', 'right+right'],
      ['From B cut two 5¼ inch squares and four 4½ inch squares.', 'right+right'],
      ['Sew with a 1/4" seam.', 'aside'],
    ],
  },
  {
    block: OHIO,
    lines: [
      ['A', 'aside'],
      ['2 @ 5.25', 'right'],
      ['1 @ 4.5', 'right'],
      ['B', 'aside'],
      ['2 @ 5.25', 'right'],
      ['4 @ 4.5', 'right'],
    ],
  },
  {
    block: OHIO,
    lines: [
      ['Star fabric (A):', 'aside'],
      ['  two squares 5-1/4" x 5-1/4", cut on both diagonals', 'method'],
      ['  one square 4-1/2" x 4-1/2"', 'right'],
      ['Background (B):', 'aside'],
      ['  two squares 5-1/4" x 5-1/4", cut on both diagonals', 'method'],
      ['  four squares 4-1/2" x 4-1/2"', 'right'],
    ],
  },
  {
    block: OHIO,
    lines: [
      ['A: 2 - 5 1/4" squares, cut twice diagonally to yield 8 triangles', 'method'],
      ['A: 1 - 4 1/2" square', 'right'],
      ['B: 2 - 5 1/4" squares, cut twice diagonally to yield 8 triangles', 'method'],
      ['B: 4 - 4 1/2" squares', 'right'],
    ],
  },
  {
    block: OHIO,
    lines: [
      ['Fabric,Quantity,Width,Height,Notes', 'aside'],
      ['A,2,5 1/4,5 1/4,', 'right'],
      ['A,1,4 1/2,4 1/2,', 'right'],
      ['B,2,5 1/8,5 1/8,', 'small'],
      ['B,4,4 1/2,4 1/2,', 'right'],
    ],
  },
  {
    block: OHIO,
    lines: [
      ['Fabric;Pieces;Size;Then', 'aside'],
      ['A;2;5,25 in;', 'unread'],
      ['A;1;4 1/2";', 'right'],
      ['B;2;5 1/4";', 'right'],
      ['B;4;4 1/2";', 'right'],
    ],
    missing: ['A 5 1/4'],
  },
  {
    block: OHIO,
    lines: [
      ['Frosted Pane – two 5¼″ squares, one 4½″ square', 'right+right'],
      ['Water Butt – two 5¼″ squares, three 4½″ squares', 'right+few'],
    ],
  },
  {
    block: OHIO,
    lines: [
      ['Cut from Frosted Pane:', 'aside'],
      ['• 2 squares, 13.4 cm', 'right'],
      ['• 1 square, 11.5 cm', 'right'],
      ['Cut from Water Butt:', 'aside'],
      ['• 2 squares, 13.4 cm', 'right'],
      ['• 4 squares, 11.5 cm', 'right'],
    ],
  },
  {
    block: OHIO,
    lines: [
      ['Fabric A 1/4 yard', 'aside'],
      ['Fabric B 1/4 yard', 'aside'],
      ['Fabric C 1/8 yard', 'aside'],
      ['A: 2 squares 5 1/4"', 'right'],
      ['A: 1 square 4 1/2"', 'right'],
      ['B: 2 squares 5 1/4"', 'right'],
      ['B: 4 squares 4 1/2"', 'right'],
      ['C: 1 square 4 1/2"', 'unused'],
    ],
  },
  {
    block: OHIO,
    lines: [
      ['A: 2 squares 5 1/4"', 'right'],
      ['A: 1 square 4 1/2"', 'right'],
      ['B: 2 squares 5 1/4"', 'right'],
    ],
    missing: ['B 4 1/2'],
  },
  {
    block: OHIO,
    lines: [
      ['Dark: 2 squares 5 1/4 in., 1 square 4 1/2 in.', 'right+right'],
      ['Light: 2 squares 5 1/4 in., 4 squares 4 1/2 in.', 'right+right'],
    ],
  },
  {
    block: OHIO,
    lines: [
      ['A: 2 squares 5 1/4", 1 square about 4 1/2"', 'unread'],
      ['B: 2 or 3 squares 5 1/4"', 'unread'],
      ['B: 4 squares 4 1/2"', 'right'],
    ],
    missing: ['A 5 1/4', 'A 4 1/2', 'B 5 1/4'],
  },
  {
    block: OHIO,
    lines: [
      ['A: squares 5 1/4"', 'unread'],
      ['A: 1 square', 'unread'],
      ['B: 2 squares 5 1/4"', 'right'],
      ['B: 4 squares 4 1/2"', 'right'],
    ],
    missing: ['A 5 1/4', 'A 4 1/2'],
  },
  {
    block: OHIO,
    lines: [
      ['For 3 blocks', 'aside'],
      ['A: 6 squares 5 1/4"', 'right'],
      ['A: 3 squares 4 1/2"', 'right'],
      ['B: 6 squares 5 1/4"', 'right'],
      ['B: 12 squares 4 1/2"', 'right'],
    ],
    blocks: 3,
  },
  {
    block: OHIO,
    lines: [
      ['A: 2 squares 4 1/4"', 'column'],
      ['A: 1 square 3 1/2"', 'column'],
      ['B: 2 squares 5 1/4"', 'right'],
      ['B: 4 squares 4 1/2"', 'right'],
    ],
  },
  {
    block: OHIO,
    lines: [
      ['Fabric A — (2) 5-1/2" squares and (1) 4-1/2" square', 'large+right'],
      ['Fabric B — (2) 5-1/2" squares and (4) 4-1/2" squares', 'large+right'],
      ['Trim the hourglasses to 4 1/2" square.', 'aside'],
    ],
  },
  {
    block: LADDER,
    lines: [
      ['A: 1 strip 2 1/2" x WOF, subcut into (10) 2 1/2" squares', 'right'],
      ['B: 1 strip 2 1/2" x WOF, subcut into (10) 2 1/2" squares', 'right'],
      ['B: 2 squares 4 7/8"', 'right'],
      ['C: 2 squares 4 7/8"', 'right'],
    ],
  },
  {
    block: LADDER,
    lines: [
      ['Fabric A', 'aside'],
      ['Cut 1 strip 2½" by the width of the fabric.', 'aside'],
      ['From it cut 10 squares 2½".', 'right'],
      ['Fabric B', 'aside'],
      ['Cut 1 strip 2½" by the width of the fabric; subcut 10.', 'right'],
      ['Cut 2 squares 4⅞"; cut each in half diagonally.', 'method'],
      ['Fabric C', 'aside'],
      ['Cut 2 squares 4⅞"; cut each in half diagonally.', 'method'],
    ],
  },
  {
    block: LADDER,
    lines: [
      ['ten 2½" squares, Frosted Pane', 'right'],
      ['ten 2½" squares, Water Butt', 'right'],
      ['two 4⅞" squares, Water Butt', 'right'],
      ['two 4⅞" squares, Kale', 'right'],
    ],
  },
  {
    block: LADDER,
    lines: [
      ['10 squares 2 1/2" (A)', 'right'],
      ['10 squares 2 1/2" (B)', 'right'],
      ['1 square 6 7/8" (B)', 'method'],
      ['1 square 6 7/8" (C)', 'method'],
    ],
  },
  {
    block: LADDER,
    lines: [
      ['A: 10 squares 2 1/2"', 'right'],
      ['B: 10 squares 2 1/2"', 'right'],
      ['B: 2 squares 4 7/8"', 'right'],
      ['C: 1 square 6 7/8"', 'mixed'],
    ],
  },
  {
    block: LADDER,
    lines: [
      ['A1: ten 2 1/2 in. squares, for the four-patches', 'right'],
      ['B1: two 4 7/8 in. squares, for the half-square triangles', 'right'],
      ['B2: ten 2 1/2 in. squares, for the four-patches', 'right'],
      ['C1: two 4 7/8 in. squares, for the half-square triangles', 'right'],
      ['Draw a line from corner to corner on the back of the two B1 squares.', 'aside'],
    ],
  },
  {
    block: LADDER,
    lines: [
      ['Red: 10 - 2.5" squares', 'right'],
      ['Cream: 10 - 2.5" squares; 2 - 4.88" squares', 'right+right'],
      ['Blue: 2 - 4.88" squares', 'right'],
    ],
  },
  {
    block: LADDER,
    lines: [
      ['A: 10 squares 2 1/2"', 'right'],
      ['B: 12 squares 2 1/2"', 'many'],
      ['B: 2 squares 4 7/8"', 'right'],
      ['C: 2 squares 4 3/4"', 'small'],
    ],
  },
  {
    block: LADDER,
    lines: [
      ['A: 2 strips 2 1/2" x 42"; subcut 10 squares', 'right'],
      ['B: 1 strip 2 1/2" x 42"; subcut 20 squares', 'many'],
      ['B: 2 squares 4 7/8", C: 2 squares 4 7/8"', 'unread'],
    ],
    strips: 1,
    missing: ['B 4 7/8', 'C 4 7/8'],
  },
  {
    block: DOVECOTE,
    lines: [
      ['Fabric A: four 6½ × 3½ rectangles', 'right'],
      ['Fabric A: one 4¾ square', 'right'],
      ['Fabric B: two 3⅞ squares, cut once corner to corner', 'right'],
      ['Fabric C: twelve 3½ squares', 'right'],
    ],
  },
  {
    block: DOVECOTE,
    lines: [
      ['Geese', 'aside'],
      ['A - 4 rectangles 3 1/2" x 6 1/2"', 'right'],
      ['C - 8 squares 3 1/2"', 'right'],
      ['Middle', 'aside'],
      ['A - 1 square 4 3/4"', 'right'],
      ['B - 2 squares 3 7/8", cut in half on the diagonal', 'right'],
      ['Corners', 'aside'],
      ['C - 4 squares 3 1/2"', 'right'],
    ],
  },
  {
    block: DOVECOTE,
    lines: [
      ['A: 1 square 7 1/4"', 'method'],
      ['A: 1 square 4 3/4"', 'right'],
      ['B: 2 squares 3 7/8" ◩', 'right'],
      ['C: 4 squares 3 7/8"', 'method'],
      ['C: 4 squares 3 1/2"', 'right'],
    ],
  },
  {
    block: DOVECOTE,
    lines: [
      ['Kale: cut 12 squares, each 3 1/2" x 3 1/2"', 'right'],
      ['Water Butt: cut 2 squares, each 3 7/8" x 3 7/8". Cut these once on the diagonal to make 4 triangles.', 'right'],
      ['Frosted Pane: cut 4 rectangles, each 3 1/2" x 6 1/2", and 1 square, 4 3/4" x 4 3/4".', 'right+right'],
    ],
  },
  {
    block: DOVECOTE,
    lines: [
      ['A: 4 rectangles 6 1/2" x 3 1/2"', 'right'],
      ['A: 1 square 4 3/4"', 'right'],
      ['B: 2 squares 3 7/8"', 'across'],
      ['C: 12 squares 3 1/2"', 'right'],
    ],
  },
  {
    block: DOVECOTE,
    lines: [
      ['A: 4 rectangles 165 mm x 89 mm', 'right'],
      ['A: 1 square 121 mm', 'right'],
      ['B: 2 squares 99 mm, cut in half diagonally', 'right'],
      ['C: 12 squares 89 mm', 'right'],
      ['Binding: 2 strips 65 mm wide', 'aside'],
    ],
  },
  {
    block: DOVECOTE,
    lines: [
      ['Sky: 12 squares 3 1/2"', 'right'],
      ['Goose: 4 rectangles 3 1/2" x 6 1/2"; 1 square 4 3/4"', 'right+right'],
      ['Corner: 2 squares 3 7/8"; cut once diagonally', 'right'],
      ['Borders: cut 4 strips 2 1/2" x WOF', 'aside'],
      ['Backing: 1 yard', 'aside'],
    ],
  },
  {
    block: DOVECOTE,
    lines: [
      ['A: 4 rectangles 6 1/2" x 3 1/4"', 'small'],
      ['A: 1 square 4 3/4"', 'right'],
      ['B: 2 squares 3 7/8" (cut once on the diagonal, 6 triangles)', 'unread'],
      ['C: 12 squares 3 1/2"', 'right'],
    ],
    missing: ['B 3 7/8'],
  },
  {
    block: DISHES,
    lines: [
      ['8 light squares 3 7/8"', 'right'],
      ['8 dark squares 3 7/8"', 'right'],
    ],
  },
  {
    block: DISHES,
    lines: [
      ['From each of A and B cut 8 squares 3 7/8".', 'right+right'],
      ['Mark, sew a quarter inch either side, cut apart: 16 units.', 'aside'],
      ['Press and trim to 3 1/2".', 'aside'],
    ],
  },
  { block: DISHES, lines: [['Fabrics A and B: 8 squares 3 7/8"', 'unread']], missing: ['A 3 7/8', 'B 3 7/8'] },
  {
    block: DISHES,
    lines: [
      ['| Fabric | Qty | Size |', 'aside'],
      ['| A | 4 | 5 1/2" |', 'method'],
      ['| B | 4 | 5 1/2" |', 'method'],
    ],
  },
  {
    block: DISHES,
    lines: [
      ['2 squares of each fabric, 7 3/4": eight at a time.', 'unread'],
      ['Fabric A, 2 squares 7 3/4"', 'method'],
      ['Fabric B, 2 squares 7 3/4"', 'method'],
    ],
  },
  {
    block: RAIL,
    lines: [
      ['A: 1 strip 2 1/2" x WOF; subcut (4) 2 1/2" x 6 1/2"', 'right'],
      ['B: 1 strip 2 1/2" x WOF; subcut (4) 2 1/2" x 6 1/2"', 'right'],
      ['C: 1 strip 2 1/2" x WOF; subcut (4) 2 1/2" x 6 1/2"', 'right'],
    ],
  },
  {
    block: RAIL,
    lines: [
      ['4 each of 2½ by 6½ inch rectangles from Frosted Pane', 'right'],
      ['4 of 2½ by 6½ inches from Water Butt', 'right'],
      ['3 of 2½ by 6½ inches from Kale', 'few'],
    ],
  },
  {
    block: RAIL,
    lines: [
      ['Cut one strip of each fabric, 2 1/2" by the width of the fabric.', 'aside'],
      ['A: four 6 1/2" x 2 1/2"', 'right'],
      ['B: four 6 1/2" x 2 1/2"', 'right'],
      ['C: four 6 1/2" x 2 1/2"', 'right'],
    ],
  },
];
