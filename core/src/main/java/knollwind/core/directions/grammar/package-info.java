/** The words of sentences: what is read from a typed one, what may stand next, and how numbers and names are said. */
package knollwind.core.directions.grammar;
