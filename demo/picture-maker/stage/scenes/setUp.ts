import type { Picture } from '../../spec';
import { makeKeys, makeServiceBook } from '../cabin/papers';
import { atWheel, ofTread } from './atWheel';
import { ofDashboard, ofSeat, onDesk } from './indoors';
import { onSpot, wholeCar } from './onCar';
import type { Scene } from './scene';

/** Sets the scene a picture asks for. */
export function setUp(picture: Picture): Scene {
  const { view } = picture;
  switch (view.of) {
    case 'car':
      return wholeCar(picture, view);
    case 'spot':
      return onSpot(picture, view);
    case 'wheel':
      return atWheel(picture, view);
    case 'tread':
      return ofTread(picture, view);
    case 'seat':
      return ofSeat(picture, view);
    case 'dashboard':
      return ofDashboard(picture, view);
    case 'keys':
      return onDesk(picture, makeKeys(view.count), 300, 10);
    case 'service-book':
      return onDesk(picture, makeServiceBook(view.lines), 330, 70);
  }
}
