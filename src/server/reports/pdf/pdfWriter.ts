/** What writes PDFs. Fetched when the first one is: it takes a quarter of a server's start otherwise. */
export const pdfWriter = () => import('./writePdf');
