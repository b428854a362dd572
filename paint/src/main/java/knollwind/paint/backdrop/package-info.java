/** Moving backdrops made up by formulas, for the demo and to try things with. Every one closes: its last frame leads to its first. */
package knollwind.paint.backdrop;
