/** What stands beside the picture: directions, times, handles, and what does not fit. */
package knollwind.server.page;
