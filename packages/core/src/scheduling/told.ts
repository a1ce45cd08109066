type Told<T> = { readonly [K in keyof T as undefined extends T[K] ? never : K]: T[K] } & {
  readonly [K in keyof T as undefined extends T[K] ? K : never]?: Exclude<T[K], undefined>;
};

/** The same without what is not told: a field that is not there, in place of one that is nothing. */
export const told = <T extends object>(all: T): Told<T> =>
  Object.fromEntries(Object.entries(all).filter(([, value]) => value !== undefined)) as Told<T>;
