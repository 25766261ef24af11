/** The shape of every error the API answers with. */
export interface ApiError {
  statusCode: number;
  error: string;
  message: string[];
  path: string;
  /** 409 only: the state the save would have overwritten. */
  current?: unknown;
}
