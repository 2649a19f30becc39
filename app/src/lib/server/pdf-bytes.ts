/** All that a PDF comes to: call it before anything is drawn, and await it once the PDF has ended. */
export function pdfBytes(pdf: PDFKit.PDFDocument): Promise<Uint8Array> {
  const chunks: Uint8Array[] = [];
  return new Promise((resolve, reject) => {
    pdf.on('data', (chunk: Uint8Array) => chunks.push(chunk));
    pdf.on('end', () => resolve(Buffer.concat(chunks)));
    pdf.on('error', reject);
  });
}
