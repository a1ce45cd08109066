import { Directive, output, signal } from '@angular/core';

/** A place files may be dropped on; anything else that is dragged over it is left alone. */
@Directive({
  selector: '[zFileDrop]',
  exportAs: 'zFileDrop',
  host: { '(dragover)': 'over($event)', '(dragleave)': 'left($event)', '(drop)': 'dropped($event)' },
})
export class FileDrop {
  readonly zFileDrop = output<readonly File[]>();
  /** A file is held over it. */
  readonly held = signal(false);

  protected over(event: DragEvent): void {
    if (!event.dataTransfer?.types.includes('Files')) return;
    event.preventDefault();
    this.held.set(true);
  }

  protected left({ currentTarget, relatedTarget }: DragEvent): void {
    if (!(relatedTarget instanceof Node) || !(currentTarget as Node).contains(relatedTarget)) this.held.set(false);
  }

  protected dropped(event: DragEvent): void {
    const files = [...(event.dataTransfer?.files ?? [])];
    this.held.set(false);
    if (files.length === 0) return;
    event.preventDefault();
    this.zFileDrop.emit(files);
  }
}
