/** What scrolls the page: the rail stays, the work moves. */
export const pageScroller = () => document.getElementById("work");
