import { said, type Said } from '@zabble/core';
import { inWords } from '../http/refusal';
import type { Mail } from '../mail/mail';

/** Writes the letters people get, with links to where they call this server. */
export class MailWriter {
  constructor(
    private readonly mail: Mail,
    private readonly address: string,
    readonly failed: (problem: unknown) => void,
  ) {}

  /** Whether what is written gets to whom it is for. */
  get real(): boolean {
    return this.mail.real;
  }

  /** The secret stands behind a #: it is neither sent to a server as an address nor told to another page. */
  invitationLink(token: string): string {
    return `${this.address}/join#${token}`;
  }

  invited(to: string, token: string, of: { readonly by: string; readonly shop: string }): Promise<void> {
    const what = { ...of, link: this.invitationLink(token) };
    return this.send(to, said('letter/invited-subject', of), said('letter/invited', what));
  }

  forgotten(to: string, token: string): Promise<void> {
    const link = `${this.address}/new-password#${token}`;
    return this.send(to, said('letter/forgotten-subject'), said('letter/forgotten', { link }));
  }

  /** A letter that can’t be sent is told to whoever operates the server: nothing else depends on it. */
  private async send(to: string, subject: Said, text: Said): Promise<void> {
    try {
      await this.mail.send({ to, subject: inWords(subject), text: inWords(text) });
    } catch (problem) {
      this.failed(problem);
    }
  }
}
