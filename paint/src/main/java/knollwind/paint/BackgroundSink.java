package knollwind.paint;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.util.concurrent.ArrayBlockingQueue;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.TimeUnit;

/** Hands frames to another sink on a thread of its own, so that painting and encoding go on side by side. */
final class BackgroundSink implements FrameSink {
    /** Frames on their way to the encoder: one that it reads, one that waits, one that is painted. More take 8 MB each and gain nothing. */
    private static final int BUFFERS = 3;

    private static final ByteBuffer END = ByteBuffer.allocate(0);

    private final FrameSink sink;
    private final BlockingQueue<ByteBuffer> filled = new ArrayBlockingQueue<>(BUFFERS + 1);
    private final BlockingQueue<ByteBuffer> free = new ArrayBlockingQueue<>(BUFFERS + 1);
    private final Thread writer = new Thread(this::run, "frame-writer");
    private volatile Throwable failure;
    private int made;

    BackgroundSink(FrameSink sink) {
        this.sink = sink;
        writer.setDaemon(true);
        writer.start();
    }

    @Override
    public void write(ByteBuffer pixels) throws IOException {
        try {
            ByteBuffer buffer = free.poll();
            if (buffer == null && made < BUFFERS) {
                buffer = ByteBuffer.allocateDirect(pixels.remaining());
                made++;
            }
            while (buffer == null) {
                check();
                buffer = free.poll(50, TimeUnit.MILLISECONDS);
            }
            buffer.clear();
            buffer.put(pixels).flip();
            put(buffer);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new ExportException("The export was interrupted", e);
        }
    }

    @Override
    public void finish() throws IOException {
        try {
            put(END);
            writer.join();
            check();
            sink.finish();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new ExportException("The export was interrupted", e);
        }
    }

    private void put(ByteBuffer buffer) throws InterruptedException, IOException {
        while (!filled.offer(buffer, 50, TimeUnit.MILLISECONDS)) {
            check();
        }
    }

    private void run() {
        try {
            for (ByteBuffer buffer = filled.take(); buffer != END; buffer = filled.take()) {
                sink.write(buffer);
                free.put(buffer);
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        } catch (IOException | RuntimeException e) {
            failure = e;
        }
    }

    private void check() throws IOException {
        if (failure instanceof IOException e) {
            throw e;
        }
        if (failure instanceof RuntimeException e) {
            throw e;
        }
    }

    @Override
    public void close() {
        writer.interrupt();
        sink.close();
    }
}
