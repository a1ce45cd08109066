import { Dialog } from '@angular/cdk/dialog';
import { inject, Injectable } from '@angular/core';

/** What is asked of the board of materials: to show them, or to make one and say which. */
export interface MaterialsAsked {
  /** A material is to be made; this is told its id. */
  readonly made?: (id: string) => void;
  /** What it is for, in words. */
  readonly what?: string;
}

/** Opens the job's materials over whatever is being done, and gives back to it. */
@Injectable({ providedIn: 'root' })
export class MaterialsDesk {
  private readonly dialog = inject(Dialog);

  async open(asked: MaterialsAsked = {}): Promise<void> {
    const { MaterialsBoard } = await import('./materials-board');
    this.dialog.open(MaterialsBoard, { ariaLabel: 'Materials of this job', data: asked });
  }
}
