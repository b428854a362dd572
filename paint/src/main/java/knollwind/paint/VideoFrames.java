package knollwind.paint;

/** A painter's frames as a video codec takes them. */
final class VideoFrames {
    private final FramePainter painter;
    private final boolean straight;
    private final Unread unread;
    private final Planes planes;

    VideoFrames(FramePainter painter, VideoCodec codec) {
        this.painter = painter;
        this.straight = codec.isStraight();
        this.unread = painter.reader();
        this.planes = new Planes(painter.width(), painter.height(), straight);
    }

    /** The planes of what was painted last; the same bytes are filled anew each time. */
    byte[] read() {
        planes.take(straight ? painter.straightPixels() : painter.premultipliedPixels(), unread.take());
        return planes.bytes();
    }
}
