/** The server with the demo scenario, and one nobody has used yet. */
export const PORT = 4899;
export const EMPTY_PORT = 4897;
