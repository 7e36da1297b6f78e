/** Sends the mails whose turn it is: to the server that AGGREGA_SMTP names, or to the stand-in. */
import { organisationLanguage } from '../db/organisations';
import { languageFor, spokenIn } from '../web/languages';
import { PAGE } from '@aggrega/core/running';
import { createTransport, type Transporter } from 'nodemailer';
import { now } from '../clock';
import { noteHeld } from '../db/held';
import { claimMails, markFailed, markSent, type ClaimedMail } from '../db/mails';
import { somePeople } from '../db/participants';
import { asOrganisation } from '../db/pool';
import { noteLetter } from '../web/metrics';
import { linkKey } from '../participant-page/private-link';
import { letterHtml } from './letter-html';
import { personSheet, type PersonSheet } from './person-sheet';
import { standInPort } from './stand-in';

/** Minutes to the next try after the first, the second, …; after the last one it is given up. */
const AGAIN = [1, 5, 30, 120, 720];
/** Minutes after which a sender that says nothing must have died. */
const DEAD = 10;
const MOST = 25;
/** What a letter calls its picture. */
const PICTURE = 'picture@aggrega';

let transport: Promise<Transporter> | undefined;
const transporter = (): Promise<Transporter> => (transport ??= connect());

async function connect(): Promise<Transporter> {
  const smtp = process.env.AGGREGA_SMTP;
  if (smtp)
    return createTransport(smtp, { connectionTimeout: 10_000, greetingTimeout: 10_000, socketTimeout: 30_000 } as never);
  return createTransport({ host: '127.0.0.1', port: await standInPort(), ignoreTLS: true, pool: true, maxConnections: 2 });
}

/** Forgets the connection, at the end of the process. */
export async function closePost(): Promise<void> {
  const open = await transport?.catch(() => undefined);
  transport = undefined;
  open?.close();
}

/** Sends one letter at once, about somebody's account; throws where the mail server does not take it. */
export async function sendLetter(letter: { to: string; subject: string; text: string }): Promise<void> {
  await (await transporter()).sendMail({ from: from(), date: now(), html: letterHtml(letter.text), ...letter });
}

const from = () => process.env.AGGREGA_MAIL_FROM || 'Aggrega <programme@localhost>';

/** Where this installation is found, as letters name it. */
export const origin = (): string => process.env.ORIGIN ?? 'http://127.0.0.1';

/** The address of a participant's page, as letters name it. */
export const pageAddress = (key: string): string => `${origin()}/p/${key}`;

/** Sends what is due of an organisation, some mails at a time; how many were taken in hand. */
export async function sendDue(organisation: string): Promise<number> {
  const at = now();
  const mails = await asOrganisation(organisation, (db) => claimMails(db, at, later(at, DEAD), MOST));
  const sheets = new Map<string, Promise<PersonSheet | undefined>>();
  for (const mail of mails) await sendOne(organisation, mail, sheets);
  return mails.length;
}

/** The language that whoever it is for reads. */
const languageOfReader = (organisation: string, { slug, participant }: ClaimedMail): Promise<string> =>
  asOrganisation(organisation, async (db) => {
    const [person] = participant ? await somePeople(db, slug, [participant]) : [];
    return languageFor(person?.sheet ?? '', await organisationLanguage(db));
  });

const later = (at: Date, minutes: number) => new Date(at.getTime() + minutes * 60_000);

/** A mail keeps its Message-ID over all tries, so that one that arrived although nobody said so is not shown twice. */
async function sendOne(
  organisation: string,
  mail: ClaimedMail,
  sheets: Map<string, Promise<PersonSheet | undefined>>,
): Promise<void> {
  const { slug, participant, month, version } = mail;
  try {
    const sheet = mail.withSheet && participant ? await sheetFor(organisation, mail, sheets) : undefined;
    const key =
      participant && mail.link ? linkKey({ organisation, programme: mail.programme, participant, link: mail.link }) : '';
    const text = mail.body.replaceAll(PAGE, key ? pageAddress(key) : '');
    const picture = sheet?.picture && { cid: PICTURE, label: sheet.picture.label };
    await (
      await transporter()
    ).sendMail({
      from: from(),
      to: mail.recipient,
      subject: mail.subject,
      text,
      html: spokenIn(await languageOfReader(organisation, mail), () => letterHtml(text, picture)),
      messageId: `<${mail.id}@aggrega>`,
      date: now(),
      attachments: sheet ? attached(sheet) : [],
    });
  } catch (error) {
    const { responseCode, message } = error as { responseCode?: number; message: string };
    // What the other side refuses for good is not tried again.
    const wait = responseCode && responseCode >= 500 ? undefined : AGAIN[mail.tries - 1];
    await asOrganisation(organisation, (db) =>
      markFailed(db, mail.id, message, wait === undefined ? null : later(now(), wait)),
    );
    noteLetter('failed');
    return;
  }
  noteLetter('sent');
  await asOrganisation(organisation, async (db) => {
    await markSent(db, mail.id, now());
    if (participant && month && version !== null && mail.withSheet)
      await noteHeld(db, slug, { people: [participant], month, version, way: 'mail', at: now() });
  });
}

/** Her own sheet; the same for all who make the same. */
async function sheetFor(
  organisation: string,
  mail: ClaimedMail,
  sheets: Map<string, Promise<PersonSheet | undefined>>,
): Promise<PersonSheet | undefined> {
  const { slug, month, version } = mail;
  const [person] = await asOrganisation(organisation, (db) => somePeople(db, slug, [mail.participant!]));
  if (!person || !month || version === null) return undefined;
  const alike = [slug, month, version, person.colourway, person.size, person.kit, person.sheet].join('\n');
  const making = sheets.get(alike) ?? personSheet(organisation, { slug, month, version, person });
  sheets.set(alike, making);
  return making;
}

/** The sheet as PDF and as plain text, and the picture that stands in the letter itself. */
const attached = ({ name, pdf, text, picture }: PersonSheet) => [
  { filename: `${name}.pdf`, content: Buffer.from(pdf), contentType: 'application/pdf' },
  { filename: `${name}.txt`, content: text, contentType: 'text/plain; charset=utf-8' },
  ...(picture
    ? [
        {
          filename: 'block.png',
          content: picture.png,
          contentType: 'image/png',
          cid: PICTURE,
          contentDisposition: 'inline' as const,
        },
      ]
    : []),
];
