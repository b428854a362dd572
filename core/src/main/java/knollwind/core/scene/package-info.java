/**
 * The document: a project with its scenes, blocks, moves and formats, as immutable records. Every record checks its
 * own values when it is made and throws {@link IllegalArgumentException} with a sentence for people. Nothing here
 * computes a picture.
 */
package knollwind.core.scene;
