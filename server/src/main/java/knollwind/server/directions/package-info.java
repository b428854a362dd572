/** Typed sentences of moves, read and completed. */
package knollwind.server.directions;
