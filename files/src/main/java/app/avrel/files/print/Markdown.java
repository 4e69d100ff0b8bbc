package app.avrel.files.print;

import java.util.List;
import java.util.stream.Collectors;

/** A document as Markdown; pictures are left out. */
final class Markdown {

    private Markdown() {}

    static String of(Document document) {
        return document.blocks().stream()
                        .map(Markdown::block)
                        .filter(text -> !text.isEmpty())
                        .collect(Collectors.joining("\n\n"))
                + "\n";
    }

    private static String block(Document.Block block) {
        return switch (block) {
            case Document.Heading(int level, String text) -> "#".repeat(level) + " " + plain(text);
            case Document.Text(Document.Style style, String text) ->
                style == Document.Style.SAID
                        ? text.lines().map(line -> "> " + plain(line)).collect(Collectors.joining("\n"))
                        : text.lines().map(Markdown::plain).collect(Collectors.joining("  \n"));
            case Document.Items(var items) ->
                items.stream().map(item -> "- " + plain(item)).collect(Collectors.joining("\n"));
            case Document.Table(var rows) -> table(rows);
            case Document.Picture _ -> "";
            case Document.Counted counted -> counted(counted);
            case Document.NewPage() -> "";
        };
    }

    private static String table(List<List<String>> rows) {
        StringBuilder text = new StringBuilder();
        for (int row = 0; row < rows.size(); row++) {
            text.append(rows.get(row).stream()
                            .map(cell -> plain(cell.replace('\n', ' ')).replace("|", "\\|"))
                            .collect(Collectors.joining(" | ", "| ", " |")))
                    .append('\n');
            if (row == 0) {
                text.append("|").append(" --- |".repeat(rows.get(row).size())).append('\n');
            }
        }
        return text.toString().stripTrailing();
    }

    private static String counted(Document.Counted counted) {
        String lines = counted.lines().stream()
                .map(line -> (line.label().isEmpty() ? "" : "*" + plain(line.label()) + "* ")
                        + plain(line.text().replace('\n', ' ')))
                .collect(Collectors.joining("  \n"));
        return "**" + plain(counted.number()) + "**  \n" + lines;
    }

    /** Nothing is taken for markup that is not meant so. */
    private static String plain(String text) {
        return text.replaceAll("([\\\\`*_<\\[\\]])", "\\\\$1").replaceAll("^(\\s*)([#>+-]|\\d+\\.)(\\s)", "$1\\\\$2$3");
    }
}
