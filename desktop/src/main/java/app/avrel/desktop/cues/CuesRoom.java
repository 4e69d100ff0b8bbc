package app.avrel.desktop.cues;

import app.avrel.desktop.parts.Buttons;
import app.avrel.desktop.parts.RoomPane;
import app.avrel.desktop.parts.Scroller;
import app.avrel.desktop.parts.Texts;
import app.avrel.desktop.ribbon.Ribbon;
import app.avrel.desktop.ribbon.RibbonCells;
import app.avrel.desktop.session.Command;
import app.avrel.desktop.session.Desk;
import app.avrel.desktop.session.Room;
import app.avrel.desktop.session.Session;
import app.avrel.desktop.words.Words;
import java.util.List;
import java.util.function.UnaryOperator;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.scene.text.TextAlignment;

/** The cue room. */
public final class CuesRoom implements Room {

    private final Session session;
    private final Runnable rehearse;
    private final RoomPane root;
    private final CueWishes wishes;
    private final Label title = Texts.of("", "cue-title");
    private final Label total = Texts.wrapped("", "room-state");
    private final Label measured = Texts.wrapped("", "quiet");
    private final CueList list = new CueList();
    private final CueCard card;
    private final Ribbon ribbon = new Ribbon();
    private final CallStrip strip = new CallStrip(ribbon);
    private final CueLengths lengths;
    private final ScriptActs acts;
    private CueWish wish = CueWish.first();

    @SuppressWarnings("NullAway.Init") // told by the first show
    private CueSheet sheet;

    /**
     * @param over where sheets are laid
     * @param rehearse shows the form over the whole screen
     */
    public CuesRoom(Session session, ScriptFiles choosing, StackPane over, Runnable rehearse) {
        this.session = session;
        this.rehearse = rehearse;
        lengths = new CueLengths(over, () -> show(session.desk().get()));
        acts = new ScriptActs(session, choosing, over, lengths);
        wishes = new CueWishes();
        card = new CueCard(new CueEdits(session));
        title.setMinWidth(0);
        total.setMaxWidth(Double.MAX_VALUE);
        total.setAlignment(Pos.BASELINE_RIGHT);
        total.setTextAlignment(TextAlignment.RIGHT);
        HBox.setHgrow(total, Priority.ALWAYS);
        HBox head = new HBox(title, total);
        head.getStyleClass().add("cue-head");
        VBox.setVgrow(list, Priority.ALWAYS);
        VBox middle = new VBox(head, measured, list);
        middle.getStyleClass().add("room-middle");
        VBox left = new VBox(new Scroller(wishes), actions());
        VBox.setVgrow(left.getChildren().getFirst(), Priority.ALWAYS);
        VBox right = new VBox(card);
        right.getStyleClass().add("card");
        Scroller scroll = new Scroller(right);
        scroll.getStyleClass().add("card-scroll");
        ribbon.setMinHeight(60);
        VBox below = new VBox(ribbon, strip);
        below.getStyleClass().add("cue-ribbon");
        VBox.setVgrow(ribbon, Priority.ALWAYS);
        root = new RoomPane("cues-room", left, middle, scroll, below);
    }

    private VBox actions() {
        VBox actions = new VBox(
                Buttons.words(Words.of("cues.rehearse"), Words.of("cues.rehearse_full_screen_f5"), rehearse),
                Buttons.words(Words.of("cues.write"), Words.of("cues.write_script_as"), () -> acts.write(sheet)),
                Buttons.words(Words.of("cues.measure"), Words.of("cues.measure_tip"), () -> acts.measure(sheet)),
                Buttons.words(Words.of("cues.sound"), Words.of("cues.write_sound_tip"), () -> acts.sound(sheet)),
                Buttons.words(Words.of("cues.check"), Words.of("cues.check_was_said"), () -> acts.check(sheet)));
        actions.getStyleClass().add("cue-actions");
        return actions;
    }

    @Override
    public Node node() {
        return root;
    }

    @Override
    public void show(Desk desk) {
        sheet = CueSheet.of(desk, wish, lengths.speech(wish.order().language()));
        wishes.show(desk, wish, this::ask);
        Texts.set(title, sheet.title());
        total.setText(Words.of(
                "cues.spoken_silent",
                CueClock.minutes(sheet.script().speaking()),
                CueClock.minutes(sheet.script().seconds()),
                Math.round(sheet.script().silence() * 100)));
        Texts.show(measured, lengths.told(sheet));
        list.show(sheet, at -> ask(one -> one.withChosen(at)));
        card.show(desk, sheet);
        below(desk);
    }

    /** The ribbon of the chosen posture, and its calls under it. */
    private void below(Desk desk) {
        List<CueRow> run = sheet.run();
        int first = run.isEmpty() ? 0 : run.getFirst().at();
        ribbon.show(
                run.isEmpty()
                        ? List.of()
                        : RibbonCells.ofForm(
                                desk, List.of(sheet.done(run.getFirst().cue()))),
                sheet.chosen().map(row -> row.at() - first).orElse(-1),
                Words.of("cues.form_has_no"),
                at -> ask(one -> one.withChosen(first + at)));
        strip.show(
                run.stream().map(CueRow::cue).toList(),
                sheet.chosen().map(CueRow::cue).orElse(null));
    }

    private void ask(UnaryOperator<CueWish> change) {
        wish = change.apply(wish);
        sheet = CueSheet.of(
                session.desk().get(), wish, lengths.speech(wish.order().language()));
        sheet.chosen()
                .map(row -> sheet.done(row.cue()).entry())
                .filter(entry -> wish.lesson() < 0 && entry != session.choice().entry())
                .ifPresentOrElse(
                        entry -> session.choose(session.choice().withEntry(entry)),
                        () -> show(session.desk().get()));
    }

    private void step(int by) {
        int last = Math.max(0, sheet.rows().size() - 1);
        ask(one -> one.withChosen(Math.clamp((long) one.chosen() + by, 0, last)));
    }

    @Override
    public List<Command> commands() {
        return List.of(
                Command.of(Words.of("cues.rehearse_full_screen"), KeyCode.F5, "", rehearse),
                Command.of(Words.of("cues.say_shorter_words"), KeyCode.PERIOD, "Ctrl", card::takeShorter),
                Command.of(Words.of("common.write_script"), KeyCode.W, "Ctrl+Shift", () -> acts.write(sheet)),
                Command.of(Words.of("cues.measure"), KeyCode.M, "Ctrl+Shift", () -> acts.measure(sheet)),
                Command.of(Words.of("cues.write_sound"), KeyCode.U, "Ctrl+Shift", () -> acts.sound(sheet)),
                Command.of(Words.of("cues.check_script"), KeyCode.C, "Ctrl+Shift", () -> acts.check(sheet)),
                Command.of(Words.of("common.count_before"), KeyCode.PAGE_UP, "", () -> step(-1))
                        .repeating(),
                Command.of(Words.of("common.count_after"), KeyCode.PAGE_DOWN, "", () -> step(1))
                        .repeating());
    }
}
