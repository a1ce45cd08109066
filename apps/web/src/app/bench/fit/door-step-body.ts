import { ChangeDetectionStrategy, Component, input } from '@angular/core';
import { nm, type DoorStep, type Length } from '@zabble/core';
import { Size } from '../../fields/size';

/** What is done in one step of hanging a door, with its sizes. */
@Component({
  selector: 'z-door-step-body',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [Size],
  template: `@switch (step().kind) {
      @case ('cups') {
        <p i18n>
          Middles of the cups
          @if (step().line; as line) {
            <b class="text-3xl font-semibold"><z-size kind="reading" [length]="line.total" [unit]="true" /></b> in from
            the hinged edge
          }
        </p>
        <p i18n class="text-base">
          Press each in square to the edge and screw it.
          @if (step().tab; as tab) {
            From the edge to the cup <z-size kind="reading" [length]="tab.total" [unit]="true" />.
          }
        </p>
      }
      @case ('hinges') {
        <p i18n>Let them in or lay them on, level with the edge; one screw each until it hangs true.</p>
      }
      @case ('plates') {
        @if (step().back; as back) {
          <p i18n>
            Screw line
            <b class="text-3xl font-semibold"><z-size kind="reading" [length]="back" [unit]="true" /></b> behind the
            case’s front edge
          </p>
        }
        @if (step().plate; as plate) {
          <p i18n class="text-base">Plates <z-size kind="reading" [length]="plate" [unit]="true" /> high.</p>
        }
      }
      @case ('hang-door') {
        @if (step().edges; as edges) {
          <p>
            @if (step().inset) {
              <ng-container i18n>Gaps:</ng-container>
            } @else {
              <ng-container i18n>It laps the opening:</ng-container>
            }
            @for (edge of sides; track edge.id; let last = $last) {
              {{ edge.name }}
              <b class="font-semibold"><z-size kind="gap" [length]="size(edges[edge.id])" /></b>{{ last ? '' : ', ' }}
            }
          </p>
        }
        @if (step().between; as between) {
          <p i18n>
            Between the leaves
            <b class="font-semibold"><z-size kind="gap" [length]="between" [unit]="true" /></b>
          </p>
        }
        <p i18n class="text-base">
          Set it by the hinges’ own screws, as their sheet says, before anything behind it is cut.
        </p>
      }
      @case ('pull') {
        @if (step().pull; as pull) {
          <p i18n>
            <b class="font-semibold"><z-size kind="reading" [length]="pull.x.total" [unit]="true" /></b> from the left
            edge, <b class="font-semibold"><z-size kind="reading" [length]="pull.y.total" [unit]="true" /></b> up, with
            a backing behind it
          </p>
        }
      }
      @case ('open') {
        <p i18n>
          Open it as far as it goes, {{ step().opens }}° as planned. See what its hinges and its leaf leave of the
          opening: under Measure back they are written down, and what stands behind it follows.
        </p>
      }
    }
    @if (step().heights; as heights) {
      <p class="text-base">
        @if (step().kind === 'plates') {
          <ng-container i18n>Over the lower edge of the case’s sides:</ng-container>
        } @else {
          <ng-container i18n>Over the leaf’s lower edge:</ng-container>
        }
        {{ ' ' }}
        @for (each of heights; track $index; let last = $last) {
          <b class="font-semibold"><z-size kind="reading" [length]="each.total" /></b>{{ last ? '.' : ', ' }}
        }
      </p>
    }`,
  host: { class: 'contents' },
})
export class DoorStepBody {
  readonly step = input.required<DoorStep>();
  protected readonly sides = [
    { id: 'top', name: $localize`above` },
    { id: 'bottom', name: $localize`below` },
    { id: 'left', name: $localize`left` },
    { id: 'right', name: $localize`right` },
  ] as const;

  /** Nothing is nothing; a lap short of the opening is told by its size. */
  protected size(length: Length | undefined): Length {
    return nm(Math.abs(length ?? 0));
  }
}
