/** How letters are written by hand: the centre lines of their outlines, and the order and direction in which a pen follows them. */
package knollwind.core.handwriting;
