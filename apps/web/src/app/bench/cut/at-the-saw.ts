import { Say } from '../../words/say';
import { Speech } from '../../words/speech';
import { NgTemplateOutlet } from '@angular/common';
import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import { Store } from '@ngrx/store';
import {
  bankTelling,
  frontPanels,
  groupsOf,
  RELEASES,
  stepsOf,
  ripsNow,
  toCut,
  said,
  writeExact,
  type Asked,
  type BankPlan,
  type Crosscut,
  type CutGroup,
  type CutPart,
  type FrontPanel,
  type Release,
  type Served,
  caseTelling,
  isMember,
  materialCalled,
  partsServed,
  type Words,
} from '@zabble/core';
import { JobEdits } from '../../store/job/job-edits';
import { jobFeature } from '../../store/job/job.reducer';
import { selectShowing } from '../../store/job/job.selectors';
import { Figure } from '../../fields/figure';
import { Says } from '../../ui/says';
import { Size } from '../../fields/size';
import { CutState } from './cut-state';
import { GateButton } from './gate-button';
import { PartCard } from './part-card';
import { cutPatch } from './records';
import { SettingsList } from './settings-list';
import { Who } from '../../device/who';

/** Parts that wait for the same thing. */
interface Held {
  readonly release: Release;
  readonly parts: readonly CutPart[];
  readonly says: string;
}

/** What is to be done with parts cut already that do not fit the plan of now. */
const AMISS = {
  again: (many: number, { form }: Words): string =>
    form(many, {
      one: $localize`${many} part has to be cut again: too small for the plan of now, or came out wrong.`,
      other: $localize`${many} parts have to be cut again: too small for the plan of now, or came out wrong.`,
    }),
  trim: (many: number, { form }: Words): string =>
    form(many, {
      one: $localize`${many} part already cut can be saved by trimming.`,
      other: $localize`${many} parts already cut can be saved by trimming.`,
    }),
  pack: (many: number, { form }: Words): string =>
    form(many, {
      one: $localize`${many} part already cut has its slides packed out.`,
      other: $localize`${many} parts already cut have their slides packed out.`,
    }),
};

/** At the saw: what may be cut now, widest rip first; then what waits, and for what; then what is cut. */
@Component({
  selector: 'z-at-the-saw',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [Figure, GateButton, NgTemplateOutlet, PartCard, Say, Says, SettingsList, Size],
  templateUrl: './at-the-saw.html',
})
export class AtTheSaw {
  readonly bank = input.required<BankPlan>();
  protected readonly state = inject(CutState);
  private readonly edits = inject(JobEdits);
  private readonly speech = inject(Speech);
  private readonly who = inject(Who);
  private readonly store = inject(Store);
  private readonly document = this.store.selectSignal(jobFeature.selectDocument);
  private readonly showing = this.store.selectSignal(selectShowing);
  protected readonly says = signal('');
  protected readonly part = computed(() => this.state.byName().get(this.state.part() ?? ''));
  private readonly pressed = signal<{ readonly part: string | undefined; readonly beside: string }>({
    part: undefined,
    beside: '',
  });
  /** Where the part in hand opens; on top where it was not pressed here, or what was pressed is gone. */
  protected readonly beside = computed(() => {
    const { part, beside } = this.pressed();
    if (part === undefined || part !== this.state.part()) return '';
    const rows = this.groups().flatMap(({ rips }) => rips.flatMap(({ crosscuts }) => crosscuts.map(rowOf)));
    const lists = [...this.amiss().map(({ fits }) => fits), ...this.held().map(({ release }) => release), 'cut'];
    return [...rows, ...lists].includes(beside) ? beside : '';
  });
  protected readonly named = materialCalled;
  protected readonly groups = computed(() => groupsOf(this.state.job()?.materials ?? [], this.state.free()));
  protected readonly held = computed((): readonly Held[] => {
    const waiting = this.state.parts().filter((part) => part.release !== 'now' && toCut(part));
    return RELEASES.flatMap((release) => {
      const parts = waiting.filter((part) => part.release === release);
      return parts.length === 0 ? [] : [{ release, parts, says: this.counted(parts) }];
    });
  });
  /** Widths that nothing to be measured changes. */
  protected readonly rips = computed(() => {
    const job = this.state.job();
    return (job ? ripsNow(job, this.state.parts().filter(toCut)) : []).map(({ width, parts }) => ({
      width,
      says: `${parts.length} × ${[...new Set(parts.map(({ use }) => this.speech.say(said(`part/${use.role}`, { count: 1 }))))].join(', ')}`,
    }));
  });
  protected readonly done = computed(() => this.state.parts().filter((part) => !toCut(part)));
  /** What is cut already and does not fit the plan of now. */
  protected readonly amiss = computed(() =>
    (['again', 'trim', 'pack'] as const).flatMap((fits) => {
      const parts = this.state.parts().filter(({ standing }) => standing?.fits === fits);
      return parts.length === 0 ? [] : [{ fits, parts, says: AMISS[fits](parts.length, this.speech.words()) }];
    }),
  );
  /** Which held parts are shown in the size they will have about. */
  protected readonly opened = signal<Release | undefined>(undefined);
  /** In one line: how much, from what, where to begin. */
  protected readonly first = computed(() => {
    // The sheet in hand says where it begins: list and sheet are one order.
    const shown = this.state.shown();
    const next =
      shown &&
      stepsOf(shown.sheet, shown.blade)
        .slice(shown.taken?.done ?? 0)
        .find(({ trims }) => !trims);
    if (shown && next && this.state.which() === 'now')
      return {
        where: $localize`on sheet ${shown.index + 1}, `,
        what: next.direction === 'rip' ? $localize`fence` : $localize`stop`,
        size: next.setting,
      };
    const rip = this.groups()[0]?.rips[0];
    return rip && { where: '', what: $localize`fence`, size: rip.width };
  });

  /** Sheets the layout of a material takes, as far as it is found. */
  protected sheetsOf({ material }: CutGroup): string {
    const sheets = this.state.found().get(material.id)?.layout.sheets;
    if (!sheets || this.state.which() === 'all') return '';
    const rack = sheets.filter(({ stock }) => stock !== material.id).length;
    const whole = sheets.length - rack;
    const told = [
      whole > 0
        ? this.speech
            .words()
            .form(whole, { one: $localize`${whole} whole sheet`, other: $localize`${whole} whole sheets` })
        : '',
      rack > 0 ? $localize`${rack} from the rack` : '',
    ];
    return $localize` · from ${told.filter((each) => each !== '').join($localize` and `)}`;
  }

  protected thickness({ material }: CutGroup): string {
    return writeExact(material.thickness, this.showing()?.unit ?? 'mm');
  }

  /** Which parts of which drawers: “sides of 1, 2, 3”; where the job has several banks, each by its name. */
  protected served({ uses, parts }: Crosscut): string {
    const roles = [...new Set(uses.map(({ role }) => role))];
    const ofCase = uses.filter(({ role }) => isMember(role));
    const ofDrawers = roles
      .filter((role) => !isMember(role))
      .map((role) => {
        const own = uses.filter((use) => use.role === role);
        if (role === 'extra') return [...new Set(parts.map(({ called }) => called ?? ''))].join(', ');
        const many = own.length > 1 || (own[0]?.count ?? 0) > 1;
        return $localize`${this.speech.say(said(`part/${role}`, { count: many ? 2 : 1 }))} of ${own.map((use) => this.called(use)).join(', ')}`;
      });
    return [...ofDrawers, ...this.ofCases(ofCase)].join('; ');
  }

  /** Parts of a case by what they are called there; where the job has several cases, each by its name. */
  private ofCases(uses: readonly Served[]): readonly string[] {
    const plan = this.state.plan();
    if (!plan || uses.length === 0) return [];
    const paths = [...new Set(uses.map(({ path }) => path))];
    return paths.map((path) => {
      const own = uses.filter((use) => use.path === path);
      const telling = caseTelling(plan, own[0]?.case ?? '').map((name) => `${name}: `);
      return `${telling.join('')}${this.speech.say(partsServed(plan, own))}`;
    });
  }

  protected asked(cut: Crosscut, size: 'length' | 'width'): Asked {
    const { uses } = cut;
    const member = this.memberOf(cut);
    if (member) return { kind: 'member', ...member, size };
    const own = uses.find(({ path }) => path === this.bank().path) ?? uses[0];
    const role = !own || own.role === 'extra' || isMember(own.role) ? 'side' : own.role;
    return { kind: 'part', drawer: own?.drawer ?? '', role, size };
  }

  /** The row of a case's members a cut is of, where it is of one. */
  private memberOf({ uses: [use], lengthTally, widthTally }: Crosscut) {
    if (!use || !isMember(use.role)) return undefined;
    const members = this.state.plan()?.cases.find(({ path }) => path === use.path)?.casework?.members ?? [];
    const row = members.findIndex((each) => {
      const { length, width } = each.blank ?? each;
      const same = length.total === lengthTally.total && width.total === widthTally.total;
      return same && each.role === use.role && each.node === use.node;
    });
    return row < 0 ? undefined : { case: use.path, row };
  }

  /** A sum can be asked for where the part is of the bank on the bench, and sawn to the size it ends with. */
  protected here(cut: Crosscut): boolean {
    const { uses, parts } = cut;
    if (this.memberOf(cut)) return true;
    return uses.some(({ path }) => this.bank().path === path) && !parts[0]?.finished;
  }

  /** What is worked into them after they are cut, in a few words. */
  protected works({ parts }: Crosscut): string {
    const { machining = [], cuts = [] } = parts[0] ?? {};
    const kinds = [...machining, ...cuts].map(({ kind }) => this.speech.plain(`cut/${kind}`));
    return [...new Set(kinds)].join(', ');
  }

  /** The panels of this material that fronts are cut from. */
  protected panelsOf({ material }: CutGroup): readonly FrontPanel[] {
    return this.panels().filter((panel) => panel.material.id === material.id);
  }

  /** Which fronts lie in it, in their order, and how their grain runs. */
  protected inPanel({ parts }: FrontPanel): string {
    const grain = parts[0]?.upright ? $localize`grain up` : $localize`grain across`;
    return $localize`${grain}; from the top down ${parts.map((part) => this.called({ ...part.use, count: 1 })).join(', ')}`;
  }

  private readonly panels = computed(() => {
    const [job, plan] = [this.state.job(), this.state.plan()];
    return job && plan ? frontPanels(job, plan, this.state.parts()) : [];
  });

  /** The part opens beside what was pressed: `beside` is the row or the list it was pressed in. */
  protected look(part: CutPart | undefined, beside: string): void {
    this.pressed.set({ part: part?.name, beside });
    this.state.part.set(part?.name);
  }

  protected readonly rowOf = rowOf;

  protected markCut({ parts }: Crosscut): void {
    const [document, unit] = [this.document(), this.showing()?.unit];
    if (!document || !unit) return;
    const patch = cutPatch(document, parts, this.who.deed(), unit);
    this.says.set(
      this.edits.apply(parts.length === 1 ? $localize`a part cut` : $localize`${parts.length} parts cut`, [patch]) ??
        '',
    );
  }

  protected open(release: Release): void {
    this.opened.update((now) => (now === release ? undefined : release));
  }

  /** A forecast, to buy and to price by; nothing is cut by it. */
  protected forecast({ parts }: Held): readonly Crosscut[] {
    const groups = groupsOf(this.state.job()?.materials ?? [], parts);
    return groups.flatMap(({ rips }) => rips.flatMap(({ crosscuts }) => crosscuts));
  }

  /** Banks whose gate of this kind is still shut. */
  protected banksAt({ parts }: Held): readonly string[] {
    return [...new Set(parts.map(({ use }) => use.path))].filter((path) => path !== '');
  }

  /** “6 bottoms, 12 sides”. */
  private counted(parts: readonly CutPart[]): string {
    const roles = [...new Set(parts.map(({ use }) => use.role))];
    return roles
      .map((role) => {
        const count = parts.filter(({ use }) => use.role === role).length;
        return `${count} ${this.speech.say(said(`part/${role}`, { count }))}`;
      })
      .join(', ');
  }

  /** When parts of a release may be cut. */
  protected when(release: Release): string {
    return this.speech.plain(`when/${release}`);
  }

  private called({ path, place }: Served): string {
    const plan = this.state.plan();
    return [...(plan ? bankTelling(plan, path) : []), place + 1].join(' ');
  }
}

/** A row of the list, by its first part. */
function rowOf({ parts }: Crosscut): string {
  return `row ${parts[0]?.name ?? ''}`;
}
