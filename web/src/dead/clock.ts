/** An hour and a minute, as they are said here. */
export const clock = new Intl.DateTimeFormat(undefined, { timeStyle: "short" });
