import type { Here, HereAnswer } from '@zabble/contract';
import { said } from '@zabble/core';
import { refuse } from '../http/refusal';
import type { ShopId } from '../whose/shop';
import type { PresentRepository } from './repository';

/** Who has a job open just now. */
export class PresentService {
  constructor(private readonly present: PresentRepository) {}

  /** Says that a page has it open, or no longer has, and is told of the others. */
  async here(shop: ShopId, job: string, here: Here): Promise<HereAnswer> {
    if (here.gone) await this.present.leave(shop, job, here.page);
    else await this.present.say(shop, job, here);
    const found = await this.present.others(shop, job, here.page);
    if (!found) throw refuse(404, said('no-such-job'));
    return found;
  }
}
