/**
 * What goes on by itself from a start on: sparks, and bodies that fall. A state is a function of rules, a seed and a time alone, so that a
 * frame asked for by itself is the one that playing comes to.
 */
package knollwind.core.simulation;
