/** The planning thread: built into a file of its own, beside the application (see ask.ts). */
import { constants, setPriority } from 'node:os';
import { parentPort, workerData } from 'node:worker_threads';
import { speak, type Language } from '@aggrega/core/words';
import { doJob, type PlanJob } from './jobs';

// On Linux this is the thread's own priority, not the process's.
if ((workerData as { yields: boolean }).yields) setPriority(constants.priority.PRIORITY_LOW);

parentPort!.on('message', ({ id, job, language }: { id: number; job: PlanJob; language: Language }) => {
  speak(language);
  try {
    parentPort!.postMessage({ id, done: doJob(job) });
  } catch (error) {
    parentPort!.postMessage({ id, failed: error instanceof Error ? error.message : String(error) });
  }
});
