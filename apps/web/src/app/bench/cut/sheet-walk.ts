import { inject, Injectable } from '@angular/core';
import { Store } from '@ngrx/store';
import { lyingIn, type Patch } from '@zabble/core';
import { JobEdits } from '../../store/job/job-edits';
import { jobFeature } from '../../store/job/job.reducer';
import { Who } from '../../device/who';
import { CutState, type ShownSheet } from './cut-state';
import { Rack } from './rack';
import { cutPatch } from './records';
import { againPatch, namesOn, partsOfStep, stepPatches, takePatch } from './taken-edits';

/** Layouts taken, and their sheets cut step by step: what is done is kept with the job, whatever is looked for meanwhile. */
@Injectable({ providedIn: 'root' })
export class SheetWalk {
  private readonly state = inject(CutState);
  private readonly edits = inject(JobEdits);
  private readonly who = inject(Who);
  private readonly rack = inject(Rack);
  private readonly document = inject(Store).selectSignal(jobFeature.selectDocument);

  /** The sheets found of a material are kept as they are. */
  take(material: string): string {
    const taking = this.taking(material);
    return taking ? this.apply($localize`take the layout`, [taking.patch]) : '';
  }

  /** What nobody has begun is laid out again. */
  again(material: string): string {
    const document = this.document();
    return document ? this.apply($localize`lay out again`, [againPatch(document, material, this.state.taken())]) : '';
  }

  /** A step done: the sheet stays as it is from now on, and the parts that come off it are marked as cut. */
  done(shown: ShownSheet, step: number): string {
    const document = this.document();
    if (!document) return '';
    const { path, before } = this.held(shown);
    if (path === undefined) return '';
    const names = partsOfStep(shown.sheet, shown.blade, step);
    const refused = this.apply($localize`cut ${step + 1} of the sheet`, [
      ...before,
      ...stepPatches(document, path, step + 1, this.who.deed()),
      ...this.cut(names, shown),
    ]);
    if (refused === '') this.state.sheet.set(path);
    return refused;
  }

  /** Back a step: what came off with it is to be cut again. */
  undone(shown: ShownSheet): string {
    const { taken } = shown;
    const document = this.document();
    if (!taken || !document || taken.done === 0) return '';
    const names = partsOfStep(shown.sheet, shown.blade, taken.done - 1);
    const records = (document.cutting?.cut ?? []).filter(({ part }) => !names.includes(part));
    return this.apply($localize`take back a cut of the sheet`, [
      { path: `${taken.path}.done`, value: taken.done - 1 },
      { path: 'cutting.cut', value: records },
    ]);
  }

  /** Everything on the sheet is cut. */
  finished(shown: ShownSheet): readonly Patch[] {
    const document = this.document();
    if (!document) return [];
    const { path, before } = this.held(shown);
    if (path === undefined) return [];
    return [
      ...before,
      ...stepPatches(document, path, 10_000, this.who.deed()),
      ...this.cut(namesOn(shown.sheet, shown.blade), shown),
    ];
  }

  /** Where the sheet stands in the job, and what puts it there first. */
  private held(shown: ShownSheet): { readonly path: string | undefined; readonly before: readonly Patch[] } {
    if (shown.taken) return { path: shown.taken.path, before: [] };
    const taking = this.taking(shown.material);
    const found = this.state.sheets().filter(({ material, taken }) => material === shown.material && !taken);
    const at = found.findIndex(({ key }) => key === shown.key);
    return { path: taking?.paths[at], before: taking ? [taking.patch] : [] };
  }

  private taking(material: string) {
    const document = this.document();
    const found = this.state.sheets().filter((each) => each.material === material && !each.taken);
    const [first] = found;
    if (!document || !first) return undefined;
    const effort = this.state.effortOf(material);
    const sheets = found.map(({ sheet }) => sheet);
    const prices = new Map(
      (this.rack.entries() ?? []).flatMap(({ id, item: { price } }) =>
        price === undefined ? [] : [[id, price] as const],
      ),
    );
    return takePatch(document, { material, sheets, blade: first.blade, prices, ...effort }, this.who.deed());
  }

  /** Those of these parts that are not cut yet, marked as cut in the size they lie in the sheet: it may be over theirs. */
  private cut(names: readonly string[], { sheet, blade }: ShownSheet): readonly Patch[] {
    const document = this.document();
    const lying = new Map(lyingIn(sheet, blade).map((each) => [each.piece, each]));
    const parts = names.flatMap((name) => {
      const [part, at] = [this.state.byName().get(name), lying.get(name)];
      if (!part || part.standing || !at) return [];
      const [long, wide] = at.turned ? [at.wide, at.long] : [at.long, at.wide];
      return [{ name, length: { total: long }, width: { total: wide } }];
    });
    return document && parts.length > 0 ? [cutPatch(document, parts, this.who.deed(), document.unit)] : [];
  }

  private apply(name: string, patches: readonly Patch[]): string {
    return this.edits.apply(name, patches) ?? '';
  }
}
