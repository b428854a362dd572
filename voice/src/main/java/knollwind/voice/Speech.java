package knollwind.voice;

import java.util.List;
import knollwind.core.speech.SpokenWord;

/**
 * A recording that a speech maker has made.
 *
 * @param samples 16 bits, one channel
 * @param rate samples a second
 * @param words with their times, as the maker counted them while it spoke
 */
record Speech(short[] samples, int rate, List<SpokenWord> words) {}
