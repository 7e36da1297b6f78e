/**
 * A small mail server as a stand-in for the world's: it takes every mail that is handed to it, on this machine alone, and keeps it as a file in the
 * `mail` folder outside. As mail stores do, it keeps a message that comes twice once. An address at `nowhere.example` is not known to it.
 */
import { createHash } from 'node:crypto';
import { mkdir, readFile, readdir, rename, stat, writeFile } from 'node:fs/promises';
import { join } from 'node:path';
import { simpleParser } from 'mailparser';
import { SMTPServer } from 'smtp-server';

export const mailFolder = (): string => join(process.env.AGGREGA_OUTSIDE || join(process.cwd(), '.data', 'outside'), 'mail');

let server: { close: () => void; port: number } | undefined;

/** Starts the stand-in if it is not running; resolves to its port on this machine. */
export async function standInPort(): Promise<number> {
  if (server) return server.port;
  const smtp = new SMTPServer({
    disabledCommands: ['AUTH', 'STARTTLS'],
    size: 30_000_000,
    logger: false,
    onRcptTo: ({ address }, _, done) =>
      /@nowhere\.example$/.test(address)
        ? done(Object.assign(new Error(`${address} is not known here`), { responseCode: 550 }))
        : done(),
    onData: (stream, _, done) => {
      const parts: Buffer[] = [];
      stream.on('data', (part: Buffer) => parts.push(part));
      stream.on('end', () => void keep(Buffer.concat(parts)).then(() => done(), done));
    },
  });
  smtp.on('error', () => {});
  const port = await new Promise<number>((resolve, reject) => {
    const listening = smtp.listen(0, '127.0.0.1', () => resolve((listening.address() as { port: number }).port));
    listening.once('error', reject);
  });
  server = { port, close: () => void smtp.close(() => {}) };
  return port;
}

/** Ends the stand-in, with the process. */
export function closeStandIn(): void {
  server?.close();
  server = undefined;
}

/** Keeps a message under a name of its own; whole files only: written beside, then moved there. */
async function keep(message: Buffer): Promise<void> {
  const id = /^message-id:\s*<?([^>\r\n]+)/im.exec(message.subarray(0, 8000).toString('latin1'))?.[1];
  const name = `${createHash('sha256')
    .update(id ?? message)
    .digest('hex')
    .slice(0, 32)}.eml`;
  const folder = mailFolder();
  await mkdir(folder, { recursive: true });
  if (await stat(join(folder, name)).catch(() => undefined)) return;
  const beside = join(folder, `.${name}.${process.pid}.${Math.floor(performance.now() * 1000)}`);
  await writeFile(beside, message);
  await rename(beside, join(folder, name));
}

export interface Arrived {
  id: string;
  to: string;
  subject: string;
  date: Date;
  text: string;
  /** The picture that stands in it, as an address of its own; undefined where there is none. */
  picture?: string;
  attached: { name: string; size: number }[];
}

/** What has arrived, newest first, at most so many. */
export async function arrivedMails(most: number): Promise<Arrived[]> {
  const folder = mailFolder();
  const names = (await readdir(folder).catch(() => [])).filter((name) => name.endsWith('.eml'));
  const dated = await Promise.all(names.map(async (name) => ({ name, at: (await stat(join(folder, name))).mtimeMs })));
  const newest = dated.sort((a, b) => b.at - a.at).slice(0, most);
  return Promise.all(newest.map(async ({ name }) => (await arrivedMail(name.replace(/\.eml$/, '')))!));
}

/** One mail that has arrived, or undefined. */
export async function arrivedMail(id: string): Promise<Arrived | undefined> {
  const file = await arrivedFile(id);
  if (!file) return undefined;
  const mail = await simpleParser(file);
  const inside = mail.attachments.find((a) => a.related && a.contentType === 'image/png');
  const to = [mail.to ?? []].flat().map((t) => t.text);
  return {
    id,
    to: to.join(', '),
    subject: mail.subject ?? '',
    date: mail.date ?? new Date(0),
    text: mail.text ?? '',
    ...(inside && { picture: `data:${inside.contentType};base64,${inside.content.toString('base64')}` }),
    attached: mail.attachments.filter((a) => !a.related).map((a) => ({ name: a.filename ?? 'attachment', size: a.size })),
  };
}

/** A mail as it arrived, byte by byte, or undefined. */
export const arrivedFile = async (id: string): Promise<Buffer | undefined> =>
  /^[0-9a-f]{32}$/.test(id) ? readFile(join(mailFolder(), `${id}.eml`)).catch(() => undefined) : undefined;
