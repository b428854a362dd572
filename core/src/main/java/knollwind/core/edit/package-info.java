/**
 * Edits of documents that are more than a number: an intent and the document it was made on, in; a patch, out. What an intent means
 * is decided here and nowhere else, so that a page, a command and a test edit alike.
 */
package knollwind.core.edit;
