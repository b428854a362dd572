import { RequestError } from '../api/client';

/** The reason of a failure, in words for people. */
export const reasonOf = (error: unknown): string =>
  error instanceof RequestError
    ? error.problem.detail
    : error instanceof Error
      ? error.message
      : String(error);
