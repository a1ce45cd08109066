import { useApi, type ApiParts } from './api';
import { publicFeed } from './calendar/public';
import { existsSync } from 'node:fs';
import { join } from 'node:path';
import compression from 'compression';
import express, { type Express, type Response } from 'express';
import helmet from 'helmet';
import { nothingHere, sayErrors } from './http/errors';
import { guard } from './http/guard';
import { logRequests } from './http/log-requests';
import { mailboxPage } from './mail/mailbox-page';
import { Mailbox } from './mail/mailbox-repository';
import { gate } from './network/gate';
import { letIn, showLetIn } from './network/let-in';
import { publicQuotes } from './quotes/public';

export interface AppParts extends ApiParts {
  readonly webRoot: string;
  /** Whoever passes requests on to it, whose word on where they came from is taken. */
  readonly proxies?: string;
  /** People call it at an address with TLS: they are to do so always. */
  readonly overTls?: boolean;
}

/** The API and the built web application on one address. */
export function createApp({ webRoot, ...parts }: AppParts): Express {
  const app = express();
  app.disable('x-powered-by');
  // What the API answers is never kept; what may be has a tag of its own.
  app.disable('etag');
  if (parts.proxies !== undefined) app.set('trust proxy', parts.proxies);
  useApi(app, parts);
  app.use(logRequests(parts.logger));
  app.use(guard(parts.names));
  // Whoever has the link of a quote, or of the days, needs no pass for it.
  app.use(publicQuotes(parts.quotes));
  app.use(publicFeed(parts.calendar, parts.weeks));
  app.use(pageHeaders(parts.overTls === true));
  if (parts.people) {
    // The application itself is nobody's secret: what it shows is asked for by who is signed in.
    if (parts.people.mail instanceof Mailbox) app.use(mailboxPage(parts.people.mail));
  } else {
    app.use(letIn(parts.network));
    app.use(gate(parts.network, showLetIn));
  }
  app.use(compression());
  serveWeb(app, webRoot);
  app.use(sayErrors);
  return app;
}

const HALF_A_YEAR = 182 * 24 * 3600;

/** Everything comes from this server; styles are also set on elements by the framework. */
function pageHeaders(overTls: boolean) {
  return helmet({
    contentSecurityPolicy: {
      directives: { 'style-src': ["'self'", "'unsafe-inline'"], 'font-src': ["'self'"], upgradeInsecureRequests: null },
    },
    strictTransportSecurity: overTls && { maxAge: HALF_A_YEAR },
  });
}

/** Without a hash in their name: what tells a browser that there is something newer. */
const AFRESH = /(?:index\.html|ngsw\.json|ngsw-worker\.js|safety-worker\.js|worker-basic\.min\.js)$/;

/** Files with a hash in their name never change; index.html is asked for afresh each time. */
function serveWeb(app: Express, webRoot: string): void {
  const index = join(webRoot, 'index.html');
  const setHeaders = (response: Response, path: string): void => {
    if (AFRESH.test(path)) response.set('Cache-Control', 'no-cache');
  };
  app.use(express.static(webRoot, { index: false, maxAge: '1y', immutable: true, setHeaders }));
  app.get('/{*path}', (request, response, next) => {
    // A file there is not is no page: an old page that asks for its script must hear so.
    if (/\.[a-z0-9]+$/i.test(request.path) || !existsSync(index)) {
      next();
      return;
    }
    response.set('Cache-Control', 'no-cache').sendFile(index);
  });
  app.use(nothingHere);
}
