/** A paper as one HTML file that needs nothing else: it reads and prints anywhere. */
import type {
  PictureWithPieces,
  Paper,
  PaperCell,
  PaperPhoto,
  PaperPicture,
  PaperPiece,
  PaperStep,
  Words,
} from '@aggrega/core/sheet';
import { runsOf } from './runs';
import { pictureSvg } from './svg';
import { INK, QUIET, RULE, WELD } from '@aggrega/core/ink';

/** JPEGs by the names of their contents. */
type Photos = ReadonlyMap<string, Uint8Array>;

const escaped = (text: string) => text.replace(/[&<>"]/g, (c) => `&#${c.charCodeAt(0)};`);

/** A narrow gap that is a real space to whoever copies the text. */
const words = (text: Words): string => {
  const runs = runsOf(text);
  return runs
    .map(({ text: t, bold, fraction }, i) => {
      const gap = fraction && /\d$/.test(runs[i - 1]?.text ?? '') ? '<span class="gap"> </span>' : '';
      const set = `${gap}${fraction ? `<span class="frac">${t}</span>` : escaped(t)}`;
      return bold ? `<b>${set}</b>` : set;
    })
    .join('');
};

const figure = (picture: PaperPicture) =>
  `<figure style="width:${picture.wide}in;max-width:100%">${pictureSvg(picture)}${picture.caption ? `<figcaption>${words(picture.caption)}</figcaption>` : ''}</figure>`;

function cell({ text, swatch, numeral, picture }: PaperCell, right: boolean): string {
  const cloth = swatch
    ? `<span class="swatch" style="background:${swatch.colour || '#fff'};color:${swatch.ink}">${escaped(swatch.letter)}</span> `
    : '';
  const set = `${cloth}${numeral ? `<span class="numeral">${words(text)}</span>` : words(text)}${picture ? pictureSvg(picture) : ''}`;
  return `<td${right ? ' class="right"' : ''}>${set}</td>`;
}

const photo = ({ photo: name, wide, label }: PaperPhoto, photos: Photos): string => {
  const jpeg = photos.get(name);
  if (!jpeg) return '';
  const bytes = Array.from(jpeg, (byte) => String.fromCharCode(byte)).join('');
  return `<figure style="width:${wide}in;max-width:100%"><img src="data:image/jpeg;base64,${btoa(bytes)}" alt="${escaped(label)}"></figure>`;
};

const beside = ({ pictures, pieces }: PictureWithPieces, photos: Photos): string =>
  `<section class="beside"><div class="pictures">${pictures.map(figure).join('')}</div><div class="words">${pieces.map((p) => piece(p, photos)).join('')}</div></section>`;

const step = ({ picture, text, check, place }: PaperStep): string =>
  `<li>${picture ? figure(picture) : ''}<p${place?.mine ? ' class="own"' : ''}>${words(text)}</p>${check ? `<p class="check">${words(check)}</p>` : ''}</li>`;

function piece(p: PaperPiece, photos: Photos): string {
  switch (p.kind) {
    case 'title':
      return `<header><div><p class="quiet">${escaped(p.over)}</p><h1>${escaped(p.text)}${p.under ? `<br>${escaped(p.under)}` : ''}</h1>${p.pieces.map((own) => piece(own, photos)).join('')}</div>${p.pictures ? `<div class="pictures">${p.pictures.map(figure).join('')}</div>` : ''}</header>`;
    case 'heading':
      return `<h${p.level}>${escaped(p.text)}</h${p.level}>`;
    case 'text':
      return `<p class="${p.tone ?? 'plain'}${p.place?.mine ? ' own' : ''}">${words(p.text)}</p>`;
    case 'list': {
      const tag = p.ordered ? 'ol' : 'ul';
      return `<${tag}>${p.items.map((item) => `<li>${words(item)}</li>`).join('')}</${tag}>`;
    }
    case 'table': {
      const head = p.columns.map((c) => `<th scope="col"${c.right ? ' class="right"' : ''}>${escaped(c.name)}</th>`).join('');
      const body = p.groups.map(
        (rows) =>
          `<tbody>${rows.map((r) => `<tr>${r.cells.map((c, i) => cell(c, p.columns[i]?.right ?? false)).join('')}</tr>`).join('')}</tbody>`,
      );
      return `<table><thead><tr>${head}</tr></thead>${body.join('')}</table>`;
    }
    case 'pictures':
      return `<div class="row">${p.pictures.map(figure).join('')}</div>`;
    case 'beside':
      return beside(p, photos);
    case 'photo':
      return photo(p, photos);
    case 'steps':
      return `<ol class="steps">${p.steps.map(step).join('')}</ol>`;
    case 'page':
      return '<div class="page"></div>';
  }
}

/** `photos`: JPEGs by their names, for those of the organiser's that are at hand. */
export function paperHtml(paper: Paper, photos: Photos = new Map()): string {
  return `<!doctype html>
<html lang="${paper.lang ?? 'en-GB'}">
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width">
<title>${escaped(paper.title)}</title>
<meta name="description" content="${escaped(paper.about)}">
<style>
body{font:${paper.large ? 20 : 15}px/1.4 'Hanken Grotesk',system-ui,sans-serif;color:${INK};background:#fff;max-width:46rem;margin:2rem auto;padding:0 1rem}
h1{font-size:2em;margin:0}h2{font-size:1.25em;border-top:2px solid;padding-top:.3em;margin:1.4em 0 .4em}h3{font-size:1em;margin:.8em 0 .2em}
p{margin:.3em 0}.lead{font-size:1.1em}.quiet{color:${QUIET}}.check,.own{border-left:4px solid ${WELD};padding-left:.6em}.own{border-color:${RULE}}.caution{font-weight:600}
table{width:100%;border-collapse:collapse}th,td{text-align:left;vertical-align:top;padding:.25em .7em .25em 0;border-bottom:1px solid ${RULE}}th{font-weight:400;color:${QUIET}}.right{text-align:right}
.numeral{font-weight:700;white-space:nowrap}.frac{font-feature-settings:'frac' 1}.gap{font-size:.3em}.swatch{display:inline-block;min-width:1.4em;height:1.4em;text-align:center;border:1px solid ${INK}80;background:#fff;font-weight:600}
header{display:flex;justify-content:space-between;gap:1.5em}figure{margin:0 0 .5em}svg,img{width:100%;height:auto}figcaption{font-size:.85em}.row{display:flex;flex-wrap:wrap;gap:1em}.beside{display:flex;gap:1.2em;margin:.8em 0}.words{flex:1}.steps{display:grid;grid-template-columns:repeat(auto-fill,minmax(9.5rem,1fr));gap:0 1.2em;list-style:none;padding:0;counter-reset:step}.steps>li{display:grid;grid-row:span 3;grid-template:subgrid/minmax(0,1fr);gap:0;padding-bottom:.8em;counter-increment:step}.steps p:first-of-type::before{content:counter(step) ' ';font-weight:700}.steps figure{align-self:end}
table,.beside,tr,li,figure{break-inside:avoid}h2,h3{break-after:avoid}.page{break-after:page}svg,.swatch{print-color-adjust:exact}
footer{margin-top:1.5em;font-size:.85em;color:${QUIET}}@media print{body{margin:0;max-width:none}}
</style>
</head>
<body>
<main>${paper.pieces.map((p) => piece(p, photos)).join('\n')}</main>
<footer>${escaped(paper.footer)}</footer>
</body>
</html>
`;
}
