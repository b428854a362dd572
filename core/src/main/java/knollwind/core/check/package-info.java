/** What a document can say that its records cannot see by themselves: checked whole whenever one is taken in. */
package knollwind.core.check;
