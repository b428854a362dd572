/**
 * Fills documents: sparse values from formats, from where scenes stand in others and from fields take the place of what blocks say, and
 * what results is plain. It comes before layout; layout, motion and painters never see a value that is still open.
 */
package knollwind.core.filling;
