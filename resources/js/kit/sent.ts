/** Empties a box once what stood in it is sent; what was typed meanwhile stays. */
export const emptied = (sent: string) => (now: string) => (now === sent ? "" : now);
