/** Somebody at a running application, as a browser without a screen: keeps its cookies, says where its requests come from. */
export class Visitor {
  #cookies = new Map<string, string>();

  constructor(readonly address: string) {}

  get cookie(): string {
    return [...this.#cookies].map(([name, value]) => `${name}=${value}`).join('; ');
  }

  set cookie(text: string) {
    this.#cookies = new Map(text.split('; ').map((one) => one.split('=') as [string, string]));
  }

  async ask(path: string, init: RequestInit & { headers?: Record<string, string> } = {}): Promise<Response> {
    const answer = await fetch(this.address + path, {
      redirect: 'manual',
      ...init,
      headers: { origin: this.address, ...(this.cookie && { cookie: this.cookie }), ...init.headers },
    });
    for (const set of answer.headers.getSetCookie()) {
      const [name, value] = set.split(';')[0]!.split('=') as [string, string];
      if (value) this.#cookies.set(name, value);
      else this.#cookies.delete(name);
    }
    return answer;
  }

  /** Sends a form, as its page would. */
  send(path: string, fields: Record<string, string>): Promise<Response> {
    return this.ask(path, { method: 'POST', body: new URLSearchParams(fields), headers: { 'x-sveltekit-action': 'true' } });
  }
}

/** Founds a shop with an owner and somebody of every other role; each is signed in. */
export async function founded(
  address: string,
  house: string,
): Promise<Record<'owner' | 'organiser' | 'cutting-room' | 'viewer', Visitor>> {
  const password = 'forty kits before Friday';
  const owner = new Visitor(address);
  const plain = house.toLowerCase().replaceAll(' ', '-');
  await owner.send('/begin', { house, name: 'Ann Vale', email: `owner@${plain}.example`, password });
  const others = await Promise.all(
    (['organiser', 'cutting-room', 'viewer'] as const).map(async (role) => {
      const invited = await owner.send('/house?/invite', { email: `${role}@${plain}.example`, role });
      const link = /invitation\/[\w-]{43}/.exec(await invited.text())?.[0];
      if (!link) throw new Error(`no invitation for ${role}`);
      const visitor = new Visitor(address);
      await visitor.send(`/${link}`, { name: role, password });
      if (!visitor.cookie) throw new Error(`${role} is not signed in`);
      return [role, visitor] as const;
    }),
  );
  return { owner, ...(Object.fromEntries(others) as Record<(typeof others)[number][0], Visitor>) };
}
