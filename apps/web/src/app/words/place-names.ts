import type { OpeningSize, Place, ReadingPlace } from '@zabble/core';

/** Where something was measured. */
export const PLACE_NAMES: Readonly<Record<Place | ReadingPlace, string>> = {
  left: $localize`left`,
  right: $localize`right`,
  top: $localize`top`,
  middle: $localize`middle`,
  bottom: $localize`bottom`,
  front: $localize`front`,
  back: $localize`back`,
};

/** What measures besides a person with a tape. */
export const DEVICE_NAMES = { laser: $localize`laser`, caliper: $localize`caliper` };

/** The sizes of an opening, within a sentence. */
export const SIZE_NAMES: Readonly<Record<OpeningSize, string>> = {
  width: $localize`width`,
  height: $localize`height`,
  depth: $localize`depth`,
};
