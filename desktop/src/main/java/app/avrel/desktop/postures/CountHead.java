package app.avrel.desktop.postures;

import app.avrel.desktop.parts.Buttons;
import app.avrel.desktop.parts.ChoiceField;
import app.avrel.desktop.parts.EntryField;
import app.avrel.desktop.parts.Texts;
import app.avrel.desktop.parts.Tips;
import app.avrel.desktop.session.Choice;
import app.avrel.desktop.session.Session;
import app.avrel.desktop.words.Words;
import app.avrel.floor.Numbers;
import app.avrel.posture.count.Breath;
import app.avrel.posture.count.Count;
import app.avrel.posture.count.Pace;
import app.avrel.posture.count.SeenCount;
import app.avrel.project.Edit;
import app.avrel.project.Holder;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.geometry.VPos;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import org.kordamp.ikonli.feather.Feather;

/** The head of the count card: which count, what can be done with it, beats, pace and breath. */
final class CountHead extends VBox {

    private final Session session;
    private final Label title = Texts.of("", "count-number");
    private final Label gone = Texts.wrapped("", "gone");
    private final Button delete;
    private final Button earlier;
    private final Button later;
    private final Button split;
    private final Button merge;
    private final EntryField beats = new EntryField(Words.of("common.beats"), "1", _ -> false);
    private final Label beatsAfter = Texts.of("", "field-label");
    private final ChoiceField pace = new ChoiceField(Words.of("postures.pace"));
    private final CheckBox cycle = new CheckBox(Words.of("postures.part_of_cycle"));
    private final ChoiceField breath = new ChoiceField(Words.of("postures.breath"));

    @SuppressWarnings("NullAway.Init") // told by the first show
    private Holder holder;

    private int index;
    private List<Count> counts = List.of();

    CountHead(Session session) {
        this.session = session;
        getStyleClass().add("count-head");
        delete = Buttons.icon(Feather.TRASH_2, Words.of("postures.delete_count_ctrl"), this::delete);
        earlier = Buttons.icon(Feather.ARROW_LEFT, Words.of("postures.move_count_earlier_tip"), () -> move(-1));
        later = Buttons.icon(Feather.ARROW_RIGHT, Words.of("postures.move_count_later_tip"), () -> move(1));
        split = Buttons.icon(Feather.SCISSORS, Words.of("postures.split_count_before"), this::split);
        merge = Buttons.icon(Feather.LINK, Words.of("postures.merge_count_next"), this::merge);
        HBox actions = new HBox(
                Buttons.icon(Feather.PLUS, Words.of("postures.add_count_after"), this::insert),
                Buttons.icon(Feather.COPY, Words.of("postures.duplicate_count_ctrl"), this::duplicate),
                earlier,
                later,
                split,
                merge,
                delete);
        FlowPane top = new FlowPane(title, actions);
        top.setRowValignment(VPos.CENTER);
        top.getStyleClass().add("rhythm");
        getChildren().addAll(top, gone, rhythm());
        Texts.show(gone, Optional.empty());
    }

    private FlowPane rhythm() {
        beats.getStyleClass().add("beats");
        Tips.give(cycle, Words.of("postures.part_of_cycle_tip"));
        cycle.setOnAction(_ -> {
            boolean part = cycle.isSelected();
            change(Words.of("postures.change_cycle"), "cycle", whole -> whole.withCycle(part));
        });
        FlowPane rhythm = new FlowPane(beats, beatsAfter, pace, breath, cycle);
        rhythm.setRowValignment(VPos.CENTER);
        rhythm.getStyleClass().add("rhythm");
        return rhythm;
    }

    void show(Holder newHolder, int at, List<Count> newCounts) {
        holder = newHolder;
        index = at;
        counts = newCounts;
        Texts.show(gone, Optional.empty());
        Count count = counts.get(at);
        title.setText((holder instanceof Holder.OfPosture ? Words.of("postures.count") : Words.of("postures.way"))
                + (at + 1));
        earlier.setDisable(at == 0);
        later.setDisable(at == counts.size() - 1);
        merge.setDisable(at == counts.size() - 1);
        split.setDisable(count.stages().size() < 2);
        cycle.setSelected(count.cycle());
        cycle.setDisable(!(holder instanceof Holder.OfPosture));
        beats.show(Numbers.plain(count.beats()), this::takeBeats);
        beatsAfter.setText(Words.of(count.beats() == 1 ? "common.beat_after" : "common.beats_after"));
        pace.show(
                words(Pace.values()),
                count.pace().ordinal(),
                i -> change(Words.of("postures.change_pace"), "pace", whole -> whole.withPace(Pace.values()[i])));
        breath.show(
                Arrays.stream(Breath.values()).map(Words::of).toList(),
                count.breath().ordinal(),
                i -> change(
                        Words.of("postures.change_breath"),
                        Words.of("common.breath"),
                        whole -> whole.withBreath(Breath.values()[i])));
    }

    private static List<String> words(Pace[] values) {
        return Arrays.stream(values).map(Words::of).toList();
    }

    private boolean takeBeats(String text) {
        try {
            double value = Double.parseDouble(text.replace(',', '.'));
            if (!(value > 0 && value <= 64)) {
                return false;
            }
            change(Words.of("postures.change_beats"), "beats", count -> count.withBeats(value));
            return true;
        } catch (NumberFormatException e) {
            return false;
        }
    }

    private void change(String name, String field, UnaryOperator<Count> edit) {
        if (session.settled()) {
            session.apply(CountEdits.change(holder, seen(), name, field, edit));
        }
    }

    void insert() {
        go(CountEdits.insert(holder, index + 1), index + 1);
    }

    void duplicate() {
        go(CountEdits.duplicate(holder, seen()), index + 1);
    }

    void delete() {
        go(CountEdits.delete(holder, seen()), Math.max(index - 1, counts.size() > 1 ? 0 : Choice.START));
    }

    void move(int by) {
        int to = index + by;
        if (to >= 0 && to < counts.size()) {
            go(CountEdits.move(holder, seen(), by), to);
        }
    }

    void split() {
        int stages = counts.get(index).stages().size();
        if (stages > 1) {
            go(CountEdits.split(holder, seen(), stages - 1), index);
        }
    }

    void merge() {
        if (index < counts.size() - 1) {
            go(CountEdits.merge(holder, seen()), index);
        }
    }

    private void go(Edit edit, int then) {
        boolean posture = holder instanceof Holder.OfPosture;
        if (session.settled()) {
            boolean done = session.apply(edit, posture ? session.choice().withCount(then) : session.choice());
            Texts.show(gone, done ? Optional.empty() : Optional.of(Words.of("postures.count_gone")));
        }
    }

    /** The count as it is shown: what is done here is done to that one. */
    private SeenCount seen() {
        return new SeenCount(index, counts.get(index));
    }
}
