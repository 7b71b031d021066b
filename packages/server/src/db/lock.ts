import { join } from 'node:path';
import Database from 'better-sqlite3';

/** A server that is stopping needs a moment to let go. */
const WAIT_MS = 4000;

export class FolderTaken extends Error {}

/**
 * Takes a folder for this process alone: an exclusive transaction on a small file of its own, which the system lets go
 * of when the process ends, however it ends. Nothing is left behind that would have to be removed by hand.
 * @returns lets go of it
 * @throws FolderTaken while another server has it
 */
export function lockFolder(folder: string, waitMs = WAIT_MS): () => void {
  const lock = new Database(join(folder, 'in-use.lock'), { timeout: waitMs });
  try {
    lock.exec('BEGIN EXCLUSIVE');
  } catch (error) {
    lock.close();
    if ((error as { code?: string }).code?.startsWith('SQLITE_BUSY')) throw new FolderTaken(folder);
    throw error;
  }
  return () => lock.close();
}
