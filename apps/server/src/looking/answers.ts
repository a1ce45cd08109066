import type { Pool } from 'mysql2/promise';
import { SettlingRepository } from '../found/settling-repository';
import { JobListingRepository } from '../jobs/listing-repository';
import { RecordFindingRepository } from '../log/finding-repository';
import { MadeRepository } from '../log/made-repository';
import { RecordService } from '../log/record-service';
import type { Question } from '../found/question';

/** Answers questions on a pool, here and now. */
export class Answers {
  readonly settling: SettlingRepository;
  private readonly listing: JobListingRepository;
  private readonly record: RecordService;

  constructor(pool: Pool) {
    this.settling = new SettlingRepository(pool);
    this.listing = new JobListingRepository(pool, this.settling);
    this.record = new RecordService(new RecordFindingRepository(pool), new MadeRepository(pool), this.settling);
  }

  async ask(question: Question): Promise<string> {
    return JSON.stringify(await this.answer(question));
  }

  private answer(question: Question): Promise<object> {
    switch (question.what) {
      case 'jobs':
        return this.listing.list(question.shop, question.query);
      case 'record':
        return this.record.find(question.shop, question.query);
      case 'made':
        return this.record.made(question.shop);
      case 'readings':
        return this.record.readings(question.shop, question.kind);
    }
  }
}
