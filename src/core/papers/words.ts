import { namesAs } from '../told';
import { proofWords, serviceWorkIds } from './serviceWorks';
import words from './words.json' with { type: 'json' };

/** What is said of a service record, certificates, odometer figures and identity numbers. */
export const paperWords = [
  words,
  namesAs('proof', Object.entries(proofWords)),
  namesAs(
    'work',
    serviceWorkIds.map((id) => [id, id, id === 'tyres' ? 'tires' : id]),
  ),
];
