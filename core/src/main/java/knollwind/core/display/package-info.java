/** What is painted: inks, paint operations and lists of them, and the reel that carries the lists of many frames. Painters know nothing else. */
package knollwind.core.display;
