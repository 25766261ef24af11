/** The server with the demo scenario, and one nobody has used yet. */
export const PORT = 4899;
export const EMPTY_PORT = 4897;
/** One that others can reach. */
export const DOOR_PORT = 4893;
