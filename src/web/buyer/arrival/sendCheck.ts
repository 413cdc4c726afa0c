import type { KeptPicture, StoredCheckPage } from '#core/api';
import { putFile, sendJson } from '../../api/client';
import type { Draft, DraftStore } from './draftStore';
import { fillDraft } from './fillDraft';

/** Sends a signed check: its photos first, then the statement. May be repeated after any break. */
export async function sendCheck(store: DraftStore, draft: Draft): Promise<StoredCheckPage> {
  const filled = fillDraft(draft, draft.signedAt ?? '');
  if (!filled.ok) throw new Error('The check is not signed yet.');
  for (const sha256 of new Set(filled.check.answers.flatMap(({ photos }) => photos))) {
    const blob = await store.photo(draft.link, sha256);
    if (blob) await putFile<KeptPicture>(`${draft.link}/photos/${sha256}`, blob);
  }
  return sendJson<StoredCheckPage>('POST', `${draft.link}/checks`, filled.check);
}
