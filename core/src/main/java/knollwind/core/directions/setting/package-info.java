/** How blocks are set, filled, placed and carried about, as sentences and back. */
package knollwind.core.directions.setting;
