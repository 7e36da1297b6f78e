/** Plans that take seconds, as files: what the planning thread does. */
import { cutListCsv, layoutOf, orderCsv, stockOrderCsv } from '@aggrega/core/cutting-files';
import type { PlanAim } from '@aggrega/core/cutting';
import { deskChecks } from './desk-checks';
import { stringify } from 'devalue';
import { work, type YearQuestion } from '$lib/plan/year-work';
import { PlanError, planCutting, planStock, readProgramme, type Programme, type ProgrammeFile } from '@aggrega/core/programme';

export type PlanJob = { document: ProgrammeFile } & (
  | {
      kind: 'cutting';
      file: string;
      colourway: string;
      month: string;
      basis: 'kit' | 'batch';
      participants: number;
      reading?: PlanAim;
    }
  | { kind: 'order'; packets: number[]; people: Record<string, number> }
  /** What a desk has to know of these months' sheets, and of the fabric for these packets. */
  | { kind: 'desk'; months: string[]; packets: number[] }
  /** A question of a page of the year; its answer as devalue writes it. */
  | { kind: 'year'; question: YearQuestion }
);

/** The text of the file, undefined where there is no file of that name; or why it cannot be planned, as a sentence. */
export type PlanDone = { body?: string } | { refused: string };

/** Plans it. The document has to be one that can be read, with that month and colourway in it. */
export function doJob(job: PlanJob): PlanDone {
  const reading = readProgramme(job.document);
  if (!reading.ok) return { refused: reading.errors[0]!.message };
  try {
    return { body: bodyOf(reading.programme, job) };
  } catch (error) {
    if (error instanceof PlanError) return { refused: error.message };
    throw error;
  }
}

function bodyOf(programme: Programme, job: PlanJob): string | undefined {
  switch (job.kind) {
    case 'cutting':
      return cuttingText(programme, job);
    case 'order':
      return orderText(programme, job);
    case 'desk':
      return JSON.stringify(deskChecks(programme, job));
    case 'year':
      return yearText(job);
  }
}

/** Undefined where the page has to say itself why it cannot be worked out. */
function yearText({ document, question }: Extract<PlanJob, { kind: 'year' }>): string | undefined {
  const reply = work(document, question, () => undefined);
  return 'answer' in reply ? stringify(reply.answer) : undefined;
}

function cuttingText(programme: Programme, job: Extract<PlanJob, { kind: 'cutting' }>): string | undefined {
  const colourway = programme.colourways.find((c) => c.id === job.colourway)!;
  const months = programme.months.filter((m) => m.id === job.month);
  const { basis, participants, reading } = job;
  const plan = () => planCutting(programme, { colourway, months, basis, participants, reading });
  if (job.file === 'cut-list.csv') return cutListCsv(plan(), programme);
  if (job.file === 'order.csv') return orderCsv(plan(), programme);
  const fabric = /^layout-(.+)\.svg$/.exec(job.file)?.[1];
  return fabric && layoutOf(plan(), fabric, programme);
}

const orderText = (programme: Programme, { packets, people }: Extract<PlanJob, { kind: 'order' }>): string =>
  stockOrderCsv(planStock(programme, { packets, people }), programme);
