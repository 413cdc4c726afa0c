import sharp from 'sharp';

/** The invented yard's mark: a gate between two posts. */
export const yardLogo = async (): Promise<Uint8Array<ArrayBuffer>> =>
  new Uint8Array(
    await sharp(
      Buffer.from(
        `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 240 120" width="480" height="240" fill="none" stroke="#24486b" stroke-width="12" stroke-linecap="round">
          <path d="M30 108V18M210 108V18M30 40H210M30 92H210M48 92L192 40"/>
        </svg>`,
      ),
    )
      .png()
      .toBuffer(),
  );
