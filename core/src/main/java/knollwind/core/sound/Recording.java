package knollwind.core.sound;

import java.io.IOException;

/** Samples of a recording: {@value #RATE} a second, two channels in turn. */
public interface Recording {
    int RATE = 48_000;
    int CHANNELS = 2;

    /**
     * Reads sample frames, of both channels each, from this one on.
     *
     * @param into at least twice as many values as frames are wanted; what lies outside the recording becomes 0
     */
    void read(long from, short[] into, int frames) throws IOException;
}
