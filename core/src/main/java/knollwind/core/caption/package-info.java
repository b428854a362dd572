/** Captions: how words become them by rules, and the files that they come in. */
package knollwind.core.caption;
