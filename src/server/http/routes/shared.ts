import type { Response } from 'express';
import { z } from 'zod';
import { sharedPageSchema } from '#core/api';
import type { Overlay } from '#core/picture';
import { newQuestionSchema, questionSchema } from '#core/questions';
import { compareReports, type ReportDocument } from '#core/report';
import { pictureOf, replay, sha256Schema } from '#core/walk';
import { askQuestion, questionsOf, withoutNames } from '../../questions/askQuestion';
import { papers } from '../../reports/pdf/writePdf';
import type { Context } from '../context';
import { noteGuess } from '../guessLimit';
import { COOKIE, linkOpener, linkProblems, revisionQuery, tokenParams } from '../openLink';
import { makePackedAnswers } from '../packedAnswers';
import { notFound, unprocessable } from '../problems';
import { type AnyRoute, route } from '../route';
import { sendPhoto, widthSchema } from './photos';
import { sendRecording } from './recordings';
import { sendArchive, sendPdf } from './reports';
import { sendLogo } from './yard';

const UNLOCKED_MS = 30 * 86_400_000;
/** Pages kept ready: those of the reports that are read these days. */
const MOST_PAGES = 60;

/** Everything a link opens: one walk's reports, their pictures and recordings, and nothing else. */
export function sharedRoutes(context: Context): AnyRoute[] {
  const { stores, now } = context;

  const { opened, revisionsBeside, revisionOf } = linkOpener(context);
  const sendPacked = makePackedAnswers(MOST_PAGES);
  /** The newest revision that names something, so that older ones stay whole. */
  const reportWith = (reportId: string, has: (report: ReportDocument) => boolean) => {
    const { all } = revisionsBeside(reportId);
    for (const { id } of all.toReversed()) {
      const report = stores.reports.get(id);
      if (report && has(report)) return report;
    }
    return undefined;
  };

  /** A picture of an answer, with what was hidden on it. */
  const answerPhoto = (reportId: string, sha256: string): Overlay | undefined => {
    const { sent } = revisionsBeside(reportId);
    const state = replay(sent.walk, stores.walks.entriesOf(sent.walk));
    const isAnswer = [...state.answers.values()].some((given) =>
      given.some(({ photos }) => photos.includes(sha256)),
    );
    if (!isAnswer || state.setAside.has(sha256)) return undefined;
    const { marks, boxes } = pictureOf(state, sha256);
    return { marks: [...marks], ...(boxes && { boxes: [...boxes] }) };
  };

  return [
    route({
      method: 'post',
      path: '/api/shared/:token/questions',
      summary: 'Ask about a part, finding or picture; asking the same again changes nothing',
      params: tokenParams,
      body: newQuestionSchema,
      status: 201,
      gives: z.object({ questions: z.array(questionSchema) }),
      handle: ({ params, body }, request, response) => {
        const { share, report } = opened(request, response, params.token);
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
      params: tokenParams,
      gives: z.object({ questions: z.array(questionSchema), newest: z.int().positive() }),
      handle: ({ params }, request, response) => {
        const { sent, all } = revisionsBeside(opened(request, response, params.token).report);
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
      params: tokenParams,
      query: revisionQuery,
      gives: sharedPageSchema,
      handle: ({ params, query }, request, response) => {
        response.set('Cache-Control', 'private, no-store');
        const { share, report: reportId } = opened(request, response, params.token);
        const { sent, all } = revisionsBeside(reportId);
        const { report, sha256 } = revisionOf(reportId, query.revision);
        const earlier = all.findLast(({ revision }) => revision < report.revision);
        // Whoever was sent an earlier one is told what came since; others what the last revision brought.
        const since = sent.revision < report.revision ? reportId : earlier?.id;
        if (query.revision === undefined) stores.shares.noteOpened(share, now().toISOString());
        const page = () => {
          const before = since && stores.reports.get(since);
          return {
            report,
            sha256,
            sent: sent.revision,
            questions: withoutNames(questionsOf(stores, report.walk)),
            revisions: all.map(({ revision, frozenAt }) => ({ revision, frozenAt })),
            ...(before && { changes: compareReports(before, report) }),
          } satisfies z.input<typeof sharedPageSchema>;
        };
        // Questions grow by their number, answers and what is hidden in pictures with the log.
        const asked = stores.questions.count(report.walk);
        const said = stores.walks.get(report.walk)?.entries;
        const key = [report.id, since, sent.revision, all.length, asked, said].join(' ');
        sendPacked(request, response, key, page);
      },
    }),
    route({
      method: 'post',
      path: '/api/shared/:token/unlock',
      summary: 'Give the passphrase of a link; the browser keeps a cookie for that link alone',
      params: tokenParams,
      body: z.object({ passphrase: z.string().max(200) }),
      gives: z.object({ status: z.literal('open') }),
      handle: ({ params, body }, _request, response: Response) => {
        const at = now().toISOString();
        const answer = stores.shares.open(params.token, at);
        if (answer.status === 'open') return { status: 'open' };
        if (answer.status === 'unknown') noteGuess(response);
        if (answer.status !== 'locked') throw linkProblems[answer.status]();
        const unlock = stores.shares.unlock(answer.share, body.passphrase, at);
        if (!unlock) {
          noteGuess(response);
          throw unprocessable(
            'passphrase-wrong',
            'That is not the passphrase of this link. Mind capitals and spaces, or ask the yard.',
          );
        }
        response.cookie(COOKIE, unlock, {
          path: `/api/shared/${params.token}`,
          httpOnly: true,
          sameSite: 'strict',
          maxAge: UNLOCKED_MS,
        });
        return { status: 'open' };
      },
    }),
    route({
      method: 'get',
      path: '/api/shared/:token/pdf',
      summary: 'The report a link opens, as PDF',
      params: tokenParams,
      query: revisionQuery.extend({ paper: z.enum(papers, 'Choose a4 or letter.').default('a4') }),
      gives: 'application/pdf',
      handle: ({ params, query }, request, response) =>
        sendPdf(
          context,
          revisionOf(opened(request, response, params.token).report, query.revision),
          query.paper,
          response,
        ),
    }),
    route({
      method: 'get',
      path: '/api/shared/:token/archive',
      summary: 'The report a link opens, to keep: page, PDF, tables and pictures as a ZIP',
      params: tokenParams,
      query: revisionQuery,
      gives: 'application/zip',
      handle: ({ params, query }, request, response) =>
        sendArchive(
          context,
          revisionOf(opened(request, response, params.token).report, query.revision),
          false,
          response,
        ),
    }),
    route({
      method: 'get',
      path: '/api/shared/:token/photos/:sha256/:width',
      summary: 'A photo of the report a link opens',
      params: tokenParams.extend({ sha256: sha256Schema, width: widthSchema }),
      gives: 'image/jpeg',
      handle: ({ params }, request, response) => {
        const isIt = ({ sha256 }: { sha256: string }) => sha256 === params.sha256;
        const { share, report: reportId } = opened(request, response, params.token);
        const own = stores.arrivals.hasPhoto(share, params.sha256) ? {} : undefined;
        const photo =
          reportWith(reportId, ({ photos }) => photos.some(isIt))?.photos.find(isIt) ??
          answerPhoto(reportId, params.sha256) ??
          own;
        if (!photo) throw notFound('photo');
        return sendPhoto(context, response, params.sha256, params.width, {
          cache: 'private, max-age=31536000, immutable',
          overlay: photo,
        });
      },
    }),
    route({
      method: 'get',
      path: '/api/shared/:token/logos/:sha256',
      summary: 'The logo on the report a link opens',
      params: tokenParams.extend({ sha256: sha256Schema }),
      gives: 'image/png',
      handle: ({ params }, request, response) => {
        const { report } = opened(request, response, params.token);
        if (!reportWith(report, ({ yard }) => yard.logo === params.sha256)) throw notFound('logo');
        sendLogo(context, params.sha256, response);
      },
    }),
    route({
      method: 'get',
      path: '/api/shared/:token/recordings/:sha256',
      summary: 'A sound or video of the report a link opens',
      params: tokenParams.extend({ sha256: sha256Schema }),
      gives: 'application/octet-stream',
      handle: ({ params }, request, response) => {
        const report = reportWith(opened(request, response, params.token).report, ({ functions }) =>
          Boolean(functions?.recordings?.some(({ sha256 }) => sha256 === params.sha256)),
        );
        if (!report) throw notFound('recording');
        return sendRecording(context, response, params.sha256);
      },
    }),
  ];
}
