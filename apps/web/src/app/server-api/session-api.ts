import { HttpClient } from '@angular/common/http';
import { inject, Injectable } from '@angular/core';
import type {
  AuditPage,
  ChangePassword,
  Crew,
  InvitationMade,
  Invite,
  Invited,
  Join,
  RecoveryCodes,
  Role,
  SecondFactorBegun,
  SessionRow,
  SessionState,
  SignIn,
} from '@zabble/contract';
import { ROUTES } from '@zabble/contract/routes';
import type { Observable } from 'rxjs';

/** Who is signed in on this device, and the people of the shop. */
@Injectable({ providedIn: 'root' })
export class SessionApi {
  private readonly http = inject(HttpClient);

  state(): Observable<SessionState> {
    return this.http.get<SessionState>(ROUTES.session);
  }

  signIn(sent: SignIn): Observable<unknown> {
    return this.http.post(ROUTES.session, sent);
  }

  signOut(): Observable<unknown> {
    return this.http.delete(ROUTES.session);
  }

  invited(token: string): Observable<Invited> {
    return this.http.post<Invited>(ROUTES.invitation, { token });
  }

  join(sent: Join): Observable<unknown> {
    return this.http.post(ROUTES.join, sent);
  }

  forgotten(email: string): Observable<unknown> {
    return this.http.post(ROUTES.forgotten, { email });
  }

  newPassword(token: string, password: string): Observable<unknown> {
    return this.http.post(ROUTES.newPassword, { token, password });
  }

  lookAt(shop: string): Observable<SessionState> {
    return this.http.put<SessionState>(ROUTES.sessionShop, { shop });
  }

  sessions(): Observable<readonly SessionRow[]> {
    return this.http.get<readonly SessionRow[]>(ROUTES.sessions);
  }

  endSession(id: string): Observable<readonly SessionRow[]> {
    return this.http.delete<readonly SessionRow[]>(ROUTES.endSession(id));
  }

  changePassword(sent: ChangePassword): Observable<unknown> {
    return this.http.put(ROUTES.password, sent);
  }

  beginFactor(password: string): Observable<SecondFactorBegun> {
    return this.http.post<SecondFactorBegun>(ROUTES.secondFactor, { password });
  }

  factorOn(code: string): Observable<RecoveryCodes> {
    return this.http.put<RecoveryCodes>(ROUTES.secondFactor, { code });
  }

  factorOff(password: string): Observable<unknown> {
    return this.http.delete(ROUTES.secondFactor, { body: { password } });
  }

  crew(): Observable<Crew> {
    return this.http.get<Crew>(ROUTES.crew);
  }

  invite(sent: Invite): Observable<InvitationMade> {
    return this.http.post<InvitationMade>(ROUTES.invitations, sent);
  }

  withdraw(invitation: string): Observable<Crew> {
    return this.http.delete<Crew>(ROUTES.withdrawInvitation(invitation));
  }

  changeRole(member: string, role: Role): Observable<Crew> {
    return this.http.put<Crew>(ROUTES.member(member), { role });
  }

  remove(member: string): Observable<Crew> {
    return this.http.delete<Crew>(ROUTES.member(member));
  }

  deleteShop(password: string): Observable<unknown> {
    return this.http.post(ROUTES.deleteShop, { password });
  }

  restoreShop(): Observable<SessionState> {
    return this.http.post<SessionState>(ROUTES.restoreShop, {});
  }

  /** All of a shop, as it was taken out elsewhere. */
  bringShop(file: Blob): Observable<{ readonly rows: number }> {
    const headers = { 'content-type': 'application/gzip' };
    return this.http.post<{ readonly rows: number }>(ROUTES.shopFile, file, { headers });
  }

  audit(before?: number): Observable<AuditPage> {
    return this.http.get<AuditPage>(ROUTES.audit, { params: before === undefined ? {} : { before } });
  }
}
