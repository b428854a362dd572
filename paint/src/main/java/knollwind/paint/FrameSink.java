package knollwind.paint;

import java.io.IOException;

/** Where the frames of an export go, one after another. */
interface FrameSink extends AutoCloseable {
    /** Takes a frame's planes, which may be written over afterwards; null where the frame is asked of the painter. */
    void write(byte[] frame) throws IOException;

    /** Ends the file properly. */
    void finish() throws IOException;

    /** Lets go of everything; a file that was not finished is worthless. */
    @Override
    void close();
}
