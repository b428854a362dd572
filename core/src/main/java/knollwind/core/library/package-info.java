/** Ready-made moves, kept as sentences. */
package knollwind.core.library;
