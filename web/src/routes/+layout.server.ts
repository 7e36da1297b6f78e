import type { LayoutServerLoad } from './$types';

/** The language that the browser asks for, so that server and page write dates alike. */
export const load: LayoutServerLoad = ({ request }) => {
  const [asked = 'en-GB'] = (request.headers.get('accept-language') ?? '').split(/[,;]/);
  try {
    return { locale: Intl.getCanonicalLocales(asked)[0] ?? 'en-GB' };
  } catch {
    return { locale: 'en-GB' };
  }
};
