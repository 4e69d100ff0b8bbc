package app.avrel.files.print;

import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;

/** A document as XHTML, with its pictures in it. */
final class Html {

    private static final String STYLE = """
            @page { size: %s; margin: 18mm 16mm 18mm 16mm;
              @bottom-center { content: counter(page) " / " counter(pages); font-family: 'Atkinson', 'Kai'; font-size: 9pt; color: #665F55; } }
            body { font-family: 'Atkinson', 'Kai'; font-size: 11pt; line-height: 1.35; color: #2A2825; }
            h1 { font-family: 'Serif', 'Kai'; font-size: 20pt; margin: 0 0 6pt 0; }
            h2 { font-family: 'Serif', 'Kai'; font-size: 14pt; margin: 14pt 0 4pt 0; page-break-after: avoid; }
            h3 { font-size: 11pt; font-weight: bold; margin: 10pt 0 3pt 0; page-break-after: avoid; }
            p { margin: 3pt 0 3pt 0; }
            p.quiet { color: #665F55; font-size: 10pt; }
            p.said { font-style: italic; margin-left: 10pt; }
            ul { margin: 3pt 0 6pt 0; padding-left: 14pt; }
            table { width: 100%%; border-collapse: collapse; margin: 6pt 0 6pt 0; -fs-table-paginate: paginate; }
            th { text-align: left; font-size: 9.5pt; color: #665F55; font-weight: normal; border-bottom: 0.7pt solid #C9C0AE; padding: 2pt 6pt 2pt 0; }
            td { vertical-align: top; border-bottom: 0.4pt solid #E2DCCF; padding: 3pt 6pt 3pt 0; }
            tr { page-break-inside: avoid; }
            .count { page-break-inside: avoid; border-top: 0.5pt solid #C9C0AE; padding: 6pt 0 6pt 0; }
            .count td { border: none; padding: 0 8pt 0 0; }
            .number { font-size: 18pt; font-weight: bold; width: 24pt; }
            .drawn { width: 84pt; }
            .label { color: #665F55; font-size: 9.5pt; }
            .picture { page-break-inside: avoid; margin: 6pt 0 6pt 0; }
            .new-page { page-break-before: always; }
            """;

    private Html() {}

    /** {@return the whole document for a paper size} */
    static String of(Document document, Paper paper) {
        return """
                <!DOCTYPE html>
                <html xmlns="http://www.w3.org/1999/xhtml" lang="%s">
                <head><title>%s</title><style>%s</style></head>
                <body>
                %s
                </body></html>
                """.formatted(
                        document.language(),
                        escaped(document.title()),
                        STYLE.formatted(paper.css()),
                        document.blocks().stream().map(Html::block).collect(Collectors.joining("\n")));
    }

    private static String block(Document.Block block) {
        return switch (block) {
            case Document.Heading(int level, String text) -> "<h" + level + ">" + escaped(text) + "</h" + level + ">";
            case Document.Text(Document.Style style, String text) ->
                "<p class=\"" + style.name().toLowerCase(Locale.ROOT) + "\">" + lines(text) + "</p>";
            case Document.Items(var items) ->
                items.stream()
                        .map(item -> "<li>" + escaped(item) + "</li>")
                        .collect(Collectors.joining("", "<ul>", "</ul>"));
            case Document.Table(var rows) -> table(rows);
            case Document.Picture(String svg) -> "<div class=\"picture\">" + svg + "</div>";
            case Document.Counted counted -> counted(counted);
            case Document.NewPage() -> "<div class=\"new-page\"></div>";
        };
    }

    private static String table(List<List<String>> rows) {
        StringBuilder html = new StringBuilder("<table>");
        for (int row = 0; row < rows.size(); row++) {
            String cell = row == 0 ? "th" : "td";
            html.append(row == 0 ? "<thead><tr>" : "<tr>");
            rows.get(row).forEach(text -> html.append("<%s>%s</%s>".formatted(cell, lines(text), cell)));
            html.append(row == 0 ? "</tr></thead>" : "</tr>");
        }
        return html.append("</table>").toString();
    }

    private static String counted(Document.Counted counted) {
        StringBuilder html = new StringBuilder("<div class=\"count\"><table><tr><td class=\"number\">")
                .append(escaped(counted.number()))
                .append("</td>");
        counted.svgs()
                .forEach(svg -> html.append("<td class=\"drawn\">").append(svg).append("</td>"));
        html.append("<td>");
        for (Document.Line line : counted.lines()) {
            html.append("<p>");
            if (!line.label().isEmpty()) {
                html.append("<span class=\"label\">")
                        .append(escaped(line.label()))
                        .append("</span> ");
            }
            html.append(lines(line.text())).append("</p>");
        }
        return html.append("</td></tr></table></div>").toString();
    }

    private static String lines(String text) {
        return escaped(text).replace("\n", "<br/>");
    }

    /** Markup is text, and what no XML may hold is left out. */
    private static String escaped(String text) {
        return text.codePoints()
                .filter(point -> point >= 32 || point == '\n' || point == '\t')
                .filter(point -> point < 0xD800 || point > 0xDFFF)
                .filter(point -> point != 0xFFFE && point != 0xFFFF)
                .collect(StringBuilder::new, StringBuilder::appendCodePoint, StringBuilder::append)
                .toString()
                .replace("&", "&amp;")
                .replace("<", "&lt;")
                .replace(">", "&gt;")
                .replace("\"", "&quot;");
    }
}
