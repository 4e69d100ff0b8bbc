package app.avrel.desktop.print;

import app.avrel.desktop.words.Words;
import java.awt.HeadlessException;
import java.awt.print.PrinterException;
import java.awt.print.PrinterJob;
import java.io.IOException;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;
import javax.print.PrintService;
import javax.print.PrintServiceLookup;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.printing.PDFPageable;

/** A printer that is set up on this machine. */
record Printer(PrintService service) {

    /** {@return the printers of this machine, the one that the system has chosen first} */
    static List<Printer> known() {
        PrintService chosen = PrintServiceLookup.lookupDefaultPrintService();
        return Arrays.stream(PrintServiceLookup.lookupPrintServices(null, null))
                .sorted(Comparator.comparing(service -> !service.equals(chosen)))
                .map(Printer::new)
                .toList();
    }

    String name() {
        return service.getName();
    }

    /**
     * Prints every page of a PDF.
     *
     * @param title what the printer's own list of jobs says
     * @return why it could not be printed; empty where the printer took it
     */
    Optional<String> print(byte[] pdf, String title) {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            PrinterJob job = PrinterJob.getPrinterJob();
            job.setPrintService(service);
            job.setJobName(title);
            job.setPageable(new PDFPageable(document));
            job.print();
            return Optional.empty();
        } catch (PrinterException | HeadlessException | IOException e) {
            return Optional.of(Words.of("print.printer_did_not", name(), reason(e)));
        }
    }

    /** The system's spooler hides what it says behind a cause, and says nothing itself. */
    private static String reason(Throwable thrown) {
        return Stream.iterate(thrown, Objects::nonNull, Throwable::getCause)
                .map(Throwable::getMessage)
                .filter(Objects::nonNull)
                .findFirst()
                .orElseGet(thrown::toString);
    }
}
