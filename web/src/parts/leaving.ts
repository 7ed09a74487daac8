/** Loaded anew or closed, and put aside on a telephone, where nothing tells that a page is closed. */
export const LEAVING = ["beforeunload", "pagehide"];
