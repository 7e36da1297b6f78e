import { databaseAnswers } from '$lib/server/db/pool';
import { text } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

/** 200 while the application can serve, database and all. */
export const GET: RequestHandler = async () => {
  await databaseAnswers();
  return text('ready\n');
};
