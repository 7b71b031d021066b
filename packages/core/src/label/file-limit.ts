/** A file of label sheets is a few kilobytes a sheet: this is hundreds of them. */
export const MOST_FILE_BYTES = 1_000_000;
