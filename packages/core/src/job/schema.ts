import { writeSchema } from '../reading';
import { jobShape } from './shape';

/** What the reader takes, as JSON Schema 2020-12. What one field asks of another it says only in part. */
export function jobSchema(): ReturnType<typeof writeSchema> {
  return writeSchema(jobShape.schema, {
    $schema: 'https://json-schema.org/draft/2020-12/schema',
    $id: 'zabble-job-1',
    title: 'Zabble job, version 1',
  });
}
