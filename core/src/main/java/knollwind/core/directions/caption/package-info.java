/** Rules of captions as sentences. */
package knollwind.core.directions.caption;
