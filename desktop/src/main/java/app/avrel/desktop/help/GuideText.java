package app.avrel.desktop.help;

import app.avrel.desktop.parts.Fonts;
import java.util.ArrayList;
import java.util.List;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.VBox;
import javafx.scene.text.Text;
import javafx.scene.text.TextFlow;
import org.commonmark.ext.gfm.tables.TableBlock;
import org.commonmark.ext.gfm.tables.TableCell;
import org.commonmark.ext.gfm.tables.TableRow;
import org.commonmark.ext.gfm.tables.TablesExtension;
import org.commonmark.node.Code;
import org.commonmark.node.Emphasis;
import org.commonmark.node.FencedCodeBlock;
import org.commonmark.node.Heading;
import org.commonmark.node.Image;
import org.commonmark.node.ListItem;
import org.commonmark.node.Node;
import org.commonmark.node.Paragraph;
import org.commonmark.node.SoftLineBreak;
import org.commonmark.node.StrongEmphasis;
import org.commonmark.parser.Parser;

/** A text in Markdown, laid out to be read: headings, paragraphs, lists, tables. Pictures are left out. */
final class GuideText extends VBox {

    private static final Parser PARSER =
            Parser.builder().extensions(List.of(TablesExtension.create())).build();

    GuideText(String markdown) {
        getStyleClass().add("guide");
        blocks(PARSER.parse(markdown), "");
    }

    private void blocks(Node parent, String bullet) {
        String begins = bullet;
        for (Node node = parent.getFirstChild(); node != null; node = node.getNext()) {
            switch (node) {
                case Heading heading -> add(heading, "", "guide-heading-" + heading.getLevel());
                case Paragraph paragraph -> add(paragraph, begins, "guide-text");
                case FencedCodeBlock code ->
                    getChildren().add(styled(new TextFlow(text(code.getLiteral(), "guide-code")), "guide-text"));
                case TableBlock table -> getChildren().add(table(table));
                case ListItem item -> blocks(item, "•  ");
                default -> blocks(node, begins);
            }
            begins = "";
        }
    }

    private void add(Node block, String begins, String styleClass) {
        List<Text> texts = new ArrayList<>();
        if (!begins.isEmpty()) {
            texts.add(text(begins, "guide-plain"));
        }
        inline(block, "guide-plain", texts);
        if (!texts.isEmpty()) {
            TextFlow flow = styled(new TextFlow(), styleClass);
            flow.getChildren().setAll(texts);
            getChildren().add(flow);
        }
    }

    private static void inline(Node block, String styleClass, List<Text> into) {
        for (Node node = block.getFirstChild(); node != null; node = node.getNext()) {
            switch (node) {
                case org.commonmark.node.Text plain -> into.add(text(plain.getLiteral(), styleClass));
                case Code code -> into.add(text(code.getLiteral(), "guide-code"));
                case SoftLineBreak _ -> into.add(text(" ", styleClass));
                case StrongEmphasis strong -> inline(strong, "guide-strong", into);
                case Emphasis emphasis -> inline(emphasis, "guide-strong", into);
                case Image _ -> {}
                default -> inline(node, styleClass, into);
            }
        }
    }

    private static Text text(String words, String styleClass) {
        Text text = new Text(words);
        text.getStyleClass().add(styleClass);
        if (Fonts.chinese(words)) {
            Fonts.familyFor(words, Fonts.TEXT);
            text.getStyleClass().add("chinese");
        }
        return text;
    }

    private static GridPane table(TableBlock table) {
        GridPane grid = new GridPane();
        grid.getStyleClass().add("guide-table");
        int row = 0;
        for (Node part = table.getFirstChild(); part != null; part = part.getNext()) {
            for (Node line = part.getFirstChild(); line != null; line = line.getNext()) {
                if (line instanceof TableRow) {
                    cells(grid, line, row++);
                }
            }
        }
        return grid;
    }

    private static void cells(GridPane grid, Node line, int row) {
        int column = 0;
        for (Node cell = line.getFirstChild(); cell != null; cell = cell.getNext()) {
            if (cell instanceof TableCell one) {
                List<Text> texts = new ArrayList<>();
                inline(one, one.isHeader() ? "guide-strong" : "guide-plain", texts);
                TextFlow flow = styled(new TextFlow(), "guide-cell");
                flow.getChildren().setAll(texts);
                grid.add(flow, column++, row);
            }
        }
    }

    private static TextFlow styled(TextFlow flow, String styleClass) {
        flow.getStyleClass().add(styleClass);
        return flow;
    }
}
