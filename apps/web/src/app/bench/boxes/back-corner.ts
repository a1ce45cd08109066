import { Speech } from '../../words/speech';
import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { hasDepth, JOINTS, type Joint, type Patch } from '@zabble/core';
import { JobEdits } from '../../store/job/job-edits';
import { LengthField } from '../../fields/length-field';
import { Pick } from '../../fields/pick';

/** The corner at the back where it differs from the front’s: its joint, and the depth of one that has any. */
@Component({
  selector: 'z-back-corner',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [LengthField, Pick],
  template: `<div class="flex flex-col gap-2">
    <z-pick
      [path]="path() + '.joint'"
      [label]="label()"
      [name]="label() + of()"
      [options]="joints()"
      [along]="alongJoint"
    />
    @if (deep()) {
      <z-length-field
        [path]="path() + '.depth'"
        i18n-label
        label="Depth at the back"
        i18n-name
        name="depth of the back corner{{ of() }}"
        [narrow]="true"
      />
    }
  </div>`,
})
export class BackCorner {
  /** Path of the back corner in the job document. */
  readonly path = input.required<string>();
  readonly label = input.required<string>();
  /** What stands first, where the back has none of its own. */
  readonly like = input.required<string>();
  /** Its joint, where it has one. */
  readonly joint = input.required<Joint | null | undefined>();
  /** Whose it is, for undo: “ of drawer 2”. */
  readonly of = input('');
  private readonly edits = inject(JobEdits);
  private readonly speech = inject(Speech);
  protected readonly joints = computed(() => [
    { value: '', label: this.like() },
    ...this.speech.options('joint', JOINTS),
  ]);
  protected readonly deep = computed(() => {
    const joint = this.joint();
    return joint ? hasDepth(joint) : false;
  });

  /** A joint that has a depth gets one to begin with; another has none. */
  protected readonly alongJoint = (joint: string): readonly Patch[] => {
    const path = `${this.path()}.depth`;
    if (joint === '' || !hasDepth(joint as Joint)) return [{ path, value: undefined }];
    return [{ path, value: this.edits.usual('1/4 in', '6 mm') }];
  };
}
