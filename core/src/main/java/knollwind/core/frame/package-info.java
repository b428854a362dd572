/**
 * Scene and time to a display list, and display lists of many frames to a reel. Effects are composed here from a few
 * plain operations; painters know none of them.
 */
package knollwind.core.frame;
