/** Moves as sentences, and back. Each clause has its reader and its printer in one file. */
package knollwind.core.directions.move;
