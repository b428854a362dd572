package knollwind.core.type;

import io.github.humbleui.skija.Data;
import io.github.humbleui.skija.Typeface;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.StringWriter;
import java.nio.ByteBuffer;
import java.util.Optional;
import java.util.zip.GZIPInputStream;
import javax.xml.XMLConstants;
import javax.xml.parsers.DocumentBuilderFactory;
import javax.xml.transform.OutputKeys;
import javax.xml.transform.Transformer;
import javax.xml.transform.TransformerFactory;
import javax.xml.transform.dom.DOMSource;
import javax.xml.transform.stream.StreamResult;
import org.w3c.dom.Document;
import org.w3c.dom.Element;
import org.w3c.dom.Node;

/** The drawings of a font's glyphs (OpenType 1.9, "SVG — The SVG Table"). */
final class SvgTable {
    private static final String GLYPH = "glyph";

    private SvgTable() {}

    /**
     * A glyph's drawing as an SVG file of its own that shows a square of the em.
     *
     * @param left of the square, em from the glyph's origin
     * @param top of the square, em from the baseline, negative above it
     * @param size of the square in em
     */
    static Optional<String> drawing(Typeface typeface, int glyph, double left, double top, double size) {
        Data table = typeface.getTableData("SVG ");
        if (table == null) {
            return Optional.empty();
        }
        try (table) {
            ByteBuffer in = ByteBuffer.wrap(table.getBytes());
            int list = in.getInt(2);
            for (int i = 0; i < (in.getShort(list) & 0xFFFF); i++) {
                int record = list + 2 + 12 * i;
                if (glyph >= (in.getShort(record) & 0xFFFF) && glyph <= (in.getShort(record + 2) & 0xFFFF)) {
                    byte[] document = new byte[in.getInt(record + 8)];
                    in.get(list + in.getInt(record + 4), document);
                    return alone(document, glyph, typeface.getUnitsPerEm(), left, top, size);
                }
            }
            return Optional.empty();
        } catch (IndexOutOfBoundsException | NegativeArraySizeException damaged) {
            return Optional.empty();
        }
    }

    private static Optional<String> alone(
            byte[] file, int glyph, int unitsPerEm, double left, double top, double size) {
        try (InputStream in = plain(file)) {
            DocumentBuilderFactory factory = DocumentBuilderFactory.newInstance();
            factory.setFeature(XMLConstants.FEATURE_SECURE_PROCESSING, true);
            factory.setFeature("http://apache.org/xml/features/disallow-doctype-decl", true);
            Document document = factory.newDocumentBuilder().parse(in);
            Element root = document.getDocumentElement();
            boolean found = false;
            Node child = root.getFirstChild();
            while (child != null) {
                Node next = child.getNextSibling();
                if (child instanceof Element element
                        && element.getAttribute("id").startsWith(GLYPH)) {
                    if (element.getAttribute("id").equals(GLYPH + glyph)) {
                        found = true;
                    } else {
                        root.removeChild(element);
                    }
                }
                child = next;
            }
            if (!found && !root.getAttribute("id").equals(GLYPH + glyph)) {
                return Optional.empty();
            }
            root.setAttribute(
                    "viewBox",
                    left * unitsPerEm + " " + top * unitsPerEm + " " + size * unitsPerEm + " " + size * unitsPerEm);
            root.setAttribute("width", "100%");
            root.setAttribute("height", "100%");
            Transformer writer = TransformerFactory.newInstance().newTransformer();
            writer.setOutputProperty(OutputKeys.OMIT_XML_DECLARATION, "yes");
            StringWriter out = new StringWriter();
            writer.transform(new DOMSource(root), new StreamResult(out));
            return Optional.of(out.toString());
        } catch (Exception damaged) {
            // A drawing that cannot be read is none; the glyph then shows what else the chain has.
            return Optional.empty();
        }
    }

    private static InputStream plain(byte[] file) throws IOException {
        InputStream in = new ByteArrayInputStream(file);
        boolean packed = file.length > 2 && file[0] == 0x1F && (file[1] & 0xFF) == 0x8B;
        return packed ? new GZIPInputStream(in) : in;
    }
}
