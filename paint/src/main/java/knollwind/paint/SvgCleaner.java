package knollwind.paint;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import javax.xml.XMLConstants;
import javax.xml.parsers.DocumentBuilderFactory;
import javax.xml.parsers.ParserConfigurationException;
import javax.xml.transform.TransformerException;
import javax.xml.transform.TransformerFactory;
import javax.xml.transform.dom.DOMSource;
import javax.xml.transform.stream.StreamResult;
import org.w3c.dom.Attr;
import org.w3c.dom.Document;
import org.w3c.dom.Element;
import org.w3c.dom.Node;
import org.xml.sax.SAXException;

/** Takes out of an SVG file what could run or reach outside it: scripts, foreign content, event handlers, outside references. */
final class SvgCleaner {
    private static final Set<String> GONE = Set.of("script", "foreignobject", "iframe", "audio", "video", "handler");

    private SvgCleaner() {}

    /**
     * The file without them.
     *
     * @throws IllegalArgumentException when it is no well-formed XML or declares a document type of its own
     */
    static byte[] clean(byte[] file) {
        try {
            DocumentBuilderFactory factory = DocumentBuilderFactory.newInstance();
            factory.setNamespaceAware(true);
            factory.setFeature(XMLConstants.FEATURE_SECURE_PROCESSING, true);
            factory.setFeature("http://xml.org/sax/features/external-general-entities", false);
            factory.setFeature("http://xml.org/sax/features/external-parameter-entities", false);
            factory.setFeature("http://apache.org/xml/features/nonvalidating/load-external-dtd", false);
            factory.setExpandEntityReferences(false);
            var builder = factory.newDocumentBuilder();
            builder.setErrorHandler(null);
            Document document = builder.parse(new ByteArrayInputStream(file));
            clean(document.getDocumentElement());
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            TransformerFactory writers = TransformerFactory.newInstance();
            writers.setFeature(XMLConstants.FEATURE_SECURE_PROCESSING, true);
            writers.newTransformer().transform(new DOMSource(document.getDocumentElement()), new StreamResult(out));
            return out.toByteArray();
        } catch (SAXException e) {
            throw new IllegalArgumentException("the SVG file is damaged: " + e.getMessage(), e);
        } catch (ParserConfigurationException | TransformerException | java.io.IOException e) {
            throw new IllegalStateException("every Java platform reads and writes XML", e);
        }
    }

    private static void clean(Element element) {
        List<Attr> unsafe = new ArrayList<>();
        for (int i = 0; i < element.getAttributes().getLength(); i++) {
            Attr attribute = (Attr) element.getAttributes().item(i);
            if (reaches(name(attribute), attribute.getValue())) {
                unsafe.add(attribute);
            }
        }
        unsafe.forEach(element::removeAttributeNode);
        Node child = element.getFirstChild();
        while (child != null) {
            Node next = child.getNextSibling();
            if (child instanceof Element inner) {
                if (GONE.contains(name(inner))) {
                    element.removeChild(inner);
                } else {
                    clean(inner);
                }
            } else if (child.getNodeType() == Node.PROCESSING_INSTRUCTION_NODE
                    || child.getNodeType() == Node.ENTITY_REFERENCE_NODE
                    || (name(element).equals("style") && outside(child.getNodeValue()))) {
                element.removeChild(child);
            }
            child = next;
        }
    }

    private static String name(Node node) {
        String name = node.getLocalName() == null ? node.getNodeName() : node.getLocalName();
        return name.toLowerCase(Locale.ROOT);
    }

    private static boolean reaches(String name, String value) {
        if (name.startsWith("on")) {
            return true;
        }
        // Data inside the file is no reference; anything else but a part of the file itself is.
        boolean inside = value.strip().startsWith("#") || value.strip().startsWith("data:image/");
        return name.equals("href") || name.equals("src") ? !inside : outside(value);
    }

    private static boolean outside(String value) {
        String text = value == null ? "" : value.toLowerCase(Locale.ROOT).replaceAll("\\s", "");
        return text.contains("@import") || text.matches(".*url\\(['\"]?[^#'\"].*") || text.contains("javascript:");
    }
}
