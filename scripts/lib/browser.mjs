import { existsSync } from 'node:fs';

/** What of a browser has no window of its own takes a third less of the processor; where only a whole one is, that serves. */
const PROGRAMS = ['/usr/bin/chromium-headless-shell', '/usr/bin/chromium'];

/** The program that stories and pictures are looked at with; the first of those there are, if there is one. */
export const browserProgram = () => PROGRAMS.find((program) => existsSync(program));
