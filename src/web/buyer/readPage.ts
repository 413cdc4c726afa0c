import type { SharedPage } from '#core/api';
import { request } from '../api/answers';

/** What changes on an open page. */
export type News = Pick<SharedPage, 'questions'> & { newest: number };

/** What a link opens; with the moment it was kept, where it comes from the phone itself. */
export type ReadPage = SharedPage & { keptAt?: string };

/**
 * The report a link opens. Its shape is proven where it is frozen, and again where a copy is held against it; here it must only be one that this page
 * can read, so that readers need not wait for the shapes to travel. Throws RefusedError or UnreachableError, and Error for a report of a later kind.
 */
export async function readPage(path: string): Promise<ReadPage> {
  const page = (await request(path, {})) as ReadPage;
  if (page?.report?.format !== 'zelk-report' || page.report.version !== 1)
    throw new Error('The report is of a later kind than this page. Load the page again.');
  return page;
}

export async function readNews(path: string): Promise<News> {
  const news = (await request(`${path}/questions`, {})) as News;
  if (!Array.isArray(news?.questions)) throw new Error('That is no list of questions.');
  return news;
}
