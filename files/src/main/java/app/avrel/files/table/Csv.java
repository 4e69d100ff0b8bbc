package app.avrel.files.table;

import app.avrel.label.Labels;
import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.regex.Pattern;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;

/** Rows under a heading line. */
public final class Csv {

    /** What a spreadsheet would work out; a number with its sign is one. */
    private static final Pattern FORMULA = Pattern.compile("^(?:[=@\\t]|[+-](?!\\d+(?:[.,]\\d+)?$))");

    private static final Pattern MARKED = Pattern.compile("^'(?=[=@+\\t-])");

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
                printer.printRecord(row.stream().map(Csv::plain).toList());
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return text.toString();
    }

    /** A cell that a spreadsheet would take for a formula begins with an apostrophe, which says that it is text. */
    private static String plain(String cell) {
        return FORMULA.matcher(cell).find() ? "'" + cell : cell;
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
                    throw new Unfit(Labels.say("keep.no_column", column, String.join(", ", needed)));
                }
            }
            return parser.getRecords();
        } catch (IOException | IllegalArgumentException | UncheckedIOException e) {
            String why = String.valueOf(e.getMessage()).replaceAll("^(?:[a-z]+\\.)+[A-Za-z]+: ", "");
            throw new Unfit(Labels.say("keep.no_table", why));
        }
    }

    static String cell(CSVRecord row, String column) {
        return row.isSet(column) ? MARKED.matcher(row.get(column).strip()).replaceFirst("") : "";
    }
}
