/** Streams that tell open pages what others change. */
package knollwind.server.watch;
