/** Hands a text to the browser as a file to keep. */
export function download(page: Document, name: string, text: string, type: string): void {
  const link = page.createElement('a');
  link.href = URL.createObjectURL(new Blob([text], { type }));
  link.download = name;
  link.click();
  URL.revokeObjectURL(link.href);
}
