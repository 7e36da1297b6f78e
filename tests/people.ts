/** What the journeys with people share: a roster for a programme of one's own, and private pages. */
import type { APIRequestContext, Page } from '@playwright/test';
import { expect } from './bench-of-their-own';

export interface Person {
  id: string;
  name: string;
}

const blank = {
  phone: '',
  address: '',
  size: '',
  kit: '',
  handing: 'pickup',
  state: 'in',
  joined: '2027-01-02',
  left: '',
  paidTo: '',
  notes: '',
  sheet: '',
};

/** Puts people on the roster; each is a name and whatever is not as usual. */
export async function enrol(
  request: APIRequestContext,
  slug: string,
  people: Record<string, Record<string, string>>,
): Promise<Person[]> {
  const changes = Object.entries(people).map(([name, more]) => {
    const email = `${name.toLowerCase().replace(/\W+/g, '.')}.${slug.slice(-6)}@example.org`;
    return { id: crypto.randomUUID() as string, to: { ...blank, name, email, colourway: 'frost', ...more } };
  });
  const answer = await request.post(`/api/programmes/${slug}/roster`, { data: { changes } });
  expect(answer.status()).toBe(200);
  return changes.map(({ id, to }) => ({ id, name: to.name }));
}

/** The address of a person's own page. */
export async function pageOf(request: APIRequestContext, slug: string, person: Person): Promise<string> {
  const { link } = await (await request.get(`/api/programmes/${slug}/roster/${person.id}/link`)).json();
  return new URL(link).pathname;
}

/** Proofs a month and lets it out now, at its station. */
export async function letOut(page: Page): Promise<void> {
  await expect(page.getByText('Check it before anyone cuts')).toBeVisible();
  for (const box of await page.locator('[data-point] input').all()) await box.check();
  await page.getByRole('button', { name: 'Mark as proofed and lock' }).click();
  await expect(page.getByText(/was proofed and locked/)).toBeVisible();
  await page.getByRole('button', { name: 'Release now…' }).click();
  await page.getByRole('button', { name: 'Release now. This can’t be undone.' }).click();
  await expect(page.getByText(/Released on/)).toBeVisible();
}

/** Sets kits of a packet, by the server's own door. */
export async function setKits(
  request: APIRequestContext,
  slug: string,
  month: string,
  people: Person[],
  state: string,
): Promise<void> {
  const data = { deed: 'set', month, state, people: people.map((p) => p.id) };
  expect((await request.post(`/api/programmes/${slug}/kits`, { data })).status()).toBe(200);
}
