/**
 * Hands a file of the house over, to keep or to print: by a link of this page, since a tab of its own stays open, empty,
 * when the file is there. Its name is the one that the house gives it.
 * @param path an address of the house
 */
export function takeFile(path: string): void {
  Object.assign(document.createElement('a'), { href: path, download: '' }).click();
}
