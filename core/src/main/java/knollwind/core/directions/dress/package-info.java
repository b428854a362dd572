/** What a block is dressed with, as a sentence: printed with its controls, and read as it is typed. */
package knollwind.core.directions.dress;
