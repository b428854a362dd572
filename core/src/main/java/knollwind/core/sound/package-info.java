/** What is heard with a scene: which stretches of which recordings, their mix and their waveforms. */
package knollwind.core.sound;
