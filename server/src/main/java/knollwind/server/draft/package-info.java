/** Documents that need not be saved yet, with what is wished of them, and the scores of their blocks. */
package knollwind.server.draft;
