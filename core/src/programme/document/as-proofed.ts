/** A month that was proofed is cut as it was proofed, for the people that there are now. */
import type { ProgrammeFile } from './document';

/**
 * The proofed document with today's head counts, kinds of kits, spares and stock: what is sewn is frozen, who sews it is not. A size or colourway that the
 * proofed document does not know is left out.
 */
export function asProofed(now: ProgrammeFile, proofed: ProgrammeFile): ProgrammeFile {
  const colourways = new Set((proofed.colourways ?? []).map((c) => c.id));
  const fabrics = new Set((proofed.fabrics ?? []).map((f) => f.id));
  const sizes = new Set((proofed.sizes ?? []).map((s) => s.id));
  const known = (counts: Record<string, number> | undefined) =>
    counts && Object.fromEntries(Object.entries(counts).filter(([id]) => colourways.has(id)));
  const { spares, demoSets, kind } = now.kits ?? {};
  const otherKinds = now.kits?.otherKinds?.filter((o) => colourways.has(o.colourway) && (!o.size || sizes.has(o.size)));
  return {
    ...proofed,
    participants: known(now.participants),
    sizes: proofed.sizes?.map((size) => ({
      ...size,
      participants: known(now.sizes?.find((s) => s.id === size.id)?.participants),
    })),
    kits: { ...proofed.kits, ...{ spares, demoSets, kind, otherKinds } },
    shelf: now.shelf?.filter((s) => fabrics.has(s.fabric)),
    orders: undefined,
  };
}
