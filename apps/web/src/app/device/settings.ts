/** Small things a person chose at this device, there before anything is drawn; not remembered where a browser won't. */
export const settings = {
  read(key: string): string | undefined {
    try {
      return localStorage.getItem(key) ?? undefined;
    } catch {
      return undefined;
    }
  },

  /** Where it is not remembered it holds until the page is closed. */
  write(key: string, value: string): void {
    try {
      localStorage.setItem(key, value);
    } catch {
      // It holds until the page is closed.
    }
  },
};
