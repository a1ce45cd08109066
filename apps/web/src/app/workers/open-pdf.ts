import { getDocument, PDFWorker } from 'pdfjs-dist';
import type { PdfPages } from './pdf-pages';

/** One reader for all papers, in a worker of its own. */
let reader: PDFWorker | undefined;

export async function openPdf(file: Blob): Promise<PdfPages> {
  reader ??= PDFWorker.create({
    port: new Worker(new URL('./pdf.worker', import.meta.url), { type: 'module' }),
  });
  const opening = getDocument({ data: await file.arrayBuffer(), worker: reader });
  const paper = await opening.promise;
  const pages = await Promise.all(Array.from({ length: paper.numPages }, (_, index) => paper.getPage(index + 1)));
  return {
    sizes: pages.map((page) => page.getViewport({ scale: 1 })).map(({ width, height }) => ({ width, height })),
    draw: async (index, canvas, dots) => {
      const page = pages[index];
      if (!page) return;
      const viewport = page.getViewport({ scale: dots / page.getViewport({ scale: 1 }).width });
      Object.assign(canvas, { width: Math.round(viewport.width), height: Math.round(viewport.height) });
      await page.render({ canvas, viewport }).promise;
    },
    end: () => void opening.destroy(),
  };
}
