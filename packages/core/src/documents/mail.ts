/** What the firm writes to somebody by e-mail. */
export const MAIL_KINDS = ['quote', 'reminder', 'visit-letter', 'care-sheet', 'invitation'] as const;
export type MailKind = (typeof MAIL_KINDS)[number];

/** Where a mail stands: it waits to go, is on its way, went out, or could not. */
export const MAIL_STATES = ['waiting', 'going', 'out', 'failed'] as const;
export type MailState = (typeof MAIL_STATES)[number];

/** How each kind is called on a page. */
export const MAIL_LABELS: Record<MailKind, string> = {
  quote: 'Quote',
  reminder: 'Reminder of a quote',
  'visit-letter': 'Letter about visits',
  'care-sheet': 'Looking after it',
  invitation: 'Invitation',
};

/** Subject and text of a mail; lines are broken where a paragraph ends. */
export interface MailWords {
  subject: string;
  text: string;
}

/** Who writes to whom about which job: the name that the client has on papers, empty where none is known. */
export interface MailHead {
  firm: string;
  client: string;
  job: string;
  /** Who signs. */
  from: string;
}

const greeting = ({ client }: Pick<MailHead, 'client'>) => (client ? `Dear ${client},` : 'Good day,');
const signed = ({ from, firm }: Pick<MailHead, 'from' | 'firm'>) => `${from}\n${firm}`;
const letter = (head: Omit<MailHead, 'job'>, paragraphs: readonly string[]) =>
  [greeting(head), ...paragraphs.filter(Boolean), signed(head)].join('\n\n');

/** What a mail about a quote has to say. Sums as they are printed, days in words. */
export interface QuoteMail extends MailHead {
  marked: string;
  total: string;
  heldUntil: string;
  link: string;
  /** What the sender adds. */
  note: string;
}

/** The quote itself: the paper is attached, the link is where it is agreed to. */
export const quoteMail = (said: QuoteMail): MailWords => ({
  subject: `${said.marked}: ${said.job}`,
  text: letter(said, [
    `Here is our quote for ${said.job}: ${said.total} in all, held until ${said.heldUntil}.`,
    said.note,
    `You can read it, ask about a line, agree to it or say no here:\n${said.link}`,
    'The link is yours alone; please do not pass it on. The same quote is attached as a PDF.',
  ]),
});

/** A quote that nobody has answered yet. */
export const reminderMail = (said: QuoteMail): MailWords => ({
  subject: `A reminder of ${said.marked}: ${said.job}`,
  text: letter(said, [
    `We sent you a quote for ${said.job} and have not heard from you yet. It comes to ${said.total}, and the price is held until ${said.heldUntil}.`,
    said.note,
    `You can read it, ask about a line, agree to it or say no here:\n${said.link}`,
    'If it no longer suits, a word is enough; then we do not write again.',
  ]),
});

/** A letter about visits: the letter itself is attached. */
export const visitMail = (head: MailHead, title: string): MailWords => ({
  subject: `${title}: ${head.job}`,
  text: letter(head, [`${title}. The attached letter says when, what for and for how long.`]),
});

/** How to look after what is finished: the sheet is attached. */
export const careMail = (head: MailHead): MailWords => ({
  subject: `Looking after it: ${head.job}`,
  text: letter(head, [
    `The attached sheet says from when ${head.job} may be used and washed, how to look after it, and when we look at it again.`,
  ]),
});

/** Somebody is asked into the firm. */
export const invitationMail = (said: {
  firm: string;
  name: string;
  from: string;
  link: string;
  until: string;
}): MailWords => ({
  subject: `${said.from} asks you into ${said.firm}`,
  text: letter({ firm: said.firm, client: said.name, from: said.from }, [
    `${said.firm} keeps its jobs, tests and plans in Rustic Ledger. Open this link to choose a password and come in:\n${said.link}`,
    `It opens once, and runs out on ${said.until}. If you did not expect it, do nothing.`,
  ]),
});

/** Somebody lost their password: the way back in. */
export const recoveryMail = (said: { firm: string; name: string; link: string; minutes: number }): MailWords => ({
  subject: `A new password for ${said.firm}`,
  text: letter({ firm: said.firm, client: said.name, from: 'Rustic Ledger' }, [
    `A new password was asked for, for your account at ${said.firm}. Open this link to choose one:\n${said.link}`,
    `It opens once, and within ${said.minutes} minutes. If you did not ask for it, do nothing: your password stays as it is.`,
  ]),
});
