// Brings the database that DATABASE_URL names up to date, and prints the connection for the application's own role.
import { prepareDatabase } from './database.mjs';
import { Stop, run, say } from './say.mjs';

await run(async () => {
  if (!process.env.DATABASE_URL) throw new Stop('Set DATABASE_URL to the connection of the database’s owner.');
  say(await prepareDatabase(process.env.DATABASE_URL));
});
