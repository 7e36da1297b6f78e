/** The words of sheet/sheet-unit. */
import { plural, type Said, say, spoken } from '../../words';

export const words = spoken('sheet/sheet-unit', {
  ofWords: (needs: number, label: Said) => say`${needs} ${plural(needs, { one: 'triangle', other: 'triangles' })} of ${label}`,
  triangles: (n: number) => say`${plural(n, { one: 'triangle', other: 'triangles' })}`,
  fromThePool: (roles: Said, what: Said) => say`${roles} ${what} from the pool`,
  ofWords2: (what: Said, label: Said) => say`${what} of ${label}`,
  aLaterBlockOrAScrappy: 'a later block, or a scrappy border',
  youWillHaveSparePutBy: (inWords: Said, label: Said, extra: number, what: Said) =>
    say`You will have ${inWords} spare ${label}: put ${plural(extra, { one: 'it', other: 'them' })} by for ${what}.`,
  theFabric: (as: Said) => say`the ${as} fabric`,
  fabric: (role: Said) => say`fabric ${role}`,
  pressAllSeamsOutwardsAwayFrom: 'Press all seams outwards, away from the middle of the unit.',
  towards: (fabricWord: Said) => say`towards ${fabricWord}`,
  toOneSide: 'to one side',
  pressOneSeamAndTheOther: (said: Said, said2: Said) => say`Press one seam ${said} and the other ${said2}.`,
  pressAllSeams: (said: Said) => say`Press all seams ${said}.`,
  pressTheSeamsInTheOrder: (list: Said) => say`Press the seams in the order of sewing: ${list}.`,
  pressTheSeamSoThatThey: (said: Said) => say`Press the seam ${said}, so that they nest in the block.`,
  theDarkerFabric: ', the darker fabric',
  pressTheSeam: (said: Said, theDarker: Said) => say`Press the seam ${said}${theDarker}.`,
});
