import { asking } from '../../server-api/asking';
import { inject, Injectable, signal } from '@angular/core';
import type { ShopMaterial, StockEntry } from '@zabble/contract';
import { sameName, type MaterialOf } from '@zabble/core';
import { RackApi } from '../../server-api/rack-api';
import { ShopApi } from '../../server-api/shop-api';
import { usualSheet } from './material-starts';

type Material = Omit<MaterialOf<string>, 'id'>;

/** A material of the shop's that a job can take. */
export interface Offer {
  readonly key: string;
  readonly material: Material;
  /** What is known of it, in a few words. */
  readonly says: string;
  /** Where the shop keeps it as a material of its own. */
  readonly kept?: Kept;
}

/** Where the shop keeps a material, as it was told. */
export type Kept = Pick<ShopMaterial, 'id' | 'revision'>;

/** What the shop has: materials kept for other jobs, and what leans in its rack. Without the server there is none. */
@Injectable()
export class ShopOffers {
  private readonly shop = inject(ShopApi);
  private readonly rack = inject(RackApi);
  private readonly kept = signal<readonly ShopMaterial[]>([]);
  private readonly leaning = signal<readonly StockEntry[]>([]);

  /** Without the server there is nothing on offer, and nothing more to say of it. */
  private readonly ask = asking({ set: () => undefined });

  constructor() {
    this.fetch();
  }

  fetch(): void {
    this.ask(
      this.shop.materials(),
      ({ items }) => this.kept.set(items),
      () => this.kept.set([]),
    );
    this.ask(
      this.rack.stock(),
      ({ items }) => this.leaning.set(items),
      () => this.leaning.set([]),
    );
  }

  /** Those the job does not have by that name. */
  offers(had: readonly { readonly name: string }[]): readonly Offer[] {
    const isNew = (name: string): boolean => !had.some((each) => sameName(each.name, name));
    const kept = this.kept().filter(({ row }) => isNew(row.name));
    const known = new Set(kept.map(({ row }) => row.name.toLowerCase()));
    const leaning = [...new Map(this.leaning().map((entry) => [entry.item.material.toLowerCase(), entry])).values()];
    return [
      ...kept.map(({ id, revision, row: { id: _id, ...material } }) => ({
        key: id,
        kept: { id, revision },
        material,
        says: [$localize`kept for the shop`, material.thickness].join(', '),
      })),
      ...leaning.filter(({ item }) => isNew(item.material) && !known.has(item.material.toLowerCase())).flatMap(asOffer),
    ];
  }
}

/** From the rack, where its thickness was measured; what kind it is is guessed by its name and can be changed. */
function asOffer({ id, item }: StockEntry): readonly Offer[] {
  const { material: name, thickness, price, kind, length, width } = item;
  if (thickness === undefined) return [];
  const guessed = kind === 'board' ? 'solid' : kindOf(name);
  const sheet = kind === 'sheet' ? { length, width } : usualSheet(guessed, thickness.endsWith('in') ? 'in' : 'mm');
  const material: Material = {
    name,
    kind: guessed,
    thickness,
    ...(sheet ? { sheet } : {}),
    ...(guessed === 'plywood' || guessed === 'solid' ? { grain: true } : {}),
    ...(price === undefined ? {} : { price }),
  };
  return [{ key: id, material, says: $localize`${kind} in the rack, measures ${thickness}` }];
}

function kindOf(name: string): MaterialOf<string>['kind'] {
  const known = ['mdf', 'particleboard', 'hardboard'] as const;
  return known.find((kind) => name.toLowerCase().includes(kind)) ?? 'plywood';
}
