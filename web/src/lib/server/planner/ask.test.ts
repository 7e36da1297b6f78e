import { expect, it, vi } from 'vitest';
import demo from '../../../../../demo/allotment-year.aggrega.json';
import type { ProgrammeFile } from '@aggrega/core/programme';
import { planned } from './ask';
import * as jobs from './jobs';
import type { PlanJob } from './jobs';

const document = demo as unknown as ProgrammeFile;
const order: PlanJob = { kind: 'order', document, packets: [0], people: {} };

it('a plan is made once for all who ask for it, another one for whatever is asked otherwise', async () => {
  const work = vi.spyOn(jobs, 'doJob');
  const [one, two] = await Promise.all([planned(order), planned({ ...order })]);
  expect(two).toBe(one);
  expect(one).toMatchObject({ body: expect.stringMatching(/^supplier,fabric/) });
  const other = await planned({ ...order, people: { frost: 90 } });
  expect(other).not.toEqual(one);
  expect(await planned({ ...order, document: structuredClone(document) })).toEqual(one);
  expect(work).toHaveBeenCalledTimes(3);
});

it('what could not be planned is tried again', async () => {
  const work = vi.spyOn(jobs, 'doJob').mockImplementationOnce(() => {
    throw new Error('the planning thread ended');
  });
  const asked = { ...order, packets: [1] };
  await expect(planned(asked)).rejects.toThrow('ended');
  expect(await planned(asked)).toHaveProperty('body');
  work.mockRestore();
});
