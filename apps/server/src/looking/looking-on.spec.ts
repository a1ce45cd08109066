import type { Question } from '../found/question';
import { OWN_SHOP } from '../whose/shop';
import { lookingOn } from './looking-on';

type Answering = Parameters<typeof lookingOn>[0];
const MADE: Question = { what: 'made', shop: OWN_SHOP };

function begun(ask: Answering['ask'] = () => Promise.resolve('{}')) {
  const written: string[] = [];
  const asked = new Uint32Array(new SharedArrayBuffer(Uint32Array.BYTES_PER_ELEMENT));
  const heard: Parameters<Answering['settling']['byAndBy']>[] = [];
  const settling = { byAndBy: (...said: Parameters<Answering['settling']['byAndBy']>) => void heard.push(said) };
  const look = lookingOn({ ask, settling: settling as never }, asked, (text) => void written.push(text));
  return { look, written, asked, heard };
}

describe('what looks things up in a thread', () => {
  it('answers a question, or says why there is no answer, with its code where it has one', async () => {
    const questions: Question[] = [];
    const { look } = begun((question) => {
      questions.push(question);
      return Promise.resolve('{"sums":[]}');
    });
    expect(await look(MADE)).toEqual({ text: '{"sums":[]}' });
    expect(questions).toEqual([MADE]);
    const failing = (problem: Error) => begun(() => Promise.reject(problem)).look(MADE);
    const gone = Object.assign(new Error('no such table'), { code: 'ER_NO_SUCH_TABLE' });
    expect(await failing(gone)).toEqual({ failed: { message: 'no such table', code: 'ER_NO_SUCH_TABLE' } });
    expect(await failing(new Error('odd'))).toEqual({ failed: { message: 'odd', code: undefined } });
  });

  it('settles from its beginning on, by what was asked of the server, and writes down what can’t be', () => {
    const { heard, asked, written } = begun();
    expect(heard).toHaveLength(1);
    const [told, count] = heard[0]!;
    expect(count?.()).toBe(0);
    Atomics.add(asked, 0, 3);
    expect(count?.()).toBe(3);
    told(new Error('locked'));
    expect(written).toEqual(['The record could not be settled: locked\n']);
  });
});
