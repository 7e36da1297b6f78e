/** Ways of setting blocks: how they lie, and what goes with them. A new one is an entry here, and its name in the schema. */
import type { PartGroup } from './setting';
import { words } from './words';

export interface SettingKindEntry {
  id: string;
  /** Edge to edge in rows; on their tips; or round a middle, round by round. */
  lie: 'level' | 'on point' | 'rounds';
  /** Plain squares of fabric: none, every other place, or between blocks on point where the setting names their fabric. */
  plain: 'none' | 'in turn' | 'if named';
  /** Whether sashing can lie between them. */
  sashed: boolean;
  /** Parts that it cannot do without. */
  needs: readonly PartGroup[];
  readonly title: string;
}

export const settingKindEntries = [
  {
    id: 'straight',
    lie: 'level',
    plain: 'none',
    sashed: true,
    needs: [],
    get title() {
      return words.straight;
    },
  },
  {
    id: 'on-point',
    lie: 'on point',
    plain: 'if named',
    sashed: true,
    needs: ['triangles'],
    get title() {
      return words.onPoint;
    },
  },
  {
    id: 'alternate',
    lie: 'level',
    plain: 'in turn',
    sashed: false,
    needs: ['alternate'],
    get title() {
      return words.alternating;
    },
  },
  {
    id: 'rows',
    lie: 'rounds',
    plain: 'none',
    sashed: false,
    needs: [],
    get title() {
      return words.medallion;
    },
  },
] as const satisfies readonly SettingKindEntry[];
