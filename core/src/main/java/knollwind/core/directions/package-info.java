/**
 * Moves and settings as sentences, and back. A printed sentence is made of parts, each with the controls that change what
 * it says; a typed sentence is read clause by clause. What is printed can always be read: reading a printed move gives the
 * same move. The grammar is in {@code docs/directions.md}.
 */
package knollwind.core.directions;
