import PDFDocument from 'pdfkit';
import type { Paper } from '../../pdfs/paper';
import { type FontName, fontBytes, fontFor, runsOf, type Weight } from './fonts';

export const ink = '#14181c';
export const soft = '#4a535b';
export const warn = '#8f1d1d';
export const tape = '#ffc933';
export const rule = '#c9cdc8';

const MARGIN = 42;
const FOOT = 20;
const LINE_GAP = 1.2;
/** Size of running text. */
const BODY = 9.5;

export interface TextStyle {
  size?: number;
  weight?: Weight;
  colour?: string;
  x?: number;
  width?: number;
  /** Space below, in points. */
  gap?: number;
  /** Place of the document a tap on it leads to. */
  goTo?: string;
  /** What it is to a screen reader: a paragraph when left out. */
  as?: 'H1' | 'H2';
}

/** A page that is written from top to bottom and turns by itself. Measures in points. */
export class Sheet {
  readonly pdf: PDFKit.PDFDocument;
  readonly left = MARGIN;
  y = MARGIN;
  /** Counts pages turned. */
  page = 1;
  /** Headings so far, with their pages. */
  readonly headings: { text: string; page: number; name: string }[] = [];
  readonly #document: PDFKit.PDFStructureElement;
  readonly #known = new Set<FontName>();
  readonly #heights = new Map<string, number>();

  constructor(paper: Paper, title: string) {
    this.pdf = new PDFDocument({
      size: paper === 'a4' ? 'A4' : 'LETTER',
      margins: { top: MARGIN, bottom: 0, left: MARGIN, right: MARGIN },
      bufferPages: true,
      info: { Title: title, Producer: 'Zelk', Creator: 'Zelk' },
      lang: 'en',
      displayTitle: true,
      pdfVersion: '1.7',
      tagged: true,
    });
    this.#document = this.pdf.struct('Document');
    this.pdf.addStructure(this.#document);
  }

  get width(): number {
    return this.pdf.page.width - 2 * MARGIN;
  }

  get #end(): number {
    return this.pdf.page.height - MARGIN - FOOT;
  }

  /** Turns the page unless `height` still fits. */
  need(height: number): void {
    if (height > this.room) this.turn();
  }

  turn(): void {
    this.pdf.addPage();
    this.page++;
    this.y = MARGIN;
  }

  /** What is left of this page, and what a whole one has. */
  get room(): number {
    return this.#end - this.y;
  }

  get fullRoom(): number {
    return this.#end - MARGIN;
  }

  heightOf(text: string, { size = BODY, weight = 'regular', width = this.width }: TextStyle = {}): number {
    // A block is measured whole before its lines are written: each line need be laid out only once for that.
    const key = `${size} ${weight} ${width} ${text}`;
    let height = this.#heights.get(key);
    if (height === undefined) {
      this.#use(text, weight);
      this.pdf.fontSize(size);
      // Most lines fit: breaking them only to learn that costs as much as writing them.
      const fits = !text.includes('\n') && this.pdf.widthOfString(text) <= width;
      height = fits
        ? this.pdf.currentLineHeight(true) + LINE_GAP
        : this.pdf.heightOfString(text, { width, lineGap: LINE_GAP });
      this.#heights.set(key, height);
    }
    return height;
  }

  text(text: string, style: TextStyle = {}): void {
    const {
      size = BODY,
      weight = 'regular',
      colour = ink,
      x = this.left,
      width = this.width,
      gap = 3,
      as = 'P',
      goTo,
    } = style;
    const height = this.heightOf(text, style);
    this.need(height);
    this.pdf.fontSize(size).fillColor(colour);
    const runs = runsOf(text, weight);
    this.#tag(as, {}, () =>
      runs.forEach((run, i) => {
        this.#setFont(run.font);
        const options = { width, lineGap: LINE_GAP, continued: i < runs.length - 1, ...(goTo && { goTo }) };
        if (i === 0) this.pdf.text(run.text, x, this.y, options);
        else this.pdf.text(run.text, options);
      }),
    );
    this.y += height + gap;
  }

  /** A short word about a point of a drawing, its middle there. Does not move on. */
  label(text: string, x: number, y: number, size: number, begins = false): void {
    this.#use(text, 'bold');
    this.pdf.fontSize(size).fillColor(ink);
    const width = begins ? 0 : this.pdf.widthOfString(text);
    this.pdf.text(text, x - width / 2, y - size * 0.6, { lineBreak: false });
  }

  /** `room`: what must fit on the page with it. */
  heading(text: string, room = 70): void {
    this.need(room);
    if (this.y > MARGIN) this.y += 12;
    this.pdf.outline.addItem(text);
    const name = `chapter ${this.headings.length + 1}`;
    this.pdf.addNamedDestination(name, 'XYZ', this.left, this.y, null);
    this.headings.push({ text, page: this.page, name });
    this.text(text, { size: 13, weight: 'bold', gap: 4, as: 'H2' });
  }

  /** Goes back to a page to write what is known at the end; `turn` and the foot go on where they were. */
  onPage(page: number, y: number, write: () => void): void {
    const at = [this.page, this.y] as const;
    this.pdf.switchToPage(page - 1);
    [this.page, this.y] = [page, y];
    write();
    [this.page, this.y] = at;
    this.pdf.switchToPage(this.page - 1);
  }

  /** Something drawn, with what it shows for those who cannot see it. */
  figure(alt: string, draw: () => void): void {
    this.#tag('Figure', { alt }, draw);
  }

  #tag(as: 'P' | 'H1' | 'H2' | 'Figure', options: { alt?: string }, draw: () => void): void {
    this.#document.add(this.pdf.struct(as, options, draw));
  }

  line(): void {
    this.pdf
      .moveTo(this.left, this.y)
      .lineTo(this.left + this.width, this.y)
      .lineWidth(0.5)
      .stroke(rule);
    this.y += 6;
  }

  /** Writes into the foot of every page, when all of them are there. */
  foot(write: (page: number, of: number) => string): void {
    const { start, count } = this.pdf.bufferedPageRange();
    for (let i = 0; i < count; i++) {
      this.pdf.switchToPage(start + i);
      const text = write(i + 1, count);
      this.#use(text, 'regular');
      this.pdf
        .fontSize(8)
        .fillColor(soft)
        .text(text, this.left, this.pdf.page.height - MARGIN, {
          width: this.width,
          align: 'center',
          lineBreak: false,
        });
    }
  }

  #use(text: string, weight: Weight): void {
    this.#setFont(fontFor(text, weight));
  }

  #setFont(name: FontName): void {
    if (!this.#known.has(name)) {
      this.pdf.registerFont(name, fontBytes(name));
      this.#known.add(name);
    }
    this.pdf.font(name);
  }
}
