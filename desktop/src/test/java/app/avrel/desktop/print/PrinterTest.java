package app.avrel.desktop.print;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.files.Demo;
import app.avrel.files.print.Paper;
import app.avrel.files.print.Printed;
import app.avrel.label.Language;
import app.avrel.project.Project;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.util.Optional;
import java.util.regex.Pattern;
import javax.print.DocFlavor;
import javax.print.PrintService;
import javax.print.StreamPrintServiceFactory;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.junit.jupiter.api.Test;

/** A lesson's sheet on paper: a printer of the platform's own that writes PostScript instead of inking it. */
class PrinterTest {

    private static final Pattern PAGE = Pattern.compile("(?m)^%%Page:");
    private static final Project DEMO = Demo.project();
    private static final byte[] PDF = Printed.pdf(
            PrintChoice.of(
                            Optional.of(DEMO.lessons().get(6)),
                            Optional.empty(),
                            DEMO.forms().getFirst(),
                            true)
                    .getFirst()
                    .document(DEMO, DEMO.setting().chosenBody(), Language.ENGLISH),
            Paper.A4);

    private static Printer onto(OutputStream paper) {
        PrintService service = StreamPrintServiceFactory.lookupStreamPrintServiceFactories(
                DocFlavor.SERVICE_FORMATTED.PAGEABLE, "application/postscript")[0]
                .getPrintService(paper);
        return new Printer(service);
    }

    @Test
    void everyPageOfTheSheetIsPrinted() throws IOException {
        ByteArrayOutputStream paper = new ByteArrayOutputStream();
        assertThat(onto(paper).print(PDF, "Kick-the-Stone")).isEmpty();
        int pages;
        try (PDDocument document = Loader.loadPDF(PDF)) {
            pages = document.getNumberOfPages();
        }
        assertThat(PAGE.matcher(paper.toString(StandardCharsets.ISO_8859_1)).results())
                .hasSize(pages)
                .hasSizeGreaterThan(1);
    }

    @Test
    void aSheetThatCannotBePrintedSaysWhyAndWhatToDoInstead() {
        assertThat(onto(new ByteArrayOutputStream()).print(new byte[] {1, 2, 3}, "Kick-the-Stone"))
                .hasValueSatisfying(
                        words -> assertThat(words).contains("did not take it").contains("Save the sheet as PDF"));
    }
}
