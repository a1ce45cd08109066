import { HttpErrorResponse } from '@angular/common/http';
import { TestBed } from '@angular/core/testing';
import { lastValueFrom, toArray } from 'rxjs';
import { FETCH, PrintApi } from './print-api';

const encoded = (text: string): Uint8Array => new TextEncoder().encode(text);

/** A server that answers with these pieces, one after the other. */
function answering(pieces: readonly Uint8Array[], { status = 200 } = {}) {
  const asked: RequestInit[] = [];
  let at = 0;
  const reader = {
    read: () => Promise.resolve(at < pieces.length ? { value: pieces[at++], done: false } : { done: true }),
  };
  const body = { getReader: () => reader };
  const json = () =>
    Promise.resolve(JSON.parse(pieces.map((each) => new TextDecoder().decode(each)).join('')) as object);
  const fetched = (_path: string, request: RequestInit) => {
    asked.push(request);
    return Promise.resolve({ ok: status === 200, status, body, json });
  };
  TestBed.configureTestingModule({ providers: [{ provide: FETCH, useValue: fetched }] });
  return { api: TestBed.inject(PrintApi), asked };
}

const file = encoded('%PDF-1.3\n\u0000\nrest');
const whole = [
  ...encoded('{"kind":"pages","pages":3}\n{"kind":"file","name":"a.pdf","type":"application/pdf"}\n'),
  ...file,
];

describe('a print that is followed', () => {
  it.each([1, 2, 7, 30, 1000])('is read whole, however it is cut: in pieces of %p bytes', async (long) => {
    const pieces = [];
    for (let at = 0; at < whole.length; at += long) pieces.push(Uint8Array.from(whole.slice(at, at + long)));
    const { api, asked } = answering(pieces);
    const events = await lastValueFrom(api.print('cut-list.pdf', { paper: 'a4' }).pipe(toArray()));
    expect(events).toMatchObject([
      { kind: 'pages', pages: 3 },
      { kind: 'file', name: 'a.pdf' },
    ]);
    const [, made] = events;
    if (made?.kind !== 'file') throw new Error('no file');
    expect([made.blob.size, made.blob.type]).toEqual([file.length, 'application/pdf']);
    expect(asked[0]?.body).toBe('{"paper":"a4"}');
  });

  const refusal = async (pieces: readonly Uint8Array[], options?: { status: number }): Promise<unknown> => {
    try {
      return await lastValueFrom(answering(pieces, options).api.print('labels.pdf', {}));
    } catch (problem) {
      return problem instanceof HttpErrorResponse ? [problem.status, problem.error] : problem;
    }
  };

  it('is refused as every other request is, on the way or at once', async () => {
    const problem = { status: 503, says: 'Too much.' };
    const told = encoded(`${JSON.stringify({ kind: 'refused', problem })}\n`);
    expect(await refusal([told])).toEqual([503, problem]);
    TestBed.resetTestingModule();
    expect(await refusal([encoded(JSON.stringify(problem))], { status: 413 })).toEqual([413, problem]);
  });

  it('that breaks off before its file came is not reached', async () => {
    expect(await refusal([encoded('{"kind":"pages","pages":3}\n')])).toEqual([0, null]);
  });

  it('is given up when nobody listens', () => {
    const { api, asked } = answering([]);
    api.print('labels.pdf', {}).subscribe().unsubscribe();
    expect(asked[0]?.signal?.aborted).toBe(true);
  });
});
