/** The whole top: blocks, what lies between them, and borders. */
import { Exact } from '../measure';
import { latticeTop, type Top } from './lattice';
import { roundStrips, straightToQuilt, type LaidPart, type LaidPlace } from './lay';
import { medallionTop } from './medallion';
import { type Border, type SetBlock, type Setting, SettingError, settingKind } from './setting';
import { words } from './words';

/** No quilt has more; the drawing and its check would take long. */
const MOST_PLACES = 2500;

/** The quilt top with everything at its exact place, borders and all. Throws SettingError. */
export function quiltTop(setting: Setting, blocks: readonly SetBlock[]): Top {
  if (blocks.length === 0) throw new SettingError('', words.noMonthHasABlockTo);
  if (setting.across * setting.down > MOST_PLACES)
    throw new SettingError('/across', words.byBlocksAreMoreThan(setting.across, setting.down, MOST_PLACES));
  let top = settingKind(setting.kind).lie === 'rounds' ? medallionTop(setting, blocks) : latticeTop(setting, blocks);
  setting.borders.forEach((border, i) => (top = bordered(top, border, i + 1)));
  return top;
}

/** The top with one more border: sides first, then top and bottom, unless it is mitred. */
function bordered({ w, h, places, parts }: Top, border: Border, number: number): Top {
  const f = Exact.of(border.finished);
  const common = { role: border.role, group: 'borders', sub: 'none', number } as const;
  const joined = border.strips === 'joined' && { joined: true };
  const moved = <T extends LaidPart | LaidPlace>(laid: T): T => ({
    ...laid,
    outline: laid.outline.map(([x, y]) => [x.plus(f), y.plus(f)] as const),
  });
  const [W, H] = [w.plus(f.times(2)), h.plus(f.times(2))];
  const zero = Exact.zero;
  const [x2, y2] = [w.plus(f), h.plus(f)];
  const strips: Pick<LaidPart, 'outline' | 'size'>[] =
    border.corners === 'butted'
      ? roundStrips(straightToQuilt(f, f), [zero, zero], [w, h], [f, f])
      : ([
          {
            outline: [
              [zero, zero],
              [f, f],
              [f, y2],
              [zero, H],
            ],
            size: [f, H],
          },
          {
            outline: [
              [W, zero],
              [W, H],
              [x2, y2],
              [x2, f],
            ],
            size: [f, H],
          },
          {
            outline: [
              [zero, zero],
              [W, zero],
              [x2, f],
              [f, f],
            ],
            size: [W, f],
          },
          {
            outline: [
              [zero, H],
              [f, y2],
              [x2, y2],
              [W, H],
            ],
            size: [W, f],
          },
        ] as const);
  // Two lengths need two names: sides first, then what goes over their ends.
  const named = (i: number) => (border.corners === 'mitred' ? 'border' : i < 2 ? 'side border' : 'top or bottom border');
  const laid = strips.map((s, i): LaidPart => ({
    ...common,
    name: named(i),
    ...joined,
    ...s,
    ...(border.corners === 'mitred' && { mitred: true }),
  }));
  return { w: W, h: H, places: places.map(moved), parts: [...parts.map(moved), ...laid] };
}
