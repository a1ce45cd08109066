import 'reflect-metadata';
import { plainToInstance, type ClassConstructor } from 'class-transformer';
import { validateSync } from 'class-validator';
import { JobId, JobListQuery, NewJob, ReplaceJob } from './jobs';
import { ROUTES } from './routes';

function refused<T extends object>(type: ClassConstructor<T>, input: object): string[] {
  const instance = plainToInstance(type, input, { exposeDefaultValues: true });
  return validateSync(instance, { whitelist: true, forbidNonWhitelisted: true }).map(({ property }) => property);
}

describe('what crosses the wire', () => {
  it('reads a list’s query from text, with defaults', () => {
    expect(plainToInstance(JobListQuery, {}, { exposeDefaultValues: true })).toEqual({
      search: '',
      page: 1,
      size: 12,
      deleted: false,
    });
    expect(plainToInstance(JobListQuery, { page: '3', size: '20', deleted: 'true', search: 'a' })).toEqual({
      search: 'a',
      page: 3,
      size: 20,
      deleted: true,
    });
  });

  it.each<[ClassConstructor<object>, object, string]>([
    [JobListQuery, { page: '0' }, 'page'],
    [JobListQuery, { page: 'x' }, 'page'],
    [JobListQuery, { size: '51' }, 'size'],
    [JobListQuery, { deleted: 'maybe' }, 'deleted'],
    [JobListQuery, { search: ['a'] }, 'search'],
    [JobListQuery, { sort: 'name' }, 'sort'],
    [JobId, { id: "1' OR 1=1" }, 'id'],
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
