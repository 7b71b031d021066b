/** The address of the feed: a calendar carries no cookie, so the secret in it is its key. */
export const FEED_PATH = /^\/calendar\/feed\/([\w-]{43})\.ics$/;
