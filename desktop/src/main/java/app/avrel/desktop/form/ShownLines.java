package app.avrel.desktop.form;

import app.avrel.form.EntryRange;
import java.util.List;
import java.util.stream.IntStream;
import javafx.scene.control.ListView;
import javafx.scene.control.skin.VirtualFlow;

/** Shows in a list which stretch of the form is chosen, and scrolls to what is looked at. */
final class ShownLines {

    private final ListView<EntryLine> list;
    private int revealed = -1;

    ShownLines(ListView<EntryLine> list) {
        this.list = list;
    }

    /** Chooses the lines of a stretch; the entry that is looked at is the last chosen of them. */
    void select(List<EntryLine> lines, EntryRange stretch, int entry) {
        List<Integer> wanted = IntStream.range(0, lines.size())
                .filter(i -> lines.get(i) instanceof EntryLine.Of of && stretch.has(of.index()))
                .boxed()
                .toList();
        var model = list.getSelectionModel();
        if (!model.getSelectedIndices().stream().sorted().toList().equals(wanted)) {
            int[] rest = wanted.stream().skip(1).mapToInt(Integer::intValue).toArray();
            if (wanted.isEmpty()) {
                model.clearSelection();
            } else {
                model.clearAndSelect(wanted.getFirst());
                model.selectIndices(wanted.getFirst(), rest);
            }
        }
        for (int at : wanted) {
            if (lines.get(at) instanceof EntryLine.Of of && of.index() == entry) {
                if (model.getSelectedIndex() != at) {
                    model.select(at);
                }
                reveal(at, entry);
            }
        }
    }

    /** Scrolls no further than it takes to see the entry that is newly looked at. */
    private void reveal(int line, int entry) {
        if (entry != revealed && list.lookup(".virtual-flow") instanceof VirtualFlow<?> flow) {
            flow.scrollTo(line);
            revealed = entry;
        }
    }
}
