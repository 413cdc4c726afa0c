import { Mail, MessageCircleQuestion, Phone, Share2 } from 'lucide-react';
import { useState } from 'react';
import type { ReportDocument } from '#core/report';
import { Button, buttonLook } from '../components/Button';
import { useAsk } from './AskContext';

/** The ways to whoever stands behind the report: ask on the page, call, write; and to hand the report on. */
export function ReachYard({ report }: { report: ReportDocument }) {
  const ask = useAsk();
  const [isCopied, setCopied] = useState(false);
  const { phone, mail } = report.yard;
  const share = async () => {
    const url = location.href.split('#')[0] ?? '';
    if (navigator.share) {
      // Shut without choosing anybody: nothing to say.
      await navigator.share({ title: report.title, url }).catch(() => undefined);
      return;
    }
    await navigator.clipboard.writeText(url);
    setCopied(true);
  };
  return (
    <nav aria-label="Ask the yard" className="mx-4 mt-3 flex flex-wrap gap-2 print:hidden">
      {ask && (
        <Button look="tape" onClick={() => ask({ about: {}, title: 'this car' })}>
          <MessageCircleQuestion aria-hidden size={20} /> Ask
        </Button>
      )}
      {phone && (
        <a className={buttonLook()} href={`tel:${phone.replaceAll(/[^+\d]/g, '')}`}>
          <Phone aria-hidden size={20} /> Call
        </a>
      )}
      {mail && (
        <a
          className={buttonLook()}
          href={`mailto:${mail}?subject=${encodeURIComponent(`${report.title}, ${report.car.stockNumber}`)}`}
        >
          <Mail aria-hidden size={20} /> Write
        </a>
      )}
      <Button onClick={() => void share()}>
        <Share2 aria-hidden size={20} /> {isCopied ? 'Link copied' : 'Share'}
      </Button>
    </nav>
  );
}
