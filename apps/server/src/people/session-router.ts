import {
  ChangePassword,
  ChooseShop,
  ForgottenPassword,
  Join,
  LARGEST_BODY,
  LinkToken,
  NewPassword,
  SecondFactorCode,
  SignIn,
  WithPassword,
  type SessionState,
} from '@zabble/contract';
import { Router, type Request, type Response } from 'express';
import { jsonBody } from '../http/body';
import { deviceOf } from '../http/device';
import { idIn } from '../http/id';
import { validated } from '../http/validate';
import type { AccountService } from './account-service';
import type { CrewService } from './crew-service';
import { giveSession, takeSession } from './cookie';
import type { Sessions } from './sessions';
import type { SessionRepository } from './session-repository';
import type { From, SignInService } from './sign-in-service';

export interface SessionParts {
  readonly sessions: Sessions;
  readonly rows: SessionRepository;
  readonly signIn: SignInService;
  readonly account: AccountService;
  readonly crew: CrewService;
}

const json = jsonBody(LARGEST_BODY / 100);

/** On a device of one's own nobody signs in: only that is said. */
export function ownSessionRouter(): Router {
  const state: SessionState = { mode: 'own' };
  return Router().get('/', (_request, response) => {
    response.json(state);
  });
}

/** /api/session: who is signed in on this device, and what comes before that. */
export function sessionRouter(parts: SessionParts): Router {
  const { sessions, rows, crew } = parts;
  const router = Router();
  const state = async (request: Request): Promise<SessionState> => {
    const found = await sessions.found(request);
    return { mode: 'shared', ...(found ? { person: await sessions.told(found.session) } : {}) };
  };
  router.get('/', async (request, response) => {
    response.json(await state(request));
  });
  before(router, parts);
  router.delete('/', async (request, response) => {
    const found = await sessions.found(request);
    if (found) await sessions.end(found.session.person.id, found.session.id);
    takeSession(response);
    response.status(204).end();
  });
  router.put('/shop', json, async (request, response) => {
    const { token } = await sessions.signedIn(request);
    await sessions.lookAt(token, validated(ChooseShop, request.body).shop);
    response.json(await state(request));
  });
  router.post('/shop/restored', async (request, response) => {
    const { session } = await sessions.signedIn(request);
    await crew.restore(session);
    response.json(await state(request));
  });
  router.get('/all', async (request, response) => {
    const { session } = await sessions.signedIn(request);
    response.json(await rows.of(session.person.id, session.id));
  });
  router.delete('/all/:id', async (request, response) => {
    const { session } = await sessions.signedIn(request);
    await sessions.end(session.person.id, idIn(request.params));
    response.json(await rows.of(session.person.id, session.id));
  });
  own(router, parts);
  return router;
}

/** What somebody does who is not signed in. */
function before(router: Router, { signIn }: SessionParts): void {
  const begun = (response: Response, secret: string): void => {
    giveSession(response, secret);
    response.status(204).end();
  };
  router.post('/', json, async (request, response) => {
    begun(response, await signIn.signIn(validated(SignIn, request.body), fromOf(request)));
  });
  router.post('/invitation', json, async (request, response) => {
    response.json(await signIn.invited(validated(LinkToken, request.body).token, fromOf(request)));
  });
  router.post('/join', json, async (request, response) => {
    begun(response, await signIn.join(validated(Join, request.body), fromOf(request)));
  });
  router.post('/forgotten', json, async (request, response) => {
    await signIn.forgot(validated(ForgottenPassword, request.body).email, fromOf(request));
    response.status(202).end();
  });
  router.post('/new-password', json, async (request, response) => {
    const { token, password } = validated(NewPassword, request.body);
    await signIn.newPassword(token, password, fromOf(request));
    response.status(204).end();
  });
}

/** What a person does to their own account. */
function own(router: Router, { sessions, account }: SessionParts): void {
  router.put('/password', json, async (request, response) => {
    const { session } = await sessions.signedIn(request);
    const { was, password } = validated(ChangePassword, request.body);
    await account.changePassword(session, was, password);
    response.status(204).end();
  });
  router.post('/second-factor', json, async (request, response) => {
    const { session } = await sessions.signedIn(request);
    response.json(await account.beginFactor(session, validated(WithPassword, request.body).password));
  });
  router.put('/second-factor', json, async (request, response) => {
    const { session } = await sessions.signedIn(request);
    response.json(await account.factorOn(session, validated(SecondFactorCode, request.body).code));
  });
  router.delete('/second-factor', json, async (request, response) => {
    const { session } = await sessions.signedIn(request);
    await account.factorOff(session, validated(WithPassword, request.body).password);
    response.status(204).end();
  });
}

const fromOf = (request: Request): From => ({ address: request.ip ?? '', device: deviceOf(request) });
