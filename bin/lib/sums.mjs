// What a database holds, table by table: so many rows, and a sum over them that does not depend on their order.

/** As text looks the same on every server, whatever it is set to. */
const PLAIN = `
  set local timezone = 'UTC'; set local datestyle = 'ISO'; set local intervalstyle = 'iso_8601'; set local bytea_output = 'hex';
  set local extra_float_digits = 1`;
const TABLES = `select tablename as name from pg_tables where schemaname = 'public' order by 1`;
/** Half of each row's MD5 as a number, added up: rows that come twice, or are missing, are seen as well as changed ones. */
const sumOf = (name) =>
  `select count(*)::text as rows, coalesce(sum(('x' || left(md5(t::text), 16))::bit(64)::bigint), 0)::text as sum from public."${name}" t`;

/** { TABLE: { rows, sum } } of the database that a client is connected to, within its transaction. Numbers are text, as long as they are. */
export async function tableSums(client) {
  await client.query(PLAIN);
  const sums = {};
  for (const { name } of (await client.query(TABLES)).rows) sums[name] = (await client.query(sumOf(name))).rows[0];
  return sums;
}

/** How two of them differ, as a sentence each; none where everything is the same. */
export function differences(then, now) {
  return [...new Set([...Object.keys(then), ...Object.keys(now)])].sort().flatMap((name) => {
    const [was, is] = [then[name], now[name]];
    if (!is) return [`The table ${name} is missing.`];
    if (!was) return [`The table ${name} was not there before.`];
    if (was.rows !== is.rows) return [`The table ${name} has ${is.rows} rows instead of ${was.rows}.`];
    return was.sum === is.sum ? [] : [`The table ${name} has other values in its ${is.rows} rows.`];
  });
}
