/** Every route of the application, as its files name it, with the methods that it answers: for tests that try them all. */
import { existsSync, readFileSync, readdirSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';

const ROUTES = fileURLToPath(new URL('../../web/src/routes', import.meta.url));

export interface Route {
  /** 'p/[key]/months/[month]'. */
  name: string;
  page: boolean;
  methods: string[];
}

/** All routes; pages with actions answer POST too. */
export function allRoutes(folder = ROUTES, at = ''): Route[] {
  return readdirSync(folder).flatMap((name) => {
    const path = join(folder, name);
    if (statSync(path).isDirectory()) return allRoutes(path, at ? `${at}/${name}` : name);
    if (name === '+page.svelte') {
      const server = join(folder, '+page.server.ts');
      const acts = existsSync(server) && /export const actions/.test(readFileSync(server, 'utf8'));
      return [{ name: at, page: true, methods: acts ? ['GET', 'POST'] : ['GET'] }];
    }
    if (name !== '+server.ts') return [];
    const methods = [...readFileSync(path, 'utf8').matchAll(/export const (GET|POST|PUT|PATCH|DELETE)\b/g)].map((m) => m[1]!);
    return [{ name: at, page: false, methods }];
  });
}
