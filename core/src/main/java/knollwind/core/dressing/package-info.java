/**
 * What blocks are dressed with: shadows, light, lines, copies. One file a kind: a display list in, a display list out. Painters know no
 * dressing; how far it reaches is what its operations reach.
 */
package knollwind.core.dressing;
