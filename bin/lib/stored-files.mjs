/**
 * Pictures that stand in a store outside (AGGREGA_S3_BUCKET), as a backup holds them: fetched one by one when it is written, and laid into the database when
 * it is brought back. From there the application brings them over again, to whatever store there is then.
 */
import { appendFileSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { Stop } from './say.mjs';

/** Milliseconds until a file is given up. */
const PATIENCE = 30_000;

const TABLES = ['picture', 'swatch_photo'];
const HAVE_NAMES = `
  select count(*)::int as n from information_schema.columns
  where table_schema = 'public' and column_name = 'object' and table_name = any($1)`;
const NAMES = TABLES.map((table) => `select '${table}' as table, object from public.${table} where jpeg is null`).join(
  ' union all ',
);

/** Pictures that stand in the store and nowhere else, as { table, object }; none in a database from before there were stores. */
export async function storedFiles(client) {
  const { rows } = await client.query(HAVE_NAMES, [TABLES]);
  return rows[0].n < TABLES.length ? [] : (await client.query(NAMES)).rows;
}

/** Fetches them into `folder`/files, numbered; resolves to those that were there. One that is not there any more was deleted meanwhile. */
export async function fetchFiles(files, folder) {
  const { AGGREGA_S3_BUCKET: bucket, AGGREGA_S3_KEY: accessKeyId, AGGREGA_S3_SECRET: secretAccessKey } = process.env;
  if (files.length === 0) return [];
  if (!bucket || !accessKeyId || !secretAccessKey)
    throw new Stop(
      `${files.length} pictures stand in a store of files. Set AGGREGA_S3_BUCKET, AGGREGA_S3_KEY and AGGREGA_S3_SECRET as the application has them, so that they are in the backup too; or add --without-pictures.`,
    );
  const region = process.env.AGGREGA_S3_REGION || 'us-east-1';
  // Its packages may just have been installed.
  const { AwsClient } = await import('aws4fetch');
  const client = new AwsClient({ accessKeyId, secretAccessKey, region, service: 's3', retries: 2 });
  mkdirSync(join(folder, 'files'));
  const fetched = [];
  for (const file of files) {
    const address = `${bucket.replace(/\/$/, '')}/${file.object}`;
    const answer = await client.fetch(address, { signal: AbortSignal.timeout(PATIENCE) }).catch(() => undefined);
    if (answer?.status === 404) continue;
    if (!answer?.ok)
      throw new Stop(`The store of files ${answer ? `answered ${answer.status}` : 'does not answer'}. Try again later.`);
    writeFileSync(join(folder, 'files', `${fetched.length}`), Buffer.from(await answer.arrayBuffer()));
    fetched.push(file);
  }
  if (fetched.length === 0)
    throw new Stop(`The store has none of ${files.length} pictures. See whether AGGREGA_S3_BUCKET names the right bucket.`);
  return fetched;
}

/** Writes what lays those files into the database again: for psql, in the transaction that brings the rest back. */
export function writeFilesScript(files, folder, script) {
  const all = (what) => TABLES.map((table) => `alter table public.${table} ${what} trigger user;\n`).join('');
  // Nobody changed anything: the record has nothing to say.
  writeFileSync(script, all('disable'));
  files.forEach(({ table, object }, i) => {
    const bytes = readFileSync(join(folder, 'files', `${i}`)).toString('hex');
    const name = object.replaceAll("'", "''");
    appendFileSync(script, `update public.${table} set jpeg = decode('${bytes}', 'hex') where object = '${name}';\n`);
  });
  appendFileSync(script, all('enable'));
}
