import { LRUCache } from 'lru-cache';
import type { LayoutServerLoad } from './$types';

/** The language that the browser asks for, so that server and page write dates alike; and who is signed in. */
export const load: LayoutServerLoad = ({ request, locals }) => {
  const { who } = locals;
  return {
    locale: localeOf(request.headers.get('accept-language') ?? ''),
    who: who && {
      ...{ name: who.name, email: who.email, demo: who.demo ?? false },
      ...{ house: who.organisation?.name, role: who.organisation?.role },
    },
  };
};

/** What browsers have asked for; there are not many languages. */
const known = new LRUCache<string, string>({ max: 200 });

function localeOf(header: string): string {
  const [asked = 'en-GB'] = header.split(/[,;]/);
  const found = known.get(asked) ?? canonical(asked);
  known.set(asked, found);
  return found;
}

function canonical(asked: string): string {
  try {
    return Intl.getCanonicalLocales(asked)[0] ?? 'en-GB';
  } catch {
    return 'en-GB';
  }
}
