package app.avrel.desktop.form;

import app.avrel.desktop.parts.Buttons;
import app.avrel.desktop.parts.ChoiceField;
import app.avrel.desktop.parts.EntryField;
import app.avrel.desktop.parts.Texts;
import app.avrel.desktop.session.Desk;
import app.avrel.desktop.session.Session;
import app.avrel.desktop.words.Words;
import app.avrel.form.EntryRange;
import app.avrel.form.Form;
import app.avrel.form.FormId;
import app.avrel.form.FormPlace;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import javafx.collections.ListChangeListener;
import javafx.collections.ObservableList;
import javafx.geometry.Side;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.control.SelectionMode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.TransferMode;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.kordamp.ikonli.feather.Feather;

/** The entries of a form, in their parts. */
final class FormList extends VBox {

    private static final int FEW = 24;

    private final Session session;
    private final ChoiceField forms = new ChoiceField(Words.of("common.form"));
    private final EntryField name = new EntryField(Words.of("form.name_form"), Words.of("form.name_form"), _ -> false);
    private final Label totals = Texts.wrapped("", "list-totals");
    private final ListView<EntryLine> list = new ListView<>();
    private final AddMenu add;
    private final ShownLines shownLines = new ShownLines(list);
    private final StretchEdits stretches;
    private boolean showing;

    FormList(Session session, StretchEdits stretches) {
        this.session = session;
        this.stretches = stretches;
        add = new AddMenu(session);
        getStyleClass().addAll("side-list", "form-list");
        name.getStyleClass().add("title-field");
        furnish();
        VBox head = new VBox(forms, name, totals);
        head.getStyleClass().add("list-head");
        getChildren().addAll(head, list, foot());
    }

    private void furnish() {
        EntryDragging dragging = new EntryDragging(this::beside, this::dropped);
        list.setCellFactory(_ -> {
            EntryCell cell = new EntryCell();
            dragging.on(cell);
            return cell;
        });
        list.getSelectionModel().setSelectionMode(SelectionMode.MULTIPLE);
        list.addEventFilter(KeyEvent.KEY_PRESSED, this::clipboard);
        list.setAccessibleText(Words.of("form.entries_form"));
        list.setPlaceholder(Texts.wrapped(Words.of("form.no_entry_yet"), "empty"));
        list.getSelectionModel().getSelectedItems().addListener((ListChangeListener<EntryLine>) _ -> chosen());
        VBox.setVgrow(list, Priority.ALWAYS);
    }

    private FlowPane foot() {
        FlowPane foot = new FlowPane(
                add,
                Buttons.icon(Feather.ARROW_UP, Words.of("form.move_chosen_up_tip"), () -> stretches.nudge(-1)),
                Buttons.icon(Feather.ARROW_DOWN, Words.of("form.move_chosen_down_tip"), () -> stretches.nudge(1)),
                Buttons.icon(Feather.COPY, Words.of("form.copy_chosen_after_tip"), stretches::duplicate),
                Buttons.icon(
                        Feather.CORNER_DOWN_RIGHT,
                        Words.of("form.copy_chosen_mirrored_tip"),
                        stretches::appendMirrored),
                Buttons.icon(Feather.TRASH_2, Words.of("form.take_out_chosen_tip"), stretches::takeOut));
        foot.getStyleClass().add("list-foot");
        return foot;
    }

    void show(Desk desk) {
        showing = true;
        List<Form> all = desk.project().forms();
        forms.setVisible(all.size() > 1);
        forms.setManaged(all.size() > 1);
        forms.show(
                all.stream().map(Form::name).toList(),
                all.indexOf(desk.form()),
                at -> session.choose(session.choice().withForm(all.get(at).id())));
        name.show(desk.form().name(), this::rename);
        List<EntryLine> lines = EntryLine.of(desk);
        fill(list.getItems(), lines);
        stretches
                .chosen()
                .ifPresent(stretch ->
                        shownLines.select(lines, stretch, desk.choice().entry()));
        add.offer(desk.project().postures());
        showing = false;
    }

    /** Says how much there is in the form. */
    void total(Desk desk) {
        totals.setText(ListTotals.of(desk));
    }

    /** Where few lines are other, only those are replaced; all anew costs the list all its cells. */
    private static void fill(ObservableList<EntryLine> shown, List<EntryLine> lines) {
        List<Integer> other = shown.size() != lines.size()
                ? List.of()
                : IntStream.range(0, lines.size())
                        .filter(i -> !shown.get(i).equals(lines.get(i)))
                        .boxed()
                        .toList();
        if (shown.size() != lines.size() || other.size() > FEW) {
            shown.setAll(lines);
        } else {
            other.forEach(i -> shown.set(i, lines.get(i)));
        }
    }

    private boolean rename(String text) {
        if (text.isBlank()) {
            return false;
        }
        session.apply(FormEdits.rename(session.choice().form(), text.strip()));
        return true;
    }

    void openAdd() {
        add.open();
    }

    /** Chosen lines make one stretch, from the first to the last. */
    private void chosen() {
        List<Integer> entries = list.getSelectionModel().getSelectedItems().stream()
                .filter(EntryLine.Of.class::isInstance)
                .map(line -> ((EntryLine.Of) line).index())
                .sorted()
                .toList();
        if (showing || entries.isEmpty()) {
            return;
        }
        EntryRange stretch = new EntryRange(entries.getFirst(), entries.getLast());
        stretches.choose(stretch);
        EntryLine last = list.getSelectionModel().getSelectedItem();
        int looked = last instanceof EntryLine.Of of && stretch.has(of.index()) ? of.index() : stretch.last();
        session.choose(session.choice().withEntry(looked));
    }

    private void clipboard(KeyEvent event) {
        if (!event.isShortcutDown() || event.isShiftDown()) {
            return;
        }
        switch (event.getCode()) {
            case C -> stretches.copy();
            case X -> stretches.cut();
            case V -> stretches.paste();
            default -> {
                return;
            }
        }
        event.consume();
    }

    private Optional<FormPlace> beside(EntryLine line, Side side) {
        Form form = session.desk().get().form();
        return switch (line) {
            case EntryLine.Of of ->
                Optional.of(side == Side.TOP ? FormPlace.before(form, of.index()) : FormPlace.after(form, of.index()));
            case EntryLine.Head head ->
                side == Side.TOP ? Optional.empty() : Optional.of(new FormPlace(head.part(), 0));
        };
    }

    private void dropped(FormPlace place, TransferMode mode) {
        if (mode == TransferMode.COPY) {
            stretches.copyTo(place);
        } else {
            stretches.moveTo(place);
        }
    }

    void addForm() {
        FormId id = session.project().freshFormId(Words.of("common.form"));
        session.apply(FormEdits.form(id), session.choice().withForm(id));
        name.field().requestFocus();
        name.field().selectAll();
    }

    void addPart() {
        session.apply(FormEdits.part(session.choice().form()));
    }
}
