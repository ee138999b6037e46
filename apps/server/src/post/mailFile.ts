import MailComposer from 'nodemailer/lib/mail-composer/index.js';

/** A mail before it is a file: addresses, words and a paper. */
export interface Mail {
  /** Names the mail for good: an answer refers to it. */
  id: string;
  from: { name: string; address: string };
  to: string;
  subject: string;
  text: string;
  at: Date;
  attached: { name: string; pdf: Buffer } | null;
}

/** A mail as it leaves: an .eml file with its paper inside. Headers are folded and escaped by the library. */
export function mailFile({ id, from, to, subject, text, at, attached }: Mail): Promise<Buffer> {
  const domain = from.address.split('@')[1]!;
  return new MailComposer({
    from,
    to,
    subject,
    text,
    date: at,
    messageId: `<${id}@${domain}>`,
    // Nothing that is named in a mail is fetched from anywhere.
    disableFileAccess: true,
    disableUrlAccess: true,
    ...(attached
      ? { attachments: [{ filename: attached.name, content: attached.pdf, contentType: 'application/pdf' }] }
      : {}),
  })
    .compile()
    .build();
}
