/** What a scene says of itself: its camera and how it hands over to the next one. */
package knollwind.core.directions.scene;
