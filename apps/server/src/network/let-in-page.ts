import { said } from '@zabble/core';
import { escaped } from '../http/escaped';
import { inWords } from '../http/refusal';

export interface LetInPage {
  /** As it stands in its field. */
  readonly code: string;
  readonly name: string;
  /** The page it was on its way to. */
  readonly to: string;
  /** Whether a code was said that lets nobody in. */
  readonly wrong: boolean;
}

type Word = 'title' | 'heading' | 'how' | 'code' | 'name' | 'do' | 'wrong';

/** How the page looks; what is allowed to it is told by this one's fingerprint. */
export const LET_IN_STYLE = `
  :root { color-scheme: light dark; font: 1.0625rem/1.5 system-ui, sans-serif; }
  body { margin: 0; background: #e6e9e1; color: #232a27; }
  main { max-width: 26rem; margin: 0 auto; padding: 2rem 1.25rem; }
  h1 { font-size: 1.6rem; line-height: 1.2; margin: 0 0 0.75rem; }
  form { display: grid; gap: 1rem; margin-top: 1.5rem; }
  label { display: grid; gap: 0.25rem; }
  input, button { box-sizing: border-box; width: 100%; font: inherit; min-height: 2.75rem; padding: 0 0.75rem; border-radius: 0.25rem; border: 1px solid #7d867b; background: #fff; color: #232a27; }
  input[name='code'] { font-size: 1.6rem; letter-spacing: 0.25em; }
  button { background: #232a27; color: #f6f7f2; border-color: #232a27; font-weight: 600; }
  input:focus-visible, button:focus-visible { outline: 3px solid #1c5a8c; outline-offset: 2px; }
  [role='alert'] { border-left: 4px solid #a12b1d; background: #f6e0db; color: #a12b1d; padding: 0.5rem 0.75rem; margin: 1rem 0 0; }
  @media (prefers-color-scheme: dark) {
    body { background: #191e1c; color: #e8ebe4; }
    input { background: #171b19; color: #e8ebe4; border-color: #8b958f; }
    button { background: #e8ebe4; color: #191e1c; border-color: #e8ebe4; }
    [role='alert'] { background: #46221d; color: #f29a8b; }
  }
`;

/** The one page that is shown to a device that is not known. */
export function letInPage({ code, name, to, wrong }: LetInPage): string {
  const says = (word: Word): string => escaped(inWords(said(`let-in/${word}`)));
  return `<!doctype html>
<html lang="en">
  <head>
    <meta charset="utf-8" />
    <meta name="viewport" content="width=device-width, initial-scale=1" />
    <title>${says('title')}</title>
    <style>${LET_IN_STYLE}</style>
  </head>
  <body>
    <main>
      <h1>${says('heading')}</h1>
      <p>${says('how')}</p>
      ${wrong ? `<p role="alert">${says('wrong')}</p>` : ''}
      <form method="post" action="/let-in">
        <input type="hidden" name="to" value="${escaped(to)}" />
        <label>${says('code')}
          <input name="code" value="${escaped(code)}" inputmode="numeric" autocomplete="off" maxlength="12" required />
        </label>
        <label>${says('name')}
          <input name="name" value="${escaped(name)}" maxlength="60" autocomplete="off" required />
        </label>
        <button>${says('do')}</button>
      </form>
    </main>
  </body>
</html>
`;
}
