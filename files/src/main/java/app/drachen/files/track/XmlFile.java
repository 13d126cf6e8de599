package app.drachen.files.track;

import app.drachen.files.NewFile;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.Locale;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamWriter;

/** What the writers of XML share. */
public final class XmlFile {
    private XmlFile() {}

    /** What reads XML of strangers: no document types, no entities, nothing fetched. */
    public static XMLInputFactory reading() {
        XMLInputFactory factory = XMLInputFactory.newDefaultFactory();
        factory.setXMLReporter((message, type, information, location) -> {});
        factory.setProperty(XMLInputFactory.SUPPORT_DTD, false);
        factory.setProperty(XMLInputFactory.IS_SUPPORTING_EXTERNAL_ENTITIES, false);
        factory.setProperty(XMLInputFactory.IS_REPLACING_ENTITY_REFERENCES, false);
        return factory;
    }

    /** Writes the elements of a document. */
    public interface Content {
        /** Writes them. */
        void to(XMLStreamWriter xml) throws XMLStreamException;
    }

    /** Writes a document by way of a new file beside it, so that a failure leaves the old one. */
    public static void write(Path file, Content content) throws IOException {
        NewFile.write(file, fresh -> document(fresh, content));
    }

    private static void document(Path file, Content content) throws IOException {
        try (OutputStream out = Files.newOutputStream(file)) {
            XMLStreamWriter xml = XMLOutputFactory.newDefaultFactory().createXMLStreamWriter(out, "UTF-8");
            xml.writeStartDocument("UTF-8", "1.0");
            content.to(xml);
            xml.writeEndDocument();
            xml.close();
        } catch (XMLStreamException e) {
            throw e.getNestedException() instanceof IOException io ? io : new IOException(e.getMessage(), e);
        }
    }

    /** An element with text. */
    public static void element(XMLStreamWriter xml, String name, String text) throws XMLStreamException {
        xml.writeStartElement(name);
        // signs that XML 1.0 cannot hold are left out
        xml.writeCharacters(text.replaceAll("[\\x00-\\x08\\x0B\\x0C\\x0E-\\x1F\\uFFFE\\uFFFF]", ""));
        xml.writeEndElement();
    }

    /** An angle in degrees to the centimetre on the ground. */
    public static String degrees(double angle) {
        return String.format(Locale.ROOT, "%.8f", Math.toDegrees(angle));
    }

    /** Metres to the centimetre. */
    public static String metres(double length) {
        return String.format(Locale.ROOT, "%.2f", length);
    }

    /** A moment in UTC to the millisecond. */
    public static String moment(double epochSeconds) {
        return Instant.ofEpochMilli(Math.round(epochSeconds * 1_000)).toString();
    }
}
