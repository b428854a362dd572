/** Tables that people bring along: files and pasted text become columns and cells of text, and those become rows of fields. */
package knollwind.core.table;
