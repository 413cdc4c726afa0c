import type { YardFile } from '#core/exchange';
import { longDay } from '#core/wording';

/** What lies in the archive, for whoever opens it without Zelk. */
export const readme = ({ yard, exportedAt, cars, counts }: YardFile): string =>
  `${yard.name}: everything, as it was on ${longDay(exportedAt)}
${cars.length} cars, ${counts.walks} walks, ${counts.reports} reports, ${counts.photos} photos, ${counts.recordings} recordings.

yard.json                     the yard, its people’s names, its cars (JSON)
cars.csv                      the cars as a table (CSV, UTF-8)
walks/STOCK-ID/walk.json      a walk: everything said on it in the order it was said, and its reports as they were frozen (JSON)
walks/STOCK-ID/findings.csv   its findings as a table
walks/STOCK-ID/questions.json, checks.json   what buyers asked, and what was signed for at collection and on arrival
reports/                      every frozen report as PDF
photos/, recordings/          as they were taken, named by the SHA-256 of their bytes; walks name them by it
copies/                       photos of which only a copy ever came
words.json                    the yard’s own words for what is said of a car, and what each stands for, where it has
prices.json, crew.json, cure-rules.json   what the yard has set for putting cars right, where it has

Another Zelk takes all of it in under “Import”, but for questions and checks, which belong to links given out here, and for prices, crew and rules, which are there to be read. Passwords and links are not in it.
`;
