import { Injectable } from '@angular/core';
import { ROUTES } from '@zabble/contract/routes';
import type { DeviceQuery, DeviceReading } from '@zabble/contract';
import { Observable } from 'rxjs';

/** What a measuring device sends while it is listened to; undefined while it is not reached. */
@Injectable({ providedIn: 'root' })
export class MeasuringDevice {
  readings(device: DeviceReading['device'], { about, place }: DeviceQuery): Observable<DeviceReading | undefined> {
    return new Observable((listener) => {
      const query = new URLSearchParams({ about: String(about), place: String(place) });
      const source = new EventSource(`${ROUTES[device]}?${query}`);
      source.onmessage = ({ data }) => listener.next(JSON.parse(String(data)) as DeviceReading);
      source.onerror = () => listener.next(undefined);
      return () => source.close();
    });
  }
}
