import { spokenTo } from '$lib/server/web/languages';
import type { LayoutServerLoad } from './$types';

/** The language that is spoken here, in which dates are written too; and who is signed in. */
export const load: LayoutServerLoad = ({ locals }) => {
  const { who } = locals;
  return {
    ...spokenTo(locals.language),
    who: who && {
      ...{ name: who.name, email: who.email, demo: who.demo ?? false },
      ...{ house: who.organisation?.name, role: who.organisation?.role },
    },
  };
};
