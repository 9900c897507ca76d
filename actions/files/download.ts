/** Hands a text, or a file that is kept, to the person as a file. */
export function download(name: string, content: string | Blob, type = 'application/octet-stream'): void {
  const address = URL.createObjectURL(new Blob([content], { type }));
  const link = document.createElement('a');
  link.href = address;
  link.download = name;
  link.click();
  URL.revokeObjectURL(address);
}
