import { problemSchema } from '@sleetbrook/core/api';
import type { Card } from '@sleetbrook/core/mix';
import { ApiProblem } from './client';

/** @throws ApiProblem when the server refuses it or can not be reached */
async function paper(path: string, init?: RequestInit): Promise<Blob> {
  let response: Response;
  try {
    response = await fetch(`/api/v1${path}`, init);
  } catch {
    throw new ApiProblem({ type: 'about:blank', title: 'No answer', status: 0, detail: 'Paper is made at home, and home does not answer. Try again there.' });
  }
  if (response.ok) return response.blob();
  const problem = problemSchema.safeParse(await response.json().catch(() => null));
  throw new ApiProblem(problem.success ? problem.data : { type: 'about:blank', title: 'Something went wrong', status: response.status });
}

/** A card as a PDF. @throws ApiProblem when the server refuses it or can not be reached */
export const printCard = (card: Card): Promise<Blob> =>
  paper('/cards/pdf', { method: 'POST', headers: { 'Content-Type': 'application/json' }, body: JSON.stringify(card) });

/** The season on one page. @throws ApiProblem when the server can not be reached */
export const printSeason = (): Promise<Blob> => paper('/season/board.pdf');
