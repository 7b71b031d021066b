import { problemSchema } from '@sleetbrook/core/api';
import type { Card } from '@sleetbrook/core/mix';
import { ApiProblem } from './client';

/**
 * A card as a PDF.
 * @throws ApiProblem when the server refuses it or can not be reached
 */
export async function printCard(card: Card): Promise<Blob> {
  let response: Response;
  try {
    response = await fetch('/api/v1/cards/pdf', { method: 'POST', headers: { 'Content-Type': 'application/json' }, body: JSON.stringify(card) });
  } catch {
    throw new ApiProblem({ type: 'about:blank', title: 'No answer', status: 0, detail: 'The server does not answer. Try again.' });
  }
  if (response.ok) return response.blob();
  const problem = problemSchema.safeParse(await response.json().catch(() => null));
  throw new ApiProblem(problem.success ? problem.data : { type: 'about:blank', title: 'Something went wrong', status: response.status });
}
