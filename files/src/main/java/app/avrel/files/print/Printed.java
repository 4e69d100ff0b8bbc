package app.avrel.files.print;

import com.openhtmltopdf.extend.FSSupplier;
import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.FontStyle;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import com.openhtmltopdf.svgsupport.BatikSVGDrawer;
import com.openhtmltopdf.util.XRLog;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Objects;
import java.util.logging.Level;
import java.util.logging.Logger;
import java.util.zip.GZIPInputStream;

/** A document written out: as PDF with its fonts in it, or as Markdown. */
public final class Printed {

    private static final String FONTS = "/app/avrel/fonts/";

    /** What is said of fonts that no sheet uses is for nobody. */
    private static final Logger FONTS_ASIDE = Logger.getLogger("org.apache.pdfbox");

    private static byte[] chinese = new byte[0];

    private Printed() {}

    public static String markdown(Document document) {
        return Markdown.of(document);
    }

    /** {@return the PDF's bytes; text in it can be selected and is in the order in which it is read} */
    public static byte[] pdf(Document document, Paper paper) {
        XRLog.setLoggingEnabled(false);
        FONTS_ASIDE.setLevel(Level.SEVERE);
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        PdfRendererBuilder builder = new PdfRendererBuilder();
        builder.useFastMode();
        builder.useSVGDrawer(new BatikSVGDrawer());
        font(builder, "AtkinsonHyperlegibleNext_400Regular.ttf", "Atkinson", 400, FontStyle.NORMAL);
        font(builder, "AtkinsonHyperlegibleNext_700Bold.ttf", "Atkinson", 700, FontStyle.NORMAL);
        font(builder, "AtkinsonHyperlegibleNext_400Regular_Italic.ttf", "Atkinson", 400, FontStyle.ITALIC);
        font(builder, "SourceSerif4_600SemiBold.ttf", "Serif", 700, FontStyle.NORMAL);
        for (int weight : new int[] {400, 700}) {
            builder.useFont(Printed::chinese, "Kai", weight, FontStyle.NORMAL, true);
        }
        builder.useFont(Printed::chinese, "Kai", 400, FontStyle.ITALIC, true);
        builder.withHtmlContent(Html.of(document, paper), null);
        builder.withProducer("Avrel");
        builder.toStream(out);
        try {
            builder.run();
        } catch (IOException e) {
            throw new UncheckedIOException("the sheet cannot be made", e);
        }
        return out.toByteArray();
    }

    private static void font(PdfRendererBuilder builder, String file, String family, int weight, FontStyle style) {
        FSSupplier<InputStream> font =
                () -> Objects.requireNonNull(Printed.class.getResourceAsStream(FONTS + file), file);
        builder.useFont(font, family, weight, style, true);
    }

    /** The font is packed; what is taken out of it is kept for the next time. */
    private static synchronized InputStream chinese() {
        if (chinese.length == 0) {
            try (InputStream in = new GZIPInputStream(
                    Objects.requireNonNull(Printed.class.getResourceAsStream(FONTS + "AvrelKai-Regular.ttf.gz")))) {
                chinese = in.readAllBytes();
            } catch (IOException e) {
                throw new UncheckedIOException("the Chinese font cannot be read", e);
            }
        }
        return new ByteArrayInputStream(chinese);
    }
}
