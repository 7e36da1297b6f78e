/** A letter as HTML, beside its plain text: the same words, its picture, and the reader's own page as a link. */
import { spokenTag } from '@aggrega/core/words';
import { INK, RULE, WHITE } from '@aggrega/core/ink';

const escaped = (text: string) => text.replace(/[&<>"]/g, (c) => `&#${c.charCodeAt(0)};`);

/** Addresses become links; nothing else of the text is read as markup. */
const linked = (text: string) =>
  text
    .split(/(https?:\/\/\S+)/)
    .map((part, i) => (i % 2 === 1 ? `<a href="${escaped(part)}" style="color:${INK}">${escaped(part)}</a>` : escaped(part)))
    .join('');

/** Lines that begin alike belong together: a list, a quotation, or plain lines. */
function paragraph(text: string): string {
  const runs: { mark: string; lines: string[] }[] = [];
  for (const line of text.split('\n')) {
    const [, mark = '', said = ''] = /^(- |> )?(.*)$/s.exec(line)!;
    const last = runs.at(-1);
    if (last?.mark === mark) last.lines.push(said);
    else runs.push({ mark, lines: [said] });
  }
  return runs
    .map(({ mark, lines }) => {
      if (mark === '- ') return `<ul>${lines.map((line) => `<li>${linked(line)}</li>`).join('')}</ul>`;
      const said = lines.map(linked).join('<br>');
      return mark
        ? `<blockquote style="margin:0 0 1em;padding-left:12px;border-left:3px solid ${RULE}">${said}</blockquote>`
        : `<p>${said}</p>`;
    })
    .join('');
}

export interface LetterPicture {
  /** Name that the message carries it under. */
  cid: string;
  /** What it shows. */
  label: string;
}

/** The letter's text, paragraph by paragraph, under its picture where it has one, in the language that is spoken. */
export function letterHtml(text: string, picture?: LetterPicture): string {
  const shown = picture
    ? `<p><img src="cid:${picture.cid}" width="200" alt="${escaped(picture.label)}" style="display:block;max-width:100%;height:auto"></p>`
    : '';
  return `<!doctype html><html lang="${spokenTag()}"><head><meta charset="utf-8"><meta name="viewport" content="width=device-width"></head><body style="margin:0;padding:24px;background:${WHITE};color:${INK};font:16px/1.5 'Hanken Grotesk',system-ui,sans-serif"><div style="max-width:34em">${shown}${text
    .trim()
    .split(/\n{2,}/)
    .map(paragraph)
    .join('')}</div></body></html>`;
}
