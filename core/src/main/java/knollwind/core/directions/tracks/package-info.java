/** Values that change over a block's span, in its sentences. */
package knollwind.core.directions.tracks;
