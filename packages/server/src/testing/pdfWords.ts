import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs';

/** The words of a PDF, page by page. */
export async function pdfWords(pdf: Uint8Array): Promise<string[]> {
  // The reader takes the bytes away from who gave them.
  const read = await getDocument({ data: new Uint8Array(pdf), verbosity: 0 }).promise;
  return Promise.all(
    Array.from({ length: read.numPages }, async (_, i) =>
      (await (await read.getPage(i + 1)).getTextContent()).items
        .map((t) => ('str' in t ? t.str : ''))
        .join(' '),
    ),
  );
}
