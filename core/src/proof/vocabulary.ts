/** The words of cutting lists, as people write them: what each tells about a cut. A word that is in none of these may be a fabric's name. */

const set = (text: string) => new Set(text.trim().split(/\s+/));

export const SQUARES = set('square squares sq sqs');
export const RECTANGLES = set('rectangle rectangles rect rects oblong oblongs');
export const STRIPS = set('strip strips');
export const TRIANGLES = set('triangle triangles tri tris');

/** Words beside numbers and sizes that change nothing. */
export const PLAIN = set(`
  cut cuts cutting the a an of from this into to at size sized sizes measuring measure measures each ea total totals altogether all
  piece pieces pc pcs patch patches no nos number qty quantity count wide width height high length long wof you will need needed require required
  fabric fabrics fab print prints colour color please for in on it out these those them that and with by then trim-free
  wide-cut tall deep`);

/** What is cut from the strip before. */
export const SUBCUT =
  /\b(?:sub-?\s?cut|cross-?\s?cut|re-?cut)|\b(?:from|of) (?:it|this|these|those|them|that|each strip|the strips?|this strip|these strips)\b|\b(?:cut|slice) (?:it|this|these|them|the strips?) (?:down )?into\b|^\s*into\b/i;

/** Words after which a number of pieces can mean something else: nothing is guessed from such a line. */
export const DOUBTFUL =
  /\b(?:or|either|about|approx(?:imately)?|roughly|ca|extra|spare|spares|less|minus|optional(?:ly)?|if|unless|except|instead|assorted|various|different|random|scraps?|half of|at least|at most|minimum|maximum|up to|between|remaining|per)\b|[~?]/i;

/** For every block of those that the list is for. */
export const PER_BLOCK = /\b(?:per|for (?:each|every|one|a single)|each|every) block\b/i;

/** What is told about the sewing, not the cutting. */
export const SEWING =
  /^\W*(?:\d+[.)]\s+)?(?:sew|stitch|join|press|trim|square (?:up|each|them|it|the)|mark|draw|pin|lay|layer|place|arrange|align|match|nest|repeat|make|assemble|piece|pair|open|fold|finger|snip|check|measure|should|finish|unpick|rotate|turn|flip|add|attach|refer|using|use|unit|units|block|blocks|the block|each block|each unit|your)\b/i;

/** A size that is told, not one that is cut. */
export const TOLD =
  /\b(?:finish(?:ed|es)?|unfinished|seam(?:s| allowance| allowances)?|should measure|trim(?:med)? to|square(?:d)? up to|accurate|block size|scant|usable|wof =|width of fabric is)\b/i;

/** What is bought, not cut. */
export const BOUGHT =
  /\b(?:yds?|yards?|yardage|met(?:re|er)s?|\d ?m|fat[ -](?:quarters?|eighths?)|fqs?|jelly|bolts?|half yard|charm packs?|remnants?)\b/i;

/** What lies around the blocks, behind them, or on the edge. */
export const BEYOND =
  /\b(?:borders?|binding|backing|batting|wadding|sashing|sashes|cornerstones?|setting triangles?|corner triangles|side triangles|lining|label)\b/i;

/** Headings of a pattern sheet that name no fabric. */
export const HEADINGS =
  /^\W*(?:cutting|cut|cutting (?:instructions|list|chart|directions|guide|table)|instructions|materials|requirements|you will need|fabric(?:s)?(?: requirements)?|assembly|piecing|sewing|making|method|directions|notes?|tips?|step \d+|tools|supplies|abbreviations|pieces|patches|templates?)\W*$/i;

export const TWICE =
  /\b(?:(?:cut|sub-?cut|slice|sliced)?(?: (?:each|them|these|the squares?|all|every square))?(?: (?:square|one))?\s*(?:diagonally twice|twice,? ?(?:on|along|across) (?:the|both|each) diagonals?|twice diagonally|twice,? corner to corner|(?:on|along|across) both diagonals|corner to corner,? (?:both ways|twice)|diagonally both ways|(?:in|into) quarters,? ?(?:diagonally|on the diagonals?|along the diagonals?)|diagonally (?:in|into) (?:quarters|4|four)|(?:in|into) an x|twice))\b|[⊠☒]/i;

export const ONCE =
  /\b(?:(?:cut|sub-?cut|slice|sliced)?(?: (?:each|them|these|the squares?|all|every square))?(?: (?:square|one))?\s*(?:(?:once,? )?(?:on|along|across) (?:the|one|a) diagonal|once diagonally|diagonally once|diagonally,? ?(?:in|into) (?:half|halves|2|two)|(?:in|into) (?:half|halves|two|2),? ?(?:diagonally|on the diagonal|along the diagonal|corner to corner)|once,? (?:from )?corner to corner|(?:from )?corner to corner(?: once)?|diagonally(?: from corner to corner)?|once))\b|[◩◪◸◹◺◿]/i;

/** A doubt about how the cloth is cut up: both ways are told. */
export const UNCUT = /\b(?:do not|don't|not) (?:yet )?cut\b|\bnot cut\b|\bleave whole\b|\bkeep whole\b/i;

/** What pieces are for: no fabric's name. */
export const PURPOSE =
  /\b(?:corners?|centres?|centers?|points?|stars?|sides?|sky|skies|goose|geese|flying|wings?|middles?|units?|hsts?|qsts?|half|quarter|half-square|quarter-square|triangles?|squares?|patch(?:es)?|four-patch|nine-patch|hourglass(?:es)?|edges?|frames?|rounds?|rows?|blocks?|u\d+)\b/gi;

/** A size: a fraction, a decimal, a unit, two sides, or the width of the fabric. */
export const SIZE =
  /\d\s*(?:"|in\b|inch|cm\b|mm\b)|\d\/\d|\d[.,]\d|\d\s*(?:x|by)\s*\d|\bwof\b|\bwidth of (?:the )?fabric\b|@\s*\d/i;

/** What is cut. */
export const PIECES = /\b(?:squares?|sqs?|rectangles?|rects?|oblongs?|strips?|pcs?|pieces?)\b/i;

/** So many pieces, at the beginning, of a size that is missing or cannot be read. */
export const PIECES_FIRST =
  /^\W*(?:(?:cut|from)\s+)?\W*(?:\d+ ?x?|one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|sixteen|twenty)\b[^.]{0,12}?\b(?:squares?|sqs?|rectangles?|rects?)\b(?! up)|^\W*sub-?cut\W*\d+|\?["\s]*(?:squares?|sq|rectangles?)\b/i;

/** How many blocks a list is for. */
export const FOR_BLOCKS =
  /(?:\b(?:for|makes?|enough for)|^\W*(?:\d ?· ?[^:]*:)?)\s*(\d{1,3}|one|two|three|four|five|six|seven|eight|nine|ten|twelve)\s+blocks?\b(?!\s+of)/i;

/** What is kept for later, and cut then. */
export const LATER =
  /\b(?:you kept|keep whole|kept whole|to bag|put by|for (?:january|february|march|april|may|june|july|august|september|october|november|december))\b/i;

/** A picture that a text tells of. */
export const PICTURE = /^\W*picture:/i;

/** What follows 'Measure:' on a line of its own, and what stands on the ruler. */
export const MEASURED = /^\W*[\d/ .x-]+(?:by [\d/ .]+)?(?:in|cm|")?\s*square\.?$|^\W*on the ruler\b/i;

/** So many pieces to cut, within a sentence. */
export const CUTS =
  /\bcut\W+(?:\d|one|two|three|four|five|six|eight|ten|twelve)|(?:\d|")\s*\)?\s*(?:squares|rectangles|strips)\b/i;
