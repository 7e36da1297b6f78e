/** Fields of a form that a page sends. */

/** The text of each named field; '' where it is missing or is a file. Longer than `most` letters it is cut, which its check then refuses. */
export async function fieldsOf<K extends string>(
  request: Request,
  names: readonly K[],
  most = 2000,
): Promise<Record<K, string>> {
  const form = await request.formData().catch(() => new FormData());
  return Object.fromEntries(
    names.map((name) => {
      const value = form.get(name);
      return [name, typeof value === 'string' ? value.slice(0, most).replaceAll('\0', '') : ''];
    }),
  ) as Record<K, string>;
}

/** An address of this application to go on to; '/' for anything else. */
export function onwards(to: string | null): string {
  return to && /^\/(?![/\\])[^\\\s]*$/.test(to) ? to : '/';
}
