/**
 * Time to values: easing, orders, pace, phases and the poses of units. Knows pieces by their place and line only; what
 * they look like is the affair of {@code type} and {@code frame}.
 */
package knollwind.core.motion;
