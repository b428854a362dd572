/** Where the blocks of a scene and their units rest, and what carries them about: attachment, following, making room, motion paths, crawls. */
package knollwind.core.layout;
