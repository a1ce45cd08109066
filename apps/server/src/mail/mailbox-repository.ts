import type { Pool, RowDataPacket } from 'mysql2/promise';
import type { Letter, Mail } from './mail';

export interface KeptLetter extends Letter {
  readonly at: Date;
}

/** So many are shown, and kept. */
const KEPT = 50;

/** The table mailbox: stands in for a mail server, and ships with it. What is sent is looked at on this machine alone. */
export class Mailbox implements Mail {
  readonly real = false;

  constructor(private readonly pool: Pool) {}

  async send({ to, subject, text }: Letter): Promise<void> {
    await this.pool.execute(
      'INSERT INTO mailbox (sent_to, subject, body, sent_at) VALUES (?, ?, ?, UTC_TIMESTAMP(3))',
      [to, subject, text],
    );
    await this.pool.query(
      `DELETE FROM mailbox WHERE id < (SELECT id FROM (SELECT id FROM mailbox ORDER BY id DESC LIMIT 1 OFFSET ${KEPT - 1}) AS oldest)`,
    );
  }

  /** The newest first. */
  async letters(): Promise<readonly KeptLetter[]> {
    const [rows] = await this.pool.query<RowDataPacket[]>(
      `SELECT sent_to, subject, body, sent_at FROM mailbox ORDER BY id DESC LIMIT ${KEPT}`,
    );
    return rows.map((row) => ({
      to: String(row['sent_to']),
      subject: String(row['subject']),
      text: String(row['body']),
      at: row['sent_at'] as Date,
    }));
  }
}
