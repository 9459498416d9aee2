package joropo.app.exchange;

import java.io.StringReader;
import java.util.Locale;
import java.util.Set;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;

/** Whether a picture from elsewhere is a drawing and nothing else: no script, no style, nothing that is fetched. */
final class SafeSvg {
    private static final Set<String> ELEMENTS = Set.of(
            "svg",
            "g",
            "path",
            "line",
            "rect",
            "circle",
            "ellipse",
            "polygon",
            "polyline",
            "text",
            "tspan",
            "title",
            "desc",
            "defs",
            "pattern",
            "clipPath",
            "marker",
            "symbol",
            "use",
            "a");

    private SafeSvg() {}

    /** @param svg empty: there is no picture, which is one too */
    static boolean is(String svg) {
        if (svg.isEmpty()) {
            return true;
        }
        XMLInputFactory factory = XMLInputFactory.newFactory();
        factory.setProperty(XMLInputFactory.SUPPORT_DTD, false);
        factory.setProperty(XMLInputFactory.IS_SUPPORTING_EXTERNAL_ENTITIES, false);
        try {
            XMLStreamReader xml = factory.createXMLStreamReader(new StringReader(svg));
            boolean first = true;
            while (xml.hasNext()) {
                int event = xml.next();
                if (event == XMLStreamReader.START_ELEMENT) {
                    if (first && !xml.getLocalName().equals("svg") || !isElement(xml)) {
                        return false;
                    }
                    first = false;
                } else if (event == XMLStreamReader.DTD || event == XMLStreamReader.PROCESSING_INSTRUCTION) {
                    return false;
                }
            }
            return true;
        } catch (XMLStreamException e) {
            return false;
        }
    }

    private static boolean isElement(XMLStreamReader xml) {
        if (!ELEMENTS.contains(xml.getLocalName())) {
            return false;
        }
        for (int i = 0; i < xml.getAttributeCount(); i++) {
            String name = xml.getAttributeLocalName(i).toLowerCase(Locale.ROOT);
            String value = xml.getAttributeValue(i).strip();
            boolean leads = name.equals("href") && !value.startsWith("#");
            boolean fetches = value.toLowerCase(Locale.ROOT).replace(" ", "").matches(".*url\\((?!#).*");
            if (name.startsWith("on") || name.equals("style") || leads || fetches) {
                return false;
            }
        }
        return true;
    }
}
