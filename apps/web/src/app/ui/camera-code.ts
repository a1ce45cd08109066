import { ChangeDetectionStrategy, Component, input } from '@angular/core';

/** A code for a camera: the outline of its dark squares, one unit each, dark on white whatever the light. */
@Component({
  selector: 'z-camera-code',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `<svg
    class="h-52 w-52 rounded bg-white p-3"
    [attr.viewBox]="'0 0 ' + code().across + ' ' + code().across"
    role="img"
    [attr.aria-label]="label()"
  >
    <path [attr.d]="code().outline" fill="#000" [style.shape-rendering]="'crispEdges'" />
  </svg>`,
})
export class CameraCode {
  readonly code = input.required<{ readonly outline: string; readonly across: number }>();
  /** What is in it, for who does not see it. */
  readonly label = input.required<string>();
}
