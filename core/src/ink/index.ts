/** ink: the colours in which everything of ours is set and drawn: pages, papers, pictures, letters, files. Duties: docs/interface.md. */

/** Text and lines. */
export const INK = '#1c2a4a';
/** What stands back. */
export const QUIET = '#53607c';
/** Hairlines. */
export const RULE = '#c9d0da';
/** What is in hand, and what the organiser says herself. */
export const WELD = '#f2d21b';
/** What is wrong. */
export const MADDER = '#b3322b';
/** What was, and who has left. */
export const WALNUT = '#6b5848';
/** The ground of pages. */
export const CHALK = '#f4f6f5';
export const WHITE = '#ffffff';
/** Fabric that is not looked at. */
export const PALE = '#eef0f3';
