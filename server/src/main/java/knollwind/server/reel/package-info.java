/** Frames of drafts as reels, for the painter in the page. */
package knollwind.server.reel;
