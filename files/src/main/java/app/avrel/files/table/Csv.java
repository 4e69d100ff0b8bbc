package app.avrel.files.table;

import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;

/** Rows under a heading line. */
public final class Csv {

    private Csv() {}

    public static String write(List<String> heads, List<List<String>> rows) {
        StringBuilder text = new StringBuilder();
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setHeader(heads.toArray(String[]::new))
                .setRecordSeparator("\n")
                .get();
        try (CSVPrinter printer = new CSVPrinter(text, format)) {
            for (List<String> row : rows) {
                printer.printRecord(row);
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return text.toString();
    }

    /** {@return the rows of a table; commas, semicolons or tabs part its cells, whichever its heading line has} */
    static List<CSVRecord> read(String text, List<String> needed) throws Unfit {
        String head = text.lines().findFirst().orElse("");
        char comma = head.indexOf('\t') >= 0 ? '\t' : head.indexOf(';') >= 0 ? ';' : ',';
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setDelimiter(comma)
                .setHeader()
                .setSkipHeaderRecord(true)
                .setIgnoreHeaderCase(true)
                .setTrim(true)
                .get();
        try (var parser = format.parse(new StringReader(text))) {
            for (String column : needed) {
                if (!parser.getHeaderMap().containsKey(column)) {
                    throw new Unfit("The table has no column \"" + column + "\". Its first line must name the columns: "
                            + String.join(", ", needed) + ".");
                }
            }
            return parser.getRecords();
        } catch (IOException | IllegalArgumentException | UncheckedIOException e) {
            String why = String.valueOf(e.getMessage()).replaceAll("^(?:[a-z]+\\.)+[A-Za-z]+: ", "");
            throw new Unfit("This is no table that can be read: " + why + ".");
        }
    }

    static String cell(CSVRecord row, String column) {
        return row.isSet(column) ? row.get(column).strip() : "";
    }
}
