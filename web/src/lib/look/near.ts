/** Something that can wait until it is nearly in sight, or is printed. */
import { flushSync } from 'svelte';
import type { Attachment } from 'svelte/attachments';

/** Says once that its element is within half a screen of what is seen. */
export const near =
  (then: () => void): Attachment =>
  (element) => {
    const end = () => {
      seen.disconnect();
      removeEventListener('beforeprint', print);
    };
    const arrive = () => {
      end();
      then();
    };
    const seen = new IntersectionObserver((all) => all.some((one) => one.isIntersecting) && arrive(), { rootMargin: '50%' });
    const print = () => flushSync(arrive);
    seen.observe(element);
    addEventListener('beforeprint', print);
    return end;
  };
