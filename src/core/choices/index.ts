export { type Offer, offersOf } from './offersOf';
