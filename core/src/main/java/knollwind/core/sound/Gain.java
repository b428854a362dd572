package knollwind.core.sound;

/**
 * How loud a sound is at a time; between two it goes straight from the one to the other.
 *
 * @param second since the sound began to be heard
 * @param factor of its amplitude
 */
public record Gain(double second, double factor) {}
