/** What one person is handed of a packet: lengths, pieces that are cut, or a list of what to find. */
import { demandOf, type FabricDemand } from '../demand/demand';
import { wayOf, type Colourway, type KitKind, type Month, type Programme, type SizeOption } from '../document/document';
import { ownCloth, type OwnCloth } from '../demand/own-cloth';
import { finishingOf, planPacket, type Finishing, type PacketPlan } from './packets';

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
