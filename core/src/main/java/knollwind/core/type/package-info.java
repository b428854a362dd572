/**
 * Words to units: fonts, segmentation by the Unicode standards, shaping of whole lines, and the setting of lines into a
 * block. Units carry their outlines and boxes; nothing here knows time.
 */
package knollwind.core.type;
