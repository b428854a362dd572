package knollwind.core.frame;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.Optional;
import java.util.Random;
import javax.imageio.ImageIO;

/** A picture of grain, worked out once: light and dark specks, of which none stands out. */
public final class Grain {
    /** px of its sides; it goes on at its edges. */
    static final int SIDE = 512;

    /** Of 255: as opaque as the strongest specks are. */
    private static final double STRONGEST = 190;

    private static final byte[] FILE = file();

    /** By which operations name it. */
    static final String ID = named(FILE);

    private Grain() {}

    /** Its file, if it is what is asked for. */
    public static Optional<byte[]> picture(String id) {
        return ID.equals(id) ? Optional.of(FILE.clone()) : Optional.empty();
    }

    private static String named(byte[] file) {
        try {
            return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(file));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("every Java platform has SHA-256", e);
        }
    }

    private static byte[] file() {
        Random random = new Random(1871);
        double[][] dealt = new double[SIDE][SIDE];
        for (double[] row : dealt) {
            for (int x = 0; x < SIDE; x++) {
                row[x] = random.nextGaussian();
            }
        }
        BufferedImage image = new BufferedImage(SIDE, SIDE, BufferedImage.TYPE_INT_ARGB);
        for (int y = 0; y < SIDE; y++) {
            for (int x = 0; x < SIDE; x++) {
                // A speck is a little larger than a px.
                double value = (2 * dealt[y][x] + dealt[y][(x + 1) % SIDE] + dealt[(y + 1) % SIDE][x]) / Math.sqrt(6);
                int alpha = (int) Math.min(255, Math.abs(value) / 3 * STRONGEST);
                image.setRGB(x, y, alpha << 24 | (value > 0 ? 0xffffff : 0));
            }
        }
        try (ByteArrayOutputStream out = new ByteArrayOutputStream()) {
            ImageIO.write(image, "png", out);
            return out.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
