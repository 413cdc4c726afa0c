import type { Response } from 'express';
import { z } from 'zod';
import { sharedPageSchema, sharedQuestionsSchema, unlockedSchema } from '#core/api';
import { newQuestionSchema } from '#core/questions';
import { compareReports, coverNotes } from '#core/report';
import type { Context } from '../../context';
import { unprocessable } from '../../problems';
import { askQuestion, questionsOf, withoutNames } from '../../questions/askQuestion';
import { drawingsOf } from '../../reports/drawings';
import { addressOf } from '../guessLimit';
import { COOKIE, linkOpener, linkProblems, revisionQuery, tokenParams } from '../openLink';
import { makePackedAnswers } from '../packedAnswers';
import { type AnyRoute, answered, route } from '../route';

const UNLOCKED_MS = 30 * 86_400_000;
/** Pages kept ready: those of the reports that are read these days. */
const MOST_PAGES = 60;

/** What a link opens in words: one walk's reports and what was asked of them, and nothing else. Files are in `sharedFiles`. */
export function sharedRoutes(context: Context): AnyRoute[] {
  const { stores, covers, now, guesses } = context;

  const { opened, admit, revisionsBeside, revisionOf } = linkOpener(context);
  const sendPacked = makePackedAnswers(MOST_PAGES);
  return [
    route({
      method: 'post',
      path: '/api/shared/:token/questions',
      summary: 'Ask about a part, finding or picture; asking the same again changes nothing',
      needs: 'link',
      params: tokenParams,
      admit,
      body: newQuestionSchema,
      status: 201,
      gives: sharedQuestionsSchema,
      handle: ({ params, body }, request) => {
        const { share, report } = opened(request, params.token);
        const { sent } = revisionsBeside(report);
        askQuestion(stores, body, {
          walk: sent.walk,
          share,
          from: stores.shares.labelOf(share),
          askedAt: now().toISOString(),
        });
        context.live.tell(sent.walk);
        return { questions: withoutNames(questionsOf(stores, sent.walk)) };
      },
    }),
    route({
      method: 'get',
      path: '/api/shared/:token/questions',
      summary: 'What was asked and answered so far, and the newest revision',
      needs: 'link',
      params: tokenParams,
      gives: sharedQuestionsSchema.extend({ newest: z.int().positive() }),
      handle: ({ params }, request) => {
        const { sent, all } = revisionsBeside(opened(request, params.token).report);
        return {
          questions: withoutNames(questionsOf(stores, sent.walk)),
          newest: all.at(-1)?.revision ?? sent.revision,
        };
      },
    }),
    route({
      method: 'get',
      path: '/api/shared/:token',
      summary: 'The newest revision of the report a link opens, and what changed; or an older `revision`',
      needs: 'link',
      params: tokenParams,
      query: revisionQuery,
      gives: sharedPageSchema,
      handle: ({ params, query }, request, response) => {
        response.set('Cache-Control', 'private, no-store');
        const { share, report: reportId } = opened(request, params.token);
        const { sent, all } = revisionsBeside(reportId);
        const { report, sha256 } = revisionOf(reportId, query.revision);
        const earlier = all.findLast(({ revision }) => revision < report.revision);
        // Whoever was sent an earlier one is told what came since; others what the last revision brought.
        const since = sent.revision < report.revision ? reportId : earlier?.id;
        if (query.revision === undefined) stores.shares.noteOpened(share, now().toISOString());
        const page = () => {
          const before = since && stores.reports.get(since);
          // What its words were told from is for copies to keep: a reader's phone need not load it.
          const { messages: _, ...words } = report;
          return {
            report: words,
            sha256,
            sent: sent.revision,
            questions: withoutNames(questionsOf(stores, report.walk)),
            revisions: all.map(({ revision, frozenAt }) => ({ revision, frozenAt })),
            ...(before && { changes: compareReports(before, report) }),
            drawn: drawingsOf(context, report),
            covered: coverNotes(report, covers(report.walk)),
          } satisfies z.input<typeof sharedPageSchema>;
        };
        // Questions grow by their number, answers and what is hidden in pictures with the log.
        const asked = stores.questions.count(report.walk);
        const said = stores.walks.get(report.walk)?.entries;
        const key = [report.id, since, sent.revision, all.length, asked, said].join(' ');
        sendPacked(request, response, key, page);
        return answered;
      },
    }),
    route({
      method: 'post',
      path: '/api/shared/:token/unlock',
      summary: 'Give the passphrase of a link; the browser keeps a cookie for that link alone',
      needs: 'link',
      params: tokenParams,
      body: z.object({ passphrase: z.string().max(200) }),
      gives: unlockedSchema,
      handle: async ({ params, body }, request, response: Response) => {
        const at = now().toISOString();
        const answer = stores.shares.open(params.token, at);
        if (answer.status === 'open') return { status: 'open' as const };
        if (answer.status === 'unknown') guesses.wrongLink(addressOf(request));
        if (answer.status !== 'locked') throw linkProblems[answer.status]();
        await guesses.mayTry(answer.share);
        const unlock = await stores.shares.unlock(answer.share, body.passphrase, at);
        if (!unlock) {
          guesses.wrongPassphrase(addressOf(request), answer.share);
          throw unprocessable(
            'passphrase-wrong',
            'That is not the passphrase of this link. Mind capitals and spaces, or ask the yard.',
          );
        }
        response.cookie(COOKIE, unlock, {
          path: `/api/shared/${params.token}`,
          httpOnly: true,
          sameSite: 'strict',
          secure: request.secure || context.publicUrl?.startsWith('https:') === true,
          maxAge: UNLOCKED_MS,
        });
        return { status: 'open' as const };
      },
    }),
  ];
}
