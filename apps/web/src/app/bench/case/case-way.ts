import type { BuildOf, CaseView, MemberRole } from '@zabble/core';
import type { AnyOption, Option } from '../../fields/choice';

export type WrittenBuild = BuildOf<string>;

/** What a way of making begins with: usual sizes in the job's unit, and what there is to make it of. */
export interface Usual {
  readonly size: (inches: string, metric: string) => string;
  readonly panel: string;
  readonly thin: string;
  readonly front: string;
}

/** One way of making a part of a case, with what it costs or wins. */
export interface CaseWay {
  readonly id: string;
  readonly name: string;
  readonly says: string;
  /** What the field of its group becomes; nothing takes it out. */
  readonly value: (usual: Usual, now: WrittenBuild) => unknown;
}

/** A field of a way that is chosen. */
export type WayField =
  | {
      readonly kind: 'length';
      readonly name: string;
      readonly label: string;
      readonly optional?: true;
      readonly placeholder?: string;
      /** It may be under nothing. */
      readonly signed?: true;
    }
  | { readonly kind: 'material'; readonly name: string; readonly label: string; readonly like?: string }
  | { readonly kind: 'count'; readonly name: string; readonly label: string; readonly placeholder: string }
  | { readonly kind: 'many'; readonly name: string; readonly label: string; readonly options: readonly Option[] }
  | { readonly kind: 'lengths'; readonly name: string; readonly label: string }
  | { readonly kind: 'text'; readonly name: string; readonly label: string; readonly optional?: true }
  | {
      readonly kind: 'pick';
      readonly name: string;
      readonly label: string;
      readonly options: readonly Option[];
    }
  | { readonly kind: 'yes'; readonly name: string; readonly label: string }
  | {
      readonly kind: 'choice';
      readonly name: string;
      readonly label: string;
      readonly options: readonly AnyOption[];
      readonly fallback: AnyOption['value'];
    };

/** A length; with what stands in its field while it is left out, it may be. */
export const size = (name: string, label: string, placeholder?: string): WayField => ({
  ...{ kind: 'length', name, label },
  ...(placeholder === undefined ? {} : { optional: true, placeholder }),
});

/** One that may be under nothing: a place left of where one counts from, a lap that stays short of its edge. */
export const signed = (name: string, label: string, placeholder?: string): WayField => ({
  ...{ kind: 'length', name, label, signed: true },
  ...(placeholder === undefined ? {} : { optional: true, placeholder }),
});

/** Ways of making one thing: what they write, and the part of the case that shows them. */
export interface WayGroup {
  readonly field: keyof WrittenBuild & string;
  readonly title: string;
  readonly view: CaseView;
  /** Of the case, in shares of its width (depth) and height: from the left and from below. */
  readonly crop: { readonly x: number; readonly y: number; readonly width: number; readonly height: number };
  readonly without?: readonly MemberRole[];
  readonly ways: readonly CaseWay[];
  readonly chosen: (build: WrittenBuild) => string;
  readonly fields: Readonly<Record<string, readonly WayField[]>>;
}

/** What the kind of a field says, or what goes without saying. */
export const kindOf =
  (field: 'top' | 'bottom' | 'base' | 'stands' | 'back' | 'joint', usual: string) =>
  (build: WrittenBuild): string =>
    build[field]?.kind ?? usual;

/** Of the same stuff as the panels, unless it is told. */
export const panel: readonly WayField[] = [
  { kind: 'material', name: 'material', label: $localize`Of`, like: $localize`as the panels` },
];

/** The upper and the lower end of a case that is cut through. */
export const UPPER = { x: -0.1, y: 0.72, width: 1.2, height: 0.36 };
export const LOWER = { x: -0.1, y: -0.06, width: 1.2, height: 0.36 };
