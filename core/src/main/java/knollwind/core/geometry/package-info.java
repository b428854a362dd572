/** Points, matrices, boxes, outlines and what is measured along them. Everything is in px, y down; nothing here knows what is drawn. */
package knollwind.core.geometry;
