import { once } from 'node:events';
import { createServer, type AddressInfo, type Server } from 'node:net';
import { join } from 'node:path';
import express, { type Express } from 'express';
import type { Pool } from 'mysql2/promise';
import request from 'supertest';
import { migrate } from '../db/migrate';
import { ownDatabase } from '../own-server.spec-data';
import { mailBy } from './mail';
import { mailboxPage } from './mailbox-page';
import { Mailbox } from './mailbox-repository';

describe('mail while there is no mail server', () => {
  let pool: Pool;
  let mailbox: Mailbox;
  let app: Express;
  beforeAll(async () => {
    pool = await ownDatabase('zabble_mail');
    await migrate(pool, join(__dirname, '../../migrations'));
    mailbox = new Mailbox(pool);
    app = express().use(mailboxPage(mailbox));
  });
  afterAll(() => pool.end());

  const page = async (): Promise<string> => (await request(app).get('/mailbox').expect(200)).text;

  it('is looked at on this machine, the newest first, its links to be followed and nothing else alive', async () => {
    const empty = await page();
    for (const part of [
      '<title>Mailbox for trials · Zabble</title>',
      '<h1>Mailbox for trials</h1>',
      '<p>This Zabble has no mail server',
    ])
      expect(empty).toContain(part);
    expect(empty).toContain('<p>Nothing was sent yet.</p>');
    await mailbox.send({ to: 'ada@loft.example', subject: 'First', text: 'Hello' });
    const text = 'Come in by https://loft.example/in?a=1&b=2 <script>alert("x")</script>';
    await mailbox.send({ to: 'ben@loft.example', subject: '<b>Second</b>', text });
    const shown = await page();
    expect(shown.indexOf('Second')).toBeLessThan(shown.indexOf('First'));
    expect(shown).toContain('<h2>&#60;b&#62;Second&#60;/b&#62;</h2><small>ben@loft.example · ');
    expect(shown).toMatch(/<small>ada@loft\.example · \d{4}-\d\d-\d\d \d\d:\d\d<\/small><pre>Hello<\/pre>/);
    const address = 'https://loft.example/in?a=1&#38;b=2';
    expect(shown).toContain(`Come in by <a href="${address}">${address}</a> &#60;script&#62;`);
    expect(shown).not.toContain('<script>');
    expect(shown).not.toContain('Nothing was sent yet.');
    // Where no certificate is, a link is one too; what is none stays text.
    await mailbox.send({ to: 'ben@loft.example', subject: 'Third', text: 'At http://loft:4870/in or ftp://loft/in' });
    expect(await page()).toContain('At <a href="http://loft:4870/in">http://loft:4870/in</a> or ftp://loft/in</pre>');
  });

  it('allows its page nothing but its own style, and is no page from elsewhere', async () => {
    const { headers } = await request(app).get('/mailbox').expect(200);
    expect(headers['content-security-policy']).toMatch(
      /^default-src 'none'; style-src 'sha256-[^']+'; form-action 'none'; frame-ancestors 'none'$/,
    );
    expect(headers['cache-control']).toBe('no-store');
    await request(app).get('/mailbox').set('x-forwarded-for', '10.0.0.7').expect(404);
    await request(app).get('/mailbox').set('host', 'loft.example').expect(404);
  });

  it('keeps the last fifty', async () => {
    for (let n = 1; n <= 51; n += 1) await mailbox.send({ to: 'ada@loft.example', subject: `no ${n}`, text: '' });
    const letters = await mailbox.letters();
    expect([letters.length, letters[0]?.subject, letters[49]?.subject]).toEqual([50, 'no 51', 'no 2']);
    const [rows] = await pool.query('SELECT id FROM mailbox');
    expect(rows).toHaveLength(50);
    expect(mailbox.real).toBe(false);
  });
});

describe('mail by a mail server', () => {
  const heard: string[] = [];
  let refuses = false;
  /** As much of RFC 5321 as one letter takes; from memory. */
  const server: Server = createServer((socket) => {
    let inLetter = false;
    socket.write('220 loft\r\n');
    socket.on('data', (data) => {
      for (const line of data.toString().split('\r\n')) {
        heard.push(line);
        const verb = line.split(/[ :]/)[0]?.toUpperCase() ?? '';
        if (inLetter && line === '.') [inLetter] = [false, socket.write('250 kept\r\n')];
        else if (inLetter || line === '') continue;
        else if (verb === 'DATA') [inLetter] = [true, socket.write('354 go on\r\n')];
        else if (verb === 'RCPT' && refuses) socket.write('550 nobody here\r\n');
        else socket.write(verb === 'QUIT' ? '221 bye\r\n' : '250 well\r\n');
      }
    });
    socket.on('error', () => undefined);
  });
  beforeAll(() => once(server.listen(0, '127.0.0.1'), 'listening'));
  afterAll(() => {
    server.close();
  });

  it('goes to whom it is for, from whom it is said to be; what is refused is an error', async () => {
    const { port } = server.address() as AddressInfo;
    const mail = mailBy(`smtp://127.0.0.1:${port}?ignoreTLS=true`, 'Loft <loft@loft.example>');
    expect(mail.real).toBe(true);
    await mail.send({ to: 'ada@loft.example', subject: 'The link', text: 'https://loft.example/in' });
    expect(heard).toEqual(
      expect.arrayContaining([
        'MAIL FROM:<loft@loft.example>',
        'RCPT TO:<ada@loft.example>',
        'From: Loft <loft@loft.example>',
        'Subject: The link',
        'https://loft.example/in',
      ]),
    );
    refuses = true;
    await expect(mail.send({ to: 'x@loft.example', subject: 'y', text: 'z' })).rejects.toThrow('nobody here');
  });
});
