package app.avrel.desktop.print;

import app.avrel.desktop.words.Words;
import java.awt.HeadlessException;
import java.awt.print.PrinterException;
import java.awt.print.PrinterJob;
import java.io.IOException;
import java.util.Optional;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.printing.PDFPageable;

/** Sends a PDF to the printer that the system has chosen. */
final class Printer {

    private Printer() {}

    /** {@return why it could not be printed; empty where it was} */
    static Optional<String> print(byte[] pdf) {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            PrinterJob job = PrinterJob.getPrinterJob();
            if (job.getPrintService() == null) {
                return Optional.of(Words.of("print.no_printer_set"));
            }
            job.setPageable(new PDFPageable(document));
            job.print();
            return Optional.empty();
        } catch (PrinterException | HeadlessException | IOException e) {
            return Optional.of(Words.of("print.printer_did_not", String.valueOf(e.getMessage())));
        }
    }
}
