package knollwind.core.type;

import io.github.humbleui.skija.Data;
import io.github.humbleui.skija.FontMgr;
import io.github.humbleui.skija.FontVariation;
import io.github.humbleui.skija.FontVariationAxis;
import io.github.humbleui.skija.Typeface;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.ArrayList;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Supplier;

/**
 * One font file, loaded when first needed. Its typefaces live as long as the program: there are few, and a closed
 * one still in use would end the process.
 */
final class FontFile {
    /** Axis settings of one file that are kept; more cost memory outside the heap. */
    private static final int MOST_INSTANCES = 512;

    private final String name;
    private final Coverage coverage;
    private final Supplier<byte[]> content;
    private final int index;
    private final Map<String, Typeface> instances = new ConcurrentHashMap<>();
    private Typeface base;
    private String sha256;

    /** A shipped file, of this name among the resources. */
    FontFile(String name, Coverage coverage) {
        this.name = name;
        this.coverage = coverage;
        this.content = () -> resource(name);
        this.index = 0;
    }

    /** A face that people brought along. */
    FontFile(OwnFont own) {
        this.name = own.sha256();
        this.coverage = Coverage.ALL;
        this.content = own::content;
        this.index = own.index();
    }

    /** The characters the file is there for; it need not have all of them. */
    Coverage coverage() {
        return coverage;
    }

    int index() {
        return index;
    }

    String name() {
        return name;
    }

    synchronized Typeface base() {
        if (base == null) {
            byte[] bytes = bytes();
            sha256 = hash(bytes);
            base = FontMgr.getDefault().makeFromData(Data.makeFromBytes(bytes), index);
            if (base == null) {
                throw new IllegalStateException("the font file " + name + " cannot be read");
            }
        }
        return base;
    }

    String sha256() {
        base();
        return sha256;
    }

    /** Tags of the substitutions that the file offers, each once, in their order (OpenType, "GSUB", FeatureList). */
    List<String> features() {
        Data table = base().getTableData("GSUB");
        if (table == null) {
            return List.of();
        }
        try (table) {
            ByteBuffer gsub = ByteBuffer.wrap(table.getBytes());
            int list = gsub.getShort(6) & 0xFFFF;
            Set<String> tags = new TreeSet<>();
            for (int i = 0; i < (gsub.getShort(list) & 0xFFFF); i++) {
                byte[] tag = new byte[4];
                gsub.get(list + 2 + 6 * i, tag);
                tags.add(new String(tag, StandardCharsets.US_ASCII));
            }
            return List.copyOf(tags);
        }
    }

    List<FontAxis> axes() {
        List<FontAxis> axes = new ArrayList<>();
        FontVariationAxis[] found = base().getVariationAxes();
        for (FontVariationAxis axis : found == null ? new FontVariationAxis[0] : found) {
            axes.add(new FontAxis(axis.getTag(), axis.getMinValue(), axis.getDefaultValue(), axis.getMaxValue()));
        }
        return axes;
    }

    /**
     * The typeface at these axis values; an axis that is not among them has its usual one. Values outside an axis are clamped, axes that the file lacks are passed over, and
     * every value is rounded to a hundredth. A move of axes has to ask for few of them (see the architecture page).
     */
    Typeface at(Map<String, Double> values) {
        StringBuilder key = new StringBuilder();
        List<FontVariation> variations = new ArrayList<>();
        for (FontAxis axis : axes()) {
            Double wanted = values.get(axis.tag());
            float value = wanted == null ? axis.usual() : axis.nearest(wanted);
            variations.add(new FontVariation(axis.tag(), value));
            key.append(axis.tag()).append(value).append(';');
        }
        if (variations.isEmpty()) {
            return base();
        }
        if (instances.size() > MOST_INSTANCES) {
            instances.clear();
        }
        return instances.computeIfAbsent(
                key.toString(), k -> base().makeClone(variations.toArray(new FontVariation[0])));
    }

    /** The file's content. */
    byte[] bytes() {
        return content.get();
    }

    private static byte[] resource(String name) {
        try (InputStream in = FontFile.class.getResourceAsStream("/knollwind/fonts/" + name)) {
            if (in == null) {
                throw new IllegalStateException("the shipped font file " + name + " is missing");
            }
            return in.readAllBytes();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    static String hash(byte[] bytes) {
        try {
            return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(bytes));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("every Java platform has SHA-256", e);
        }
    }
}
