import 'reflect-metadata';
import { plainToInstance, type ClassConstructor } from 'class-transformer';
import { validateSync } from 'class-validator';
import { JobListQuery, NewJob, ReplaceJob } from './jobs';
import { ROUTES } from './routes';

function refused<T extends object>(type: ClassConstructor<T>, input: object): string[] {
  const instance = plainToInstance(type, input, { exposeDefaultValues: true });
  return validateSync(instance, { whitelist: true, forbidNonWhitelisted: true }).map(({ property }) => property);
}

describe('what crosses the wire', () => {
  it('reads a list’s query from text, with defaults', () => {
    expect(plainToInstance(JobListQuery, {}, { exposeDefaultValues: true })).toEqual({
      search: '',
      size: 12,
      deleted: false,
    });
    expect(
      plainToInstance(JobListQuery, { after: '2026-11-20T09:00:00.000Z~1', size: '20', deleted: 'true', search: 'a' }),
    ).toEqual({
      search: 'a',
      after: '2026-11-20T09:00:00.000Z~1',
      size: 20,
      deleted: true,
    });
  });

  it.each<[ClassConstructor<object>, object, string]>([
    [JobListQuery, { after: '0' }, 'after'],
    [JobListQuery, { size: 'x' }, 'size'],
    [JobListQuery, { size: '51' }, 'size'],
    [JobListQuery, { deleted: 'maybe' }, 'deleted'],
    [JobListQuery, { search: ['a'] }, 'search'],
    [JobListQuery, { sort: 'name' }, 'sort'],
    [NewJob, { document: 'text' }, 'document'],
    [NewJob, { document: {}, id: 'x' }, 'id'],
    [ReplaceJob, { document: {} }, 'revision'],
    [ReplaceJob, { document: {}, revision: 0 }, 'revision'],
    [ReplaceJob, { document: {}, revision: 1.5 }, 'revision'],
  ])('%p refuses %j', (type, input, property) => {
    expect(refused(type, input)).toContain(property);
  });

  it('builds paths that can’t be broken out of', () => {
    expect(ROUTES.job('a/../b')).toBe('/api/jobs/a%2F..%2Fb');
  });
});
