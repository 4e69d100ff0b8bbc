package app.avrel.files.print;

import java.util.List;

/**
 * What is printed, block after block.
 *
 * @param language ISO 639-1
 */
public record Document(String title, String language, List<Block> blocks) {

    public Document {
        blocks = List.copyOf(blocks);
    }

    /** A piece of a document. */
    public sealed interface Block {}

    /**
     * A heading.
     *
     * @param level 1 for the document, 2 for a part of it, 3 for what belongs to that
     */
    public record Heading(int level, String text) implements Block {}

    /** A paragraph. */
    public record Text(Style style, String text) implements Block {}

    /** How a paragraph is set. */
    public enum Style {
        PLAIN,
        QUIET,
        SAID
    }

    /** A list. */
    public record Items(List<String> lines) implements Block {
        public Items {
            lines = List.copyOf(lines);
        }
    }

    /** A table; its first row heads the columns. */
    public record Table(List<List<String>> rows) implements Block {
        public Table {
            rows = rows.stream().map(List::copyOf).toList();
        }
    }

    /** A picture over the whole width, as SVG. */
    public record Picture(String svg) implements Block {}

    /**
     * One count: never parted by the end of a page.
     *
     * @param svgs its pictures, side by side
     * @param lines what is said of it: a label and its text
     */
    public record Counted(String number, List<String> svgs, List<Line> lines) implements Block {
        public Counted {
            svgs = List.copyOf(svgs);
            lines = List.copyOf(lines);
        }
    }

    /** @param label empty where the text needs none */
    public record Line(String label, String text) {}

    /** What follows begins on a new page. */
    public record NewPage() implements Block {}
}
