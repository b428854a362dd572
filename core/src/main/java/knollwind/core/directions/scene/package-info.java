/** What a scene says of itself, and how that is typed: its length and tempo, its camera and how it hands over to the next one. */
package knollwind.core.directions.scene;
