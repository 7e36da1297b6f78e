/** Reads a programme document: shape first, then lengths, references, drawings and sense. */
import { readBlock, tilingProblems, type Block, type BlockFile, type Problem } from '../../block';
import { Exact, formatLength, type Rational, type LengthUnit } from '../../measure';
import { boundProblems } from './bounds';
import { unansweredNames } from './unanswered';
import { directionalIn } from '../document/directional';
import type { House, Month, MonthBlock, MonthBlockFile, Programme, ProgrammeFile, ReadResult } from '../document/document';
import { readCalendar, readMoney } from './read-year';
import { readSettings, rolesOfSetting, settingWarnings } from './read-setting';
import { readColourways, readFabrics } from './read-cloth';
import { readOrders } from '../stock/orders';
import { isDay } from '../document/days';
import { crowdedSizes, readKits, readShelf, readSizes } from './read-kits';
import { notesOf } from '../document/notes';
import { DEFAULTS, houseOf, refuseTwoSquares } from './read-house';
import { lengthReader, type ReadLength, type Refuse } from './read-length';
import { shapeProblems } from './schema';
import { unknownFields } from './unknown-fields';
import { words as texts } from './words';

/** The programme of a parsed JSON document, or all its errors with their places. Never throws for bad input. */
export function readProgramme(document: unknown): ReadResult {
  const shape = shapeProblems(document);
  if (shape.length > 0) return { ok: false, errors: shape };
  const file = document as ProgrammeFile;
  const beyond = boundProblems(file);
  if (beyond.length > 0) return { ok: false, errors: beyond };
  const errors: Problem[] = [];
  const refuse = (path: string, message: string) => void errors.push({ path, message });
  const unit = file.unit ?? 'in';
  const length = lengthReader(unit, refuse);

  const house = houseOf(file, unit, errors);
  const fabrics = readFabrics(file, house, length, DEFAULTS[unit]);
  const blocks = (file.blocks ?? []).map((entry, i) => blockOf(entry, `/blocks/${i}`, errors));
  unique('/fabrics', file.fabrics, refuse);
  unique('/blocks', file.blocks, refuse);
  unique('/months', file.months, refuse);
  unique('/colourways', file.colourways, refuse);

  const months = readMonths(file, blocks, house, length, refuse);
  const settings = readSettings(file, { unit, fabrics, months, length, refuse });
  const setting = settings.plain ? rolesOfSetting(settings.plain).map((r) => r.role) : [];
  const colourways = readColourways(file, fabrics, months, { house, setting, refuse });
  for (const id of Object.keys(file.participants ?? {}))
    if (!colourways.some((c) => c.id === id)) refuse(`/participants/${id}`, texts.thereIsNoColourway(id));
  const sizes = readSizes(file, colourways, refuse).map((size, i) => ({ ...size, setting: settings.sizes[i] }));
  const kits = readKits(file, { months, colourways, fabrics, sizes }, refuse);
  const shelf = readShelf(file, fabrics, length, refuse);
  unique('/sizes', file.sizes, refuse);
  const orders = readOrders(file, fabrics, length, refuse);
  const calendar = readCalendar(file, refuse);
  unique('/calendar/away', calendar.away, refuse);
  unique('/shelf', shelf, refuse);
  unique('/orders', file.orders, refuse);
  if (errors.length > 0) return { ok: false, errors };

  const casts = (role: string) => colourways.flatMap((c) => c.fabrics.get(role) ?? []);
  const roles = [...new Set(colourways.flatMap((c) => [...c.fabrics.keys()]))];
  const lightness = (role: string) => casts(role).reduce((sum, fabric) => sum + fabric.value, 0) / casts(role).length;
  const participants = new Map(colourways.map((c) => [c.id, file.participants ? (file.participants[c.id] ?? 0) : 1]));
  const programme: Programme = {
    title: file.title ?? texts.untitledProgramme,
    unit,
    currency: file.currency,
    ...{ contact: file.contact ?? '', welcome: file.welcome ?? '', mystery: file.mystery ?? false },
    house,
    fabrics: [...fabrics.values()],
    colourways,
    blocks,
    months,
    setting: settings.plain,
    participants,
    ...{ sizes, kits, shelf, orders, calendar, money: readMoney(file) },
    melts: new Set((file.melts ?? []).map((pair) => [...pair].sort().join(' '))),
    lightness: new Map(roles.map((role) => [role, lightness(role)])),
    directional: new Set(colourways.flatMap((c) => [...directionalIn(c)])),
  };
  const sizesWarned = programme.setting ? settingWarnings(programme) : sizeWarnings(programme);
  const warnings = [
    ...unknownFields(file),
    ...sizesWarned,
    ...crowdedSizes(programme),
    ...unusedBlocks(file),
    ...unansweredNames(file, programme),
  ];
  return { ok: true, programme, file, warnings };
}

// What was read of a part of a document that nobody can change holds for every document with that very part (see frozen.ts).
const soundBlocks = new WeakMap<BlockFile, Block>();
const placedBlocks = new WeakMap<MonthBlockFile, { house: House; placed: MonthBlock }>();

function blockOf(entry: BlockFile, path: string, errors: Problem[]): Block {
  const known = soundBlocks.get(entry);
  if (known) return known;
  const { block, problems } = readBlock(entry, path);
  const faults = problems.length > 0 ? problems : tilingProblems(block, path);
  errors.push(...faults);
  if (faults.length === 0 && Object.isFrozen(entry)) soundBlocks.set(entry, block);
  return block;
}

function unique(path: string, entries: readonly { id: string }[] | undefined, refuse: Refuse): void {
  const first = new Map<string, number>();
  entries?.forEach(({ id }, i) => {
    if (first.has(id)) refuse(`${path}/${i}/id`, texts.theIdIsTakenAlreadyBy(id, path, first.get(id)));
    else first.set(id, i);
  });
}

function readMonths(file: ProgrammeFile, blocks: Block[], house: House, length: ReadLength, refuse: Refuse): Month[] {
  const byId = new Map(blocks.map((b) => [b.id, b]));
  const limit = DEFAULTS[house.unit].sizeLimit;
  const settings = [file.setting, ...(file.sizes ?? []).map((s) => s.setting)];
  const withParts = new Set(settings.flatMap((s) => Object.values(s?.months ?? {})));
  return (file.months ?? []).map((month, m) => {
    const monthPath = `/months/${m}`;
    if (month.release !== undefined && !isDay(month.release))
      refuse(`${monthPath}/release`, texts.isNoDateOfTheCalendar(month.release));
    const entries = month.blocks ?? [];
    const repeated = new Set(entries.map((e) => e.block).filter((id, i, all) => all.indexOf(id) !== i));
    const placed = entries.flatMap((entry, i): MonthBlock[] => {
      const path = `${monthPath}/blocks/${i}`;
      const [width, height] = Array.isArray(entry.finished)
        ? [
            length(entry.finished[0], `${path}/finished/0`, { limit }),
            length(entry.finished[1], `${path}/finished/1`, { limit }),
          ]
        : [length(entry.finished, `${path}/finished`, { limit }), undefined];
      const block = byId.get(entry.block);
      if (!block) {
        refuse(`${path}/block`, texts.thereIsNoBlock(entry.block));
        return [];
      }
      // Cells are square unless both sides are given.
      const h = height ?? width.div(block.grid[0]).mul(block.grid[1]);
      const key = repeated.has(block.id) ? `${block.id}@${sizeText(width, height, house.unit)}` : block.id;
      refuseTwoSquares(entry.methods, house.seam, house.unit, `${path}/methods`, refuse);
      const style = {
        ...house,
        sizing: entry.sizing ?? house.sizing,
        methods: { ...house.methods, ...entry.methods },
        readings: entry.readings,
        ...(entry.joining && { joining: entry.joining }),
        ...(entry.slip && { slip: entry.slip }),
      };
      const known = placedBlocks.get(entry);
      if (known?.house === house && known.placed.block === block && known.placed.key === key && known.placed.path === path)
        return [known.placed];
      const made: MonthBlock = { block, finished: [Exact.of(width), Exact.of(h)], make: entry.make ?? 1, style, key, path };
      if (Object.isFrozen(entry)) placedBlocks.set(entry, { house, placed: made });
      return [made];
    });
    placed.forEach(({ key, path }, i) => {
      if (placed.findIndex((other) => other.key === key) < i) refuse(path, texts.isInThisMonthAlreadyAt(key));
    });
    const { id, name = id, release, homework = '', notes = {}, words = {}, uses = [], unitsWith } = month;
    for (const [i, other] of uses.entries())
      if (!(file.months ?? []).slice(0, m).some((before) => before.id === other))
        refuse(`${monthPath}/uses/${i}`, texts.thereIsNoMonthBeforeIt(other));
    if (unitsWith !== undefined) unitsWithTrouble(file, m, unitsWith).forEach((text) => refuse(`${monthPath}/unitsWith`, text));
    const parts = Object.entries(notes).map(([part, said]) => [part, notesOf(said)]);
    const own = { notes: Object.fromEntries(parts) as Month['notes'], words };
    return {
      id,
      name,
      release,
      blocks: placed,
      homework,
      ...own,
      uses,
      ...(unitsWith !== undefined && { unitsWith }),
      ...(withParts.has(id) && { parts: true }),
    };
  });
}

/** Why a month's units cannot be made with another. */
function unitsWithTrouble({ months = [], kits = {} }: ProgrammeFile, m: number, id: string): string[] {
  const at = months.findIndex((other) => other.id === id);
  if (at < 0 || at >= m) return [texts.thereIsNoMonthBeforeIt(id)];
  if ((months[at]!.blocks ?? []).length > 0) return [texts.hasBlocksOfItsOwnUnits(id)];
  if (months.some((other, i) => i < m && other.unitsWith === id)) return [texts.theUnitsOfAnotherMonthAre(id)];
  const packetOf = (month: string) => kits.packets?.findIndex((packet) => packet.includes(month)) ?? -1;
  const [own, with_] = [packetOf(months[m]!.id), packetOf(id)];
  return with_ >= 0 && own !== with_ ? [texts.isInAnotherPacketItsFabric(id)] : [];
}

function sizeText(width: Rational, height: Rational | undefined, unit: LengthUnit): string {
  return height === undefined ? formatLength(width, unit) : `${formatLength(width, unit)}x${formatLength(height, unit)}`;
}

/** docs/craft.md, Awkward grids: blocks in one quilt must agree in size. */
function sizeWarnings(programme: Programme): Problem[] {
  const sizes = new Map<string, string>();
  for (const { finished, path } of programme.months.flatMap((m) => m.blocks))
    sizes.set(finished.map((side) => formatLength(side, programme.unit)).join(' by '), path);
  if (sizes.size < 2) return [];
  const message = texts.theMonthsBlocksFinishAtDifferent([...sizes.keys()].join('; '));
  return [{ path: [...sizes.values()].at(-1)!, message }];
}

function unusedBlocks(file: ProgrammeFile): Problem[] {
  if (!file.months?.length) return [];
  const used = new Set(file.months.flatMap((m) => (m.blocks ?? []).map((b) => b.block)));
  return file.blocks.flatMap((b, i) =>
    used.has(b.id) ? [] : [{ path: `/blocks/${i}`, message: texts.blockStandsInNoMonth(b.id) }],
  );
}
