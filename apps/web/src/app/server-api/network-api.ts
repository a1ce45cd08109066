import { HttpClient } from '@angular/common/http';
import { inject, Injectable } from '@angular/core';
import type { LetInCode, NetworkState } from '@zabble/contract';
import { ROUTES } from '@zabble/contract/routes';
import type { Observable } from 'rxjs';

/** How the server can be reached, and by whom. */
@Injectable({ providedIn: 'root' })
export class NetworkApi {
  private readonly http = inject(HttpClient);

  state(): Observable<NetworkState> {
    return this.http.get<NetworkState>(ROUTES.network);
  }

  set(open: boolean, address?: string): Observable<NetworkState> {
    return this.http.put<NetworkState>(ROUTES.network, address === undefined ? { open } : { open, address });
  }

  code(): Observable<LetInCode> {
    return this.http.post<LetInCode>(ROUTES.letInCode, {});
  }

  withdraw(device: string): Observable<unknown> {
    return this.http.delete(ROUTES.letInDevice(device));
  }
}
