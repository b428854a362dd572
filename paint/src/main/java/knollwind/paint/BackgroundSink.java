package knollwind.paint;

import java.io.IOException;
import java.util.concurrent.ArrayBlockingQueue;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.TimeUnit;

/** Hands frames to another sink on a thread of its own, so that painting and encoding go on side by side. */
final class BackgroundSink implements FrameSink {
    /** Frames on their way to the encoder: one that it reads, one that waits, one that is painted. More take 3 MB each and gain nothing. */
    private static final int BUFFERS = 3;

    private static final byte[] END = new byte[0];

    private final FrameSink sink;
    private final BlockingQueue<byte[]> filled = new ArrayBlockingQueue<>(BUFFERS + 1);
    private final BlockingQueue<byte[]> free = new ArrayBlockingQueue<>(BUFFERS + 1);
    private final Thread writer = new Thread(this::run, "frame-writer");
    private volatile Throwable failure;
    private int made;

    BackgroundSink(FrameSink sink) {
        this.sink = sink;
        writer.setDaemon(true);
        writer.start();
    }

    @Override
    public void write(byte[] frame) throws IOException {
        try {
            byte[] buffer = free.poll();
            if (buffer == null && made < BUFFERS) {
                buffer = new byte[frame.length];
                made++;
            }
            while (buffer == null) {
                check();
                buffer = free.poll(50, TimeUnit.MILLISECONDS);
            }
            System.arraycopy(frame, 0, buffer, 0, frame.length);
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

    private void put(byte[] buffer) throws InterruptedException, IOException {
        while (!filled.offer(buffer, 50, TimeUnit.MILLISECONDS)) {
            check();
        }
    }

    private void run() {
        try {
            for (byte[] buffer = filled.take(); buffer != END; buffer = filled.take()) {
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
