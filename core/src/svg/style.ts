/** What an element of a drawing looks like: its own attributes, its style, the drawing's rules for classes, and what it inherits. */
import { formatHex, parse } from 'culori';
import type { Element } from './elements';

export interface Look {
  /** '#rrggbb', a pattern's or gradient's address, or 'none'. */
  fill: string;
  stroke: string;
  evenOdd: boolean;
  hidden: boolean;
}

const PLAIN: Look = { fill: '#000000', stroke: 'none', evenOdd: false, hidden: false };

export type Rules = readonly { selector: string; declared: ReadonlyMap<string, string> }[];

/** The rules of all style elements whose selector is one tag, class or id: more than that no drawing of a block needs. */
export function rulesOf(root: Element): Rules {
  const sheets: string[] = [];
  const visit = (e: Element): void => {
    if (e.name === 'style') sheets.push(e.text);
    e.children.forEach(visit);
  };
  visit(root);
  return sheets
    .join('\n')
    .replace(/\/\*[\s\S]*?\*\//g, '')
    .split('}')
    .flatMap((rule) => {
      const [selectors, body] = rule.split('{');
      if (body === undefined) return [];
      return selectors!.split(',').map((selector) => ({ selector: selector.trim(), declared: declarations(body) }));
    });
}

function declarations(body: string): ReadonlyMap<string, string> {
  return new Map(
    body.split(';').flatMap((line) => {
      const at = line.indexOf(':');
      return at < 0
        ? []
        : [
            [
              line.slice(0, at).trim(),
              line
                .slice(at + 1)
                .replace('!important', '')
                .trim(),
            ] as const,
          ];
    }),
  );
}

/** The look of an element inside what has the look `from`. */
export function lookOf(element: Element, rules: Rules, from: Look = PLAIN): Look {
  const { attributes } = element;
  const names = new Set([
    element.name,
    ...(attributes.class ?? '').split(/\s+/).map((name) => `.${name}`),
    `#${attributes.id ?? ''}`,
  ]);
  const said = [
    new Map(Object.entries(attributes)),
    ...rules.filter((rule) => names.has(rule.selector)).map((rule) => rule.declared),
    declarations(attributes.style ?? ''),
  ];
  const value = (property: string) => said.map((m) => m.get(property)).findLast((v) => v !== undefined && v !== 'inherit');
  const clear = (property: string) => value(property) !== undefined && !(parseFloat(value(property)!) > 0);
  return {
    fill: clear('fill-opacity') ? 'none' : paint(value('fill'), from.fill),
    stroke: clear('stroke-opacity') || clear('stroke-width') ? 'none' : paint(value('stroke'), from.stroke),
    evenOdd: (value('fill-rule') ?? (from.evenOdd ? 'evenodd' : 'nonzero')) === 'evenodd',
    hidden: from.hidden || value('display') === 'none' || value('visibility') === 'hidden' || clear('opacity'),
  };
}

function paint(value: string | undefined, inherited: string): string {
  if (value === undefined) return inherited;
  if (value === 'none' || value === 'transparent') return 'none';
  if (value.startsWith('url(')) return value.replace(/\s.*$/, '');
  const colour = parse(value);
  if (!colour) return '#000000';
  return colour.alpha === 0 ? 'none' : formatHex(colour);
}
