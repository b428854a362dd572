import { RequestError } from '../api/client';

/** The reason of a failure, in words for people; of what was typed also what was likely meant. */
export function reasonOf(error: unknown): string {
  if (error instanceof RequestError) {
    const { detail, suggestions } = error.problem;
    return suggestions?.length ? `${detail} Perhaps: ${suggestions.join('; ')}.` : detail;
  }
  return error instanceof Error ? error.message : String(error);
}
