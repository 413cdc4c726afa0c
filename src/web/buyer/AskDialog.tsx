import { Dialog, DialogPanel, DialogTitle } from '@headlessui/react';
import { type FormEvent, useState } from 'react';
import { v4 as newId } from 'uuid';
import type { SharedQuestions } from '#core/api';
import { LONGEST_QUESTION, type Question } from '#core/questions';
import { sendJson } from '../api/client';
import { Button } from '../components/Button';
import { Field, inputLook } from '../components/Field';
import { RingOnPhoto } from '../components/RingOnPhoto';
import type { AskedAbout } from '../report/AskContext';
import type { PhotoUrl } from '../report/photoUrl';

interface AskDialogProps {
  asked: AskedAbout;
  path: string;
  photoUrl: PhotoUrl;
  onAsked: (questions: Question[]) => void;
  onClose: () => void;
}

/** One question, in the reader's own words, about the very spot. */
export function AskDialog({ asked, path, photoUrl, onAsked, onClose }: AskDialogProps) {
  const [text, setText] = useState('');
  const [wantsLook, setWantsLook] = useState(false);
  const [about, setAbout] = useState(asked.about);
  const [error, setError] = useState<string>();
  const [isSending, setSending] = useState(false);
  // The same id when it is sent again: asked once, however often the signal breaks.
  const [id] = useState(() => newId());
  const submit = async (event: FormEvent) => {
    event.preventDefault();
    if (text.trim().length < 3) {
      setError('Type what you want to know.');
      return;
    }
    setSending(true);
    try {
      const { questions } = await sendJson<SharedQuestions>('POST', `${path}/questions`, {
        id,
        text: text.trim(),
        about,
        wantsLook,
      });
      onAsked(questions);
    } catch (failure) {
      setError((failure as Error).message);
      setSending(false);
    }
  };
  return (
    <Dialog open onClose={onClose} className="relative z-40">
      <div className="fixed inset-0 bg-night/60" aria-hidden />
      <div className="fixed inset-0 grid place-items-end sm:place-items-center">
        <DialogPanel className="max-h-dvh w-full max-w-lg overflow-y-auto border-t-8 border-tape bg-sheet p-4 sm:rounded-md">
          <DialogTitle className="text-xl leading-tight">Ask about {asked.title}</DialogTitle>
          <form onSubmit={submit} className="mt-3 space-y-3">
            {about.photo && (
              <RingOnPhoto
                url={photoUrl(about.photo, 1600)}
                at={about.at}
                onAt={(at) => setAbout({ ...about, at })}
              />
            )}
            <Field
              id="question"
              label="What do you want to know?"
              hint={`The yard and other readers see it, without your name. ${LONGEST_QUESTION - text.length} characters left.`}
              error={error}
            >
              <textarea
                id="question"
                rows={4}
                maxLength={LONGEST_QUESTION}
                className={`${inputLook} py-2`}
                value={text}
                aria-invalid={error !== undefined}
                aria-describedby="question-says"
                onChange={(event) => {
                  setText(event.target.value);
                  setError(undefined);
                }}
              />
            </Field>
            <label className="flex min-h-12 items-center gap-3 font-bold">
              <input
                type="checkbox"
                className="size-6 accent-accent"
                checked={wantsLook}
                onChange={(event) => setWantsLook(event.target.checked)}
              />
              A closer look, please, with a picture
            </label>
            <div className="grid grid-cols-2 gap-2">
              <Button onClick={onClose}>Not now</Button>
              <Button type="submit" look="main" disabled={isSending}>
                {isSending ? 'Sending…' : 'Ask the yard'}
              </Button>
            </div>
          </form>
        </DialogPanel>
      </div>
    </Dialog>
  );
}
