export { type ToLookAt, toLookAtAgain } from './toLookAtAgain';
