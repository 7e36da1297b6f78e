import { databaseAnswers } from '$lib/server/db/pool';
import { whileDatabaseAnswers } from '$lib/server/web/door';
import { text } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

/** 200 while the application can serve, database and all. */
export const GET: RequestHandler = async () => {
  await whileDatabaseAnswers(databaseAnswers());
  return text('ready\n');
};
