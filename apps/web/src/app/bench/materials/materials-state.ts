import { Dialog } from '@angular/cdk/dialog';
import { inject, Injectable } from '@angular/core';
import type { MaterialsAsked } from './materials-asked';

/** Opens the job's materials over whatever is being done, and gives back to it. */
@Injectable({ providedIn: 'root' })
export class MaterialsState {
  private readonly dialog = inject(Dialog);

  async open(asked: MaterialsAsked = {}): Promise<void> {
    const { MaterialsBoard } = await import('./materials-board');
    this.dialog.open(MaterialsBoard, { ariaLabel: $localize`Materials of this job`, data: asked });
  }
}
