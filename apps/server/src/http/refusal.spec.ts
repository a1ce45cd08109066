import { said } from '@zabble/core';
import { inWords, problemOf, refuse, Refusal, unreadable } from './refusal';

const wrong = { path: 'cases[0].name', said: said('field-missing') };
const other = { path: 'unit', said: said('field-missing') };

describe('a refusal', () => {
  it('is a status with what it is about, in words as well', () => {
    const refused = refuse(503, said('too-busy'));
    expect(refused).toBeInstanceOf(Refusal);
    expect(refused.problem).toEqual({ status: 503, said: said('too-busy'), says: inWords(said('too-busy')) });
    expect(refused.message).toBe(inWords(said('too-busy')));
    expect(inWords(said('too-busy')).length).toBeGreaterThan(10);
  });

  it('of what can’t be read says the first that is wrong, and has all of them, each in words', () => {
    const { problem } = unreadable('job', [wrong, other], 'kept');
    expect(problem).toMatchObject({
      status: 422,
      said: { code: 'unreadable', params: { what: 'job', first: { path: wrong.path, why: wrong.said }, done: 'kept' } },
      errors: [wrong, other].map((each) => ({ ...each, says: inWords(each.said) })),
    });
    expect(problem.says).toContain('cases[0].name');
    expect(unreadable('job', [wrong]).problem.said).toMatchObject({ params: { done: 'changed' } });
    expect(unreadable('log', []).problem.said).toMatchObject({ params: { what: 'log', first: undefined } });
  });

  it('has no list of what is wrong where there is none', () => {
    expect('errors' in problemOf(404, said('too-busy'))).toBe(false);
  });
});
