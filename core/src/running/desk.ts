/** The desk: what of a programme needs a hand, by when, and where it is done. */
import { dayAfter, daysBetween, handsOut, lineWords, orderState, type Month, type Programme } from '../programme';
import { releaseSteps, type CalendarStep } from './calendar';
import { words } from './desk-words';

export const deskKinds = [
  'mail-back',
  'stops',
  'release',
  'order',
  'delivery',
  'draw',
  'proof',
  'schedule',
  'cut',
  'pack',
  'question',
  'sample',
  'late-joiners',
  'hand',
  'unpaid',
  'behind',
] as const;
export type DeskKind = (typeof deskKinds)[number];

export interface DeskTask {
  kind: DeskKind;
  /** The same task keeps it from day to day: 'cut m4'. */
  id: string;
  title: string;
  /** Why, or what more there is to know; '' for nothing. */
  why: string;
  /** The last day on which it is in time; what has none is due today. */
  due?: string;
  /** Days until then; below zero it is late. */
  days: number;
  /** The station where it is done: a month's where there is one. */
  station: string;
  month?: string;
}

export interface DeskFacts {
  today: string;
  /** Months on their way out or out; a month without is a draft. */
  releases: ReadonlyMap<string, 'proofed' | 'scheduled' | 'released'>;
  /** Months that could not go out at their minute; the clock tries again. */
  stuck?: ReadonlySet<string>;
  /** Kits of people who take part, by the first month of their packet. */
  kits: readonly { month: string; state: 'planned' | 'cut' | 'packed' | 'handed'; kits: number }[];
  /** Months of which a test block was sewn. */
  sewn: ReadonlySet<string>;
  /** Questions without an answer, oldest first; `asked` is a day. */
  questions: readonly { name: string; asks: string; asked: string }[];
  /** Letters that came back for good. */
  mailBack: number;
  /** Who takes part and has not paid up to the month that is out. */
  unpaid: readonly string[];
  /** Who ticks off what she has sewn, and has two months or more that are out and not done. */
  behind: readonly string[];
  /** What takes longer to work out; left out while it is not known. */
  checked?: DeskChecks;
}

export interface DeskChecks {
  /** What would spoil kits, by month. */
  stops: readonly { month: string; count: number; first: string }[];
  /** Fabric that is lacking, each line in words, by the day on which to order; '' where no day is known. */
  order: readonly { text: string; by: string }[];
}

/** Days ahead that a desk looks. */
const AHEAD = 21;
/** Days that there are for what no calendar dates: answering, handing over, cutting for late joiners, asking for money, writing to those behind. */
const ANSWER_WITHIN = 2;
const HAND_WITHIN = 3;
const BACK_KITS_WITHIN = 7;
const PAY_WITHIN = 5;
const BEHIND_WITHIN = 10;
/** Days before a delivery from which it is expected. */
const DELIVERY_AHEAD = 2;

/** A task before it is known how many days there are; `of` names what it is about where that is no month's station. */
type Found = Omit<DeskTask, 'days' | 'id'> & { of?: string };

/** What needs a hand, most pressing first: what is late, then by its day; of one day, what holds up most comes first. */
export function deskTasks(programme: Programme, facts: DeskFacts): DeskTask[] {
  const found = [
    ...messageTasks(facts),
    ...overdueTasks(programme, facts),
    ...releaseSteps(programme)
      .filter(({ month }) => month.release! >= facts.today)
      .flatMap((step) => stepTask(programme, facts, step)),
    ...deliveryTasks(programme, facts),
    ...orderTask(facts),
    ...kitTasks(programme, facts),
    ...peopleTasks(programme, facts),
  ];
  return found
    .map(({ of, ...task }) => ({
      ...task,
      id: [task.kind, of ?? task.month ?? ''].join(' ').trim(),
      days: task.due === undefined ? 0 : daysBetween(facts.today, task.due),
    }))
    .filter((task) => task.days <= AHEAD)
    .sort((a, b) => a.days - b.days || deskKinds.indexOf(a.kind) - deskKinds.indexOf(b.kind));
}

function messageTasks({ today, mailBack, questions }: DeskFacts): Found[] {
  const found: Found[] = [];
  if (mailBack > 0) found.push({ kind: 'mail-back', station: 'post', title: words.mailBack(mailBack), why: words.mailBackWhy });
  const [first] = questions;
  if (!first) return found;
  const waited = Math.max(0, daysBetween(first.asked, today));
  const one = questions.length === 1;
  found.push({
    ...{ kind: 'question', station: 'post', due: dayAfter(first.asked, ANSWER_WITHIN) },
    title: one ? words.answerOne(first.name) : words.answerAll(questions.length),
    why: one || waited === 0 ? words.asks(first.asks) : words.waitsLongest(first.name, waited),
  });
  return found;
}

/** Months that the clock could not release; and those whose day has passed and that are not out, together: what comes before a release does not matter any more. */
function overdueTasks({ months }: Programme, { today, releases, stuck }: DeskFacts): Found[] {
  const held = months.filter((m) => stuck?.has(m.id));
  const found = held.map((month): Found => {
    const said = { title: words.stuck(month.name), why: words.stuckWhy };
    return { kind: 'release', station: 'release', month: month.id, due: month.release ?? today, ...said };
  });
  const late = months.filter((m) => m.release && m.release < today && releases.get(m.id) !== 'released' && !held.includes(m));
  const [first] = late.sort((a, b) => (a.release! < b.release! ? -1 : 1));
  if (!first) return found;
  const title = late.length > 1 ? words.overdueMore(first.name, late.length - 1) : words.overdue(first.name);
  const why = words.overdueWhy(late.length);
  return [...found, { kind: 'release', station: 'release', month: first.id, due: first.release, title, why }];
}

/** What a step on the way to a release asks for; nothing once it is done. */
function stepTask(programme: Programme, facts: DeskFacts, { kind, month, day: due }: CalendarStep): Found[] {
  const state = facts.releases.get(month.id);
  const { id, name } = month;
  if (state === 'released') return [];
  if (kind === 'release' && state === 'proofed')
    return [{ kind: 'schedule', station: kind, month: id, due, title: words.schedule(name), why: words.scheduleWhy }];
  if (kind === 'proof' && state === undefined) return [proofTask(programme, facts, { month, due })];
  if (kind === 'sample' && state === undefined && !facts.sewn.has(id))
    return [{ kind, station: 'samples', of: id, due, title: words.sample(name), why: words.sampleWhy }];
  if (kind !== 'cut' && kind !== 'pack') return [];
  // What is packed was cut before.
  const left = kitsOf(facts, id, kind === 'cut' ? 'planned' : 'cut');
  const station = kind === 'cut' ? 'cut' : 'kits';
  return left > 0 ? [{ kind, station, month: id, due, title: words[kind](left, name), why: '' }] : [];
}

/** A sheet is proofed once there is something on it, and nothing in it would spoil kits. */
function proofTask(programme: Programme, { checked }: DeskFacts, { month, due }: { month: Month; due: string }): Found {
  const at = { month: month.id, due };
  const stop = checked?.stops.find((s) => s.month === month.id);
  if (stop)
    return {
      ...at,
      kind: 'stops',
      station: 'sheet',
      title: words.stops(month.name),
      why: words.stopsWhy(stop.count, stop.first),
    };
  const givesQuilt = [...(programme.setting?.months ?? [])].some(([, id]) => id === month.id);
  if (handsOut(programme, month) || givesQuilt)
    return { ...at, kind: 'proof', station: 'release', title: words.proof(month.name), why: words.proofWhy };
  return { ...at, kind: 'draw', station: 'draft', title: words.drawn(month.name), why: words.drawnWhy };
}

const kitsOf = ({ kits }: DeskFacts, month: string, state: 'planned' | 'cut' | 'packed'): number =>
  kits.filter((k) => k.month === month && k.state === state).reduce((n, k) => n + k.kits, 0);

/** Orders that are late, or come in these days. */
function deliveryTasks({ orders, unit, house }: Programme, { today }: DeskFacts): Found[] {
  return orders.flatMap((order): Found[] => {
    const { waiting, late } = orderState(order, today);
    if (waiting.length === 0 || !order.due || daysBetween(today, order.due) > DELIVERY_AHEAD) return [];
    const lines = lineWords(waiting, { unit, soldBy: house.soldBy });
    const title = late > 0 ? words.late(order.supplier) : words.arrives(order.supplier);
    const why = lines.length > 1 ? words.waitsForMore(lines[0]!, lines.length - 1) : words.waitsFor(lines[0]!);
    return [{ kind: 'delivery', station: 'bolts', of: order.id, due: order.due, title, why }];
  });
}

/** Fabric that has to be ordered soon, all of it together: it is one order to write. */
function orderTask({ today, checked }: DeskFacts): Found[] {
  const soon = (checked?.order ?? []).filter((l) => l.by !== '' && daysBetween(today, l.by) <= AHEAD);
  const [first] = soon.sort((a, b) => (a.by < b.by ? -1 : 1));
  if (!first) return [];
  return [{ kind: 'order', station: 'bolts', due: first.by, title: words.orderNow, why: namesOf(soon.map((l) => l.text)) }];
}

/** 'Ada Fenn, and 3 others.' */
const namesOf = ([first, ...more]: readonly string[]) =>
  more.length > 0 ? words.namesMore(first, more.length) : words.names(first);

const monthsOut = ({ months }: Programme, { releases }: DeskFacts) => months.filter((m) => releases.get(m.id) === 'released');

/** Kits of months that are out: those that wait to be fetched, and those still to be cut for who joined late. */
function kitTasks(programme: Programme, facts: DeskFacts): Found[] {
  const { today } = facts;
  const found: Found[] = [];
  const out = monthsOut(programme, facts);
  const waiting = out.reduce((n, m) => n + kitsOf(facts, m.id, 'packed'), 0);
  if (waiting > 0)
    found.push({ kind: 'hand', station: 'pickup', due: dayAfter(today, HAND_WITHIN), title: words.hand(waiting), why: '' });
  const missed = out.filter((m) => kitsOf(facts, m.id, 'planned') > 0);
  const kits = missed.reduce((n, m) => n + kitsOf(facts, m.id, 'planned'), 0);
  if (kits > 0)
    found.push({
      ...{ kind: 'late-joiners', station: 'kits', due: dayAfter(today, BACK_KITS_WITHIN), title: words.back(kits) },
      why: namesOf(missed.map((m) => m.name)),
    });
  return found;
}

function peopleTasks(programme: Programme, facts: DeskFacts): Found[] {
  const { today, unpaid, behind } = facts;
  const newest = monthsOut(programme, facts).at(-1);
  const found: Found[] = [];
  if (unpaid.length > 0 && newest)
    found.push({
      ...{ kind: 'unpaid', station: 'roster', due: dayAfter(today, PAY_WITHIN), why: namesOf(unpaid) },
      title: words.unpaid(unpaid.length, newest.name),
    });
  if (behind.length > 0)
    found.push({
      ...{ kind: 'behind', station: 'post', due: dayAfter(today, BEHIND_WITHIN), why: namesOf(behind) },
      title: words.behind(behind.length),
    });
  return found;
}
