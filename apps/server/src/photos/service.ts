import type { ShopId } from '../whose/shop';
import type { PhotoKept } from '@zabble/contract';
import { said } from '@zabble/core';
import { refuse } from '../http/refusal';
import type { JobService } from '../jobs/service';
import { pictureFrom } from './picture';
import type { PhotoRepository } from './repository';

/** Photographs of a job: kept as JPEGs of the server's own making. */
export class PhotoService {
  constructor(
    private readonly photos: PhotoRepository,
    private readonly jobs: JobService,
  ) {}

  /** Keeps what was sent, of a job there is; `type` is the kind of picture it says it is. */
  async keep(shop: ShopId, job: string, id: string, data: unknown, type: string | undefined): Promise<PhotoKept> {
    await this.jobs.assert(shop, job);
    const picture = await pictureFrom(data, type);
    await this.photos.keep(shop, job, id, picture);
    return { id, width: picture.width, height: picture.height };
  }

  async find(shop: ShopId, job: string, id: string): Promise<Buffer> {
    const data = await this.photos.find(shop, job, id);
    if (!data) throw refuse(404, said('no-photo'));
    return data;
  }
}
