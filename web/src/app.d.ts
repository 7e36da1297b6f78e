import type { Language } from '@aggrega/core/words';
import type { Role } from '$lib/server/auth/roles';
import type { SignedIn } from '$lib/server/auth/sessions';

declare global {
  namespace App {
    interface Error {
      message: string;
    }
    interface PageData {
      /** In which dates and numbers are written: the tag of `language`. */
      locale: string;
      language: Language;
      who?: { name: string; email: string; demo: boolean; house?: string; role?: Role };
    }
    interface Locals {
      /** The tag of the language that is spoken to who asks. */
      language: string;
      /** The organisation that the request acts for; '' for none. */
      organisation: string;
      /** Who is signed in; `demo` for the demonstration's owner, who need not be. */
      who?: SignedIn & { demo?: true };
      /** At a participant's page: the cookie of the device, and whether the page was opened on it before. */
      pageDevice?: { key: string; known: boolean };
    }
  }
}
