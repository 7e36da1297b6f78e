import { databaseAnswers } from '$lib/server/db/pool';
import { isAway } from '$lib/server/web/outside';
import { stopping } from '$lib/server/web/stopping';
import { text } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

/** 200 while this process can take requests: the database answers, and it is not on its way out. */
export const GET: RequestHandler = async () => {
  if (stopping()) return text('stopping\n', { status: 503 });
  try {
    await databaseAnswers();
    return text('ready\n');
  } catch (error) {
    if (isAway(error, 'database')) return text('the database does not answer\n', { status: 503 });
    throw error;
  }
};
