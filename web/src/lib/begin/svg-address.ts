/** A drawing as the address of a picture. */
export const svgAddress = (svg: string): string => `data:image/svg+xml,${encodeURIComponent(svg)}`;
