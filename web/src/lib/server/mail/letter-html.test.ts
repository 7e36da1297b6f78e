import { describe, expect, it } from 'vitest';
import { letterHtml } from './letter-html';

describe('a letter as HTML', () => {
  const text =
    'Dear Ada,\n\nYour page:\nhttps://quilts.example/p/abc\n\nChanged:\n- Cut <A1> & go.\n- Two\n\n> asked\n> twice\n\nYours';

  it('says all that the text says, in its order', () => {
    const said = letterHtml(text)
      .replace(/<br>/g, ' ')
      .replace(/<[^>]+>/g, ' ')
      .replace(/&#(\d+);/g, (_, n) => String.fromCharCode(n))
      .replace(/\s+/g, ' ')
      .trim();
    expect(said).toBe('Dear Ada, Your page: https://quilts.example/p/abc Changed: Cut <A1> & go. Two asked twice Yours');
  });

  it('makes lists, quotations and links, and nothing else of what is written', () => {
    const html = letterHtml(text);
    expect(html).toContain('<ul><li>Cut &#60;A1&#62; &#38; go.</li><li>Two</li></ul>');
    expect(html).toMatch(/<blockquote[^>]*>asked<br>twice<\/blockquote>/);
    expect(html).toContain('<a href="https://quilts.example/p/abc"');
    expect(letterHtml('<script>alert(1)</script>')).not.toContain('<script');
    expect(letterHtml('https://x.example/"onmouseover="y')).not.toContain('"onmouseover');
  });

  it('shows its picture first, with what it is for those who do not see it', () => {
    const html = letterHtml('Dear Ada,', { cid: 'p@x', label: 'Cloche "in" Frost' });
    expect(html.indexOf('cid:p@x')).toBeLessThan(html.indexOf('Dear Ada'));
    expect(html).toContain('alt="Cloche &#34;in&#34; Frost"');
    expect(letterHtml('Dear Ada,')).not.toContain('<img');
  });
});
