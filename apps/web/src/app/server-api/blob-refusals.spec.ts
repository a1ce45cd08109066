import { HttpErrorResponse } from '@angular/common/http';
import { firstValueFrom, of, throwError } from 'rxjs';
import { refusalsOfBlobs } from './blob-refusals';

const told = (problem: unknown): Promise<unknown> =>
  firstValueFrom(throwError(() => problem).pipe(refusalsOfBlobs())).then(
    () => 'nothing',
    (each: unknown) => each,
  );
const blob = (text: string): Blob => Object.assign(new Blob([text]), { text: () => Promise.resolve(text) });

describe('a refusal where a file was asked for', () => {
  it('is read', async () => {
    const problem = new HttpErrorResponse({ status: 413, statusText: 'x', error: blob('{"says":"Too large."}') });
    expect(await told(problem)).toMatchObject({ status: 413, statusText: 'x', error: { says: 'Too large.' } });
  });

  it('stays what it is where it can’t be, or is none', async () => {
    const unread = new HttpErrorResponse({ status: 502, error: blob('<html>') });
    const plain = new HttpErrorResponse({ status: 404, error: { says: 'None.' } });
    const other = new Error('x');
    expect(await Promise.all([unread, plain, other].map(told))).toEqual([unread, plain, other]);
  });

  it('is none where the file came', async () => {
    expect(await firstValueFrom(of('file').pipe(refusalsOfBlobs()))).toBe('file');
  });
});
