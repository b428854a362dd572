package knollwind.core.speech;

/** How well moments of a recording sound like the states of sounds. Frames are {@link #FRAME} long. */
public interface Acoustics {
    /** Seconds from one frame to the next. */
    double FRAME = 0.01;

    int frames();

    /** Natural logarithm of how likely a frame is for a state; frames are asked for in their order. */
    float score(int state, int frame);

    /** The same for the state of any sound that the frame is likeliest for. */
    float best(int frame);
}
