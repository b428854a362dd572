package knollwind.paint;

import java.io.IOException;
import java.nio.ByteBuffer;

/** Where the frames of an export go, one after another. */
interface FrameSink extends AutoCloseable {
    /** Takes a frame's pixels (blue, green, red, alpha; straight alpha); the buffer may be used again afterwards. */
    void write(ByteBuffer pixels) throws IOException;

    /** Ends the file properly. */
    void finish() throws IOException;

    /** Lets go of everything; a file that was not finished is worthless. */
    @Override
    void close();
}
