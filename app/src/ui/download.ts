/** Hands a text, or what a worker has made, to the browser as a file to keep. */
export function download(page: Document, name: string, content: string | Blob, type = ''): void {
  const link = page.createElement('a');
  link.href = URL.createObjectURL(typeof content === 'string' ? new Blob([content], { type }) : content);
  link.download = name;
  link.click();
  URL.revokeObjectURL(link.href);
}
