/** A block as somebody would hold it up to be looked at, for the demonstration's pictures. */
import type { Drawing } from '@aggrega/core/block';

/** The drawing as an SVG of 600 pixels, a little askew on a table. */
export function drawingSvg(drawing: Drawing, colours: ReadonlyMap<string, string>): string {
  const scale = 440 / Math.max(drawing.width, drawing.height);
  const polygons = drawing.shapes.map(
    ({ points, role }) =>
      `<polygon points="${points.map(([x, y]) => `${x * scale},${y * scale}`).join(' ')}" fill="${colours.get(role ?? '') ?? '#cccccc'}" stroke="#00000022" stroke-width="1.5"/>`,
  );
  return `<svg xmlns="http://www.w3.org/2000/svg" width="600" height="600"><rect width="600" height="600" fill="#c8b49a"/><g transform="rotate(-3 300 300) translate(80 80)">${polygons.join('')}</g></svg>`;
}
