package app.avrel.desktop.form;

import app.avrel.body.Body;
import app.avrel.desktop.parts.Buttons;
import app.avrel.desktop.parts.ChoiceField;
import app.avrel.desktop.parts.EntryField;
import app.avrel.desktop.parts.Texts;
import app.avrel.desktop.parts.Tips;
import app.avrel.desktop.session.Choice;
import app.avrel.desktop.session.Desk;
import app.avrel.desktop.session.Session;
import app.avrel.desktop.words.Words;
import app.avrel.form.Entry;
import app.avrel.form.EntryRange;
import app.avrel.form.Form;
import app.avrel.form.FormPlace;
import app.avrel.form.Played;
import app.avrel.form.Totals;
import app.avrel.form.Track;
import app.avrel.posture.Posture;
import app.avrel.project.Edit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import javafx.collections.ListChangeListener;
import javafx.collections.ObservableList;
import javafx.geometry.Side;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SelectionMode;
import javafx.scene.control.skin.VirtualFlow;
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
    private final MenuButton add = new MenuButton(Words.of("form.add"));
    private final StretchEdits stretches;
    private List<Posture> offered = List.of();
    private boolean showing;
    private int revealed = -1;

    FormList(Session session, StretchEdits stretches) {
        this.session = session;
        this.stretches = stretches;
        getStyleClass().addAll("side-list", "form-list");
        name.getStyleClass().add("title-field");
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
        add.getStyleClass().addAll("flat", "word-button");
        Tips.give(add, Words.of("form.add_posture_after"));
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
        VBox head = new VBox(forms, name, totals);
        head.getStyleClass().add("list-head");
        getChildren().addAll(head, list, foot);
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
                .ifPresent(stretch -> select(lines, stretch, desk.choice().entry()));
        if (offered != desk.project().postures()) {
            offered = desk.project().postures();
            add.getItems().setAll(offered.stream().flatMap(this::items).toList());
            add.setDisable(offered.isEmpty());
        }
        showing = false;
    }

    /** Says how much there is in the form. */
    void total(Desk desk) {
        totals.setText(totals(desk.formTrack(), desk.project().setting().chosenBody()) + unrecorded(desk));
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

    private static String totals(Track track, Body body) {
        int postures = track.occurrences().size();
        long seconds = Math.round(4 * Totals.of(track.occurrences(), body).measures());
        return Words.of(
                "form.counts_at",
                postures + (postures == 1 ? Words.of("form.posture_2") : Words.of("form.postures")) + track.counts(),
                lasts(seconds));
    }

    private static String lasts(long seconds) {
        return seconds < 3600
                ? Words.of("form.min_s", seconds / 60, seconds % 60)
                : Words.of("form.h_min", seconds / 3600, seconds % 3600 / 60);
    }

    /** How many postures of the form have no count yet. */
    private static String unrecorded(Desk desk) {
        long bare = desk.form().entries().stream()
                .map(entry -> entry.posture())
                .distinct()
                .filter(id -> desk.project()
                        .posture(id)
                        .filter(posture -> posture.counts().isEmpty())
                        .isPresent())
                .count();
        return bare == 0 ? "" : Words.of("form.still_record", bare);
    }

    private boolean rename(String text) {
        if (text.isBlank()) {
            return false;
        }
        session.apply(Edit.running(
                Words.of("form.rename_form"),
                session.choice().form() + "/name",
                project -> project.changeForm(session.choice().form(), form -> form.withName(text.strip()))));
        return true;
    }

    private Stream<MenuItem> items(Posture posture) {
        Stream<MenuItem> recorded = Stream.of(item(posture, Played.AS_RECORDED));
        return posture.mirroring() == Posture.Mirroring.BOTH_SIDES
                ? Stream.concat(recorded, Stream.of(item(posture, Played.OTHER_SIDE)))
                : recorded;
    }

    private MenuItem item(Posture posture, Played played) {
        String side = played.of(posture)
                .side()
                .map(s -> ", " + Words.of(s))
                .orElse(played == Played.OTHER_SIDE ? Words.of("form.mirrored") : "");
        MenuItem item = new MenuItem(Words.name(posture) + side);
        item.setOnAction(_ -> add(posture, played));
        return item;
    }

    private void add(Posture posture, Played played) {
        Choice choice = session.choice();
        session.apply(
                Edit.of(
                        Words.of("form.add_form_2"),
                        project -> project.changeForm(choice.form(), form -> {
                            Entry entry = Entry.of(form.freshId(), posture.id(), played);
                            return form.entries().isEmpty()
                                    ? form.append(form.parts().size() - 1, entry)
                                    : form.insertAfter(choice.entry(), entry);
                        })),
                choice.withEntry(choice.entry() + 1));
    }

    void openAdd() {
        add.requestFocus();
        add.show();
    }

    /** Chooses the lines of a stretch; the entry that is looked at is the last chosen of them. */
    private void select(List<EntryLine> lines, EntryRange stretch, int entry) {
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
        boolean last = list.getSelectionModel().getSelectedItem() instanceof EntryLine.Of of && stretch.has(of.index());
        int looked = last && list.getSelectionModel().getSelectedItem() instanceof EntryLine.Of of
                ? of.index()
                : stretch.last();
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
        var id = session.project().freshFormId(Words.of("common.form"));
        session.apply(
                Edit.of(Words.of("form.add_form"), project -> {
                    List<Form> all = new ArrayList<>(project.forms());
                    all.add(new Form(id, Words.of("form.new_form"), List.of(), Optional.empty(), Optional.empty()));
                    return project.withForms(all);
                }),
                session.choice().withForm(id));
        name.field().requestFocus();
        name.field().selectAll();
    }

    void addPart() {
        session.apply(Edit.of(
                Words.of("form.add_part"),
                project -> project.changeForm(
                        session.choice().form(),
                        form -> form.withPart(
                                Words.of("form.part_3", form.parts().size() + 1)))));
    }
}
