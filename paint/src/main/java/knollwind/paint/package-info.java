/**
 * Display lists to pixels, pixels to files. Painters know no effect: they carry out the operations of a display list one
 * by one, as the browser's painter does.
 */
package knollwind.paint;
