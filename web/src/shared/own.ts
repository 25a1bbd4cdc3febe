const mine = new Set<string>();

/** Commands of this page: it has read their outcome already when the stream tells of them. */
export const own = {
  remember(command: string) {
    mine.add(command);
    // The oldest go first; the stream has told of them long ago.
    if (mine.size > 100) mine.delete(mine.values().next().value ?? "");
  },
  has: (command: string | null | undefined) => typeof command === "string" && mine.has(command),
};
