/** What one person is handed of a packet: lengths, pieces that are cut, or a list of what to find. */
import { demandOf, type FabricDemand } from '../demand/demand';
import type { Colourway, KitKind, Month, Programme, SizeOption } from '../document/document';
import { ownCloth, type OwnCloth } from '../demand/own-cloth';
import { finishingOf, planPacket, type Finishing, type PacketPlan } from './packets';

/** How a kind of kit is handed out. */
export const wayOf: Readonly<Record<KitKind, Handed['way']>> = {
  yardage: 'lengths',
  bundle: 'lengths',
  'pre-cut': 'pieces',
  'die-cut': 'pieces',
  list: 'list',
};

export type Handed = { finishing: Finishing } & (
  | { way: 'lengths'; packet: PacketPlan }
  /** Everything of the packet, cut by the shop. */
  | { way: 'pieces'; pieces: FabricDemand[] }
  | { way: 'list'; own: OwnCloth[] }
);

/** What somebody of that colourway, size and kind of kit is handed with some months. Throws PlanError. */
export function handedOf(
  programme: Programme,
  { kind, ...whose }: { colourway: Colourway; months: readonly Month[]; size?: SizeOption; kind: KitKind },
): Handed {
  const finishing = finishingOf(programme, whose);
  const way = wayOf[kind];
  switch (way) {
    case 'lengths':
      return { way, finishing, packet: planPacket(programme, whose) };
    case 'pieces':
      return { way, finishing, pieces: demandOf(programme, { ...whose, basis: 'kit', participants: 1 }) };
    case 'list':
      return { way, finishing, own: ownCloth(programme, whose) };
  }
}
