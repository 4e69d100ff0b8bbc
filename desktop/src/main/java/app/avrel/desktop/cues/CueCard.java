package app.avrel.desktop.cues;

import app.avrel.cue.Cue;
import app.avrel.cue.Reason;
import app.avrel.cue.hear.Slip;
import app.avrel.desktop.parts.Buttons;
import app.avrel.desktop.parts.LinesField;
import app.avrel.desktop.parts.Texts;
import app.avrel.desktop.session.Desk;
import app.avrel.desktop.words.Words;
import app.avrel.floor.Numbers;
import app.avrel.form.Moment;
import app.avrel.posture.count.CueLevel;
import app.avrel.posture.count.OwnWords;
import java.util.List;
import java.util.Optional;
import java.util.function.BiConsumer;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.VBox;

/** One count of the script: its words, whether they fit and are true, and why so many. */
final class CueCard extends VBox {

    private final CueEdits edits;
    private final Label title = Texts.wrapped("", "card-title");
    private final Label time = Texts.wrapped("", "card-note");
    private final VBox over = new VBox();
    private final Label overHead = Texts.wrapped(Words.of("cues.too_long_its"), "over-head");
    private final Label overWords = Texts.wrapped("", "over-words");
    private final Button take = Buttons.words("", Words.of("cues.say_shorter_words_tip"), this::takeShorter);
    private final LinesField said = new LinesField(Words.of("cues.said_count"), "", "");
    private final CheckBox once = new CheckBox();
    private final VBox outdated = new VBox();
    private final Label instead = Texts.wrapped("", "card-note");
    private final Label checked = Texts.wrapped("", "cue-checked");
    private final Label why = Texts.wrapped("", "cue-why");
    private final Label moves = Texts.wrapped("", "card-note");
    private Optional<CueSheet> sheet = Optional.empty();

    CueCard(CueEdits edits) {
        this.edits = edits;
        getStyleClass().add("cue-card");
        furnish();
        getChildren()
                .addAll(
                        title,
                        time,
                        over,
                        Texts.of(Words.of("common.cue"), "section"),
                        said,
                        once,
                        outdated,
                        instead,
                        Texts.of(Words.of("cues.checked_against_record"), "section"),
                        checked,
                        Texts.of(Words.of("cues.why_so_much"), "section"),
                        why,
                        Texts.of(Words.of("cues.all_recorded"), "section"),
                        moves);
    }

    private void furnish() {
        over.getStyleClass().add("cue-over");
        take.setWrapText(true);
        over.getChildren().addAll(overHead, overWords, take);
        outdated.getStyleClass().add("cue-over");
        outdated.getChildren()
                .addAll(
                        Texts.wrapped(Words.of("cues.words_outdated"), "over-words"),
                        Buttons.words(
                                Words.of("cues.still_right"), Words.of("cues.still_right_tip"), this::stillRight));
        once.setWrapText(true);
        once.setTooltip(new Tooltip(Words.of("cues.once_tip")));
        once.setOnAction(_ -> chosen((shown, cue) -> edits.once(shown, cue, once.isSelected())));
    }

    void show(Desk desk, CueSheet shown) {
        sheet = Optional.of(shown);
        Optional<CueRow> row = shown.chosen();
        getChildren().forEach(node -> visible(node, row.isPresent()));
        row.ifPresent(one -> show(desk, shown, one.cue()));
    }

    private static void visible(Node node, boolean on) {
        node.setVisible(on);
        node.setManaged(on);
    }

    private void show(Desk desk, CueSheet shown, Cue cue) {
        boolean wayIn = cue.place().section() == Moment.Section.LINK;
        Texts.set(title, CueRow.name(shown.done(cue)));
        time.setText(Words.of(
                "cues.at",
                (wayIn ? Words.of("cues.way_count") : Words.of("cues.count"))
                        + (cue.place().count() + 1),
                CueClock.minutes(cue.start()),
                CueClock.room(cue)));
        over(shown, cue);
        boolean own = !wayIn && cue.level() != CueLevel.COUNT;
        own(shown, cue, own);
        List<Slip> slips = shown.slips(cue, desk.project().setting().chosenBody());
        checked.setText(
                slips.isEmpty()
                        ? Words.of("cues.nothing_speaks_against")
                        : String.join("\n", slips.stream().map(Slip::sentence).toList()));
        why.setText(cue.why().sentence() + (cue.why() == Reason.CHOSEN ? "" : level(cue)));
        moves.setText(edits.exactly(shown, cue));
    }

    /** The instructor's own words, where a call can have some. */
    private void own(CueSheet shown, Cue cue, boolean own) {
        Optional<OwnWords> mine = own ? edits.own(shown, cue) : Optional.empty();
        visible(said, own);
        visible(once, own);
        once.setText(Words.of("cues.once", shown.time(cue)));
        once.setSelected(mine.flatMap(OwnWords::time).isPresent());
        visible(outdated, own && edits.outdated(shown, cue));
        said.area().setPromptText(shown.at(cue, cue.level()));
        said.show(mine.map(words -> List.of(words.text())).orElse(List.of()), lines -> {
            edits.say(shown, cue, String.join(" ", lines).strip(), once.isSelected());
            return true;
        });
        instead.setText(
                mine.isPresent()
                        ? Words.of("cues.yours_instead", edits.generated(shown, cue))
                        : own ? Words.of("cues.type_here_say") : Words.of("cues.way_said_from"));
    }

    private static String level(Cue cue) {
        String name = Words.of(
                switch (cue.level()) {
                    case EXPLAIN -> "cues.explain";
                    case GUIDE -> "common.guide";
                    case PROMPT -> "cues.call";
                    case COUNT -> "common.count";
                });
        return " (" + name + ")";
    }

    private void over(CueSheet shown, Cue cue) {
        boolean late = cue.tooLongBy() > 0;
        visible(over, late);
        if (!late) {
            return;
        }
        double wordsASecond = Math.max(1, cue.words().split(" ").length) / Math.max(0.1, cue.speaking());
        long tooMany = Math.max(1, Math.round((cue.speaking() - cue.length()) * wordsASecond));
        overWords.setText(Words.of(
                "cues.too_long", Numbers.plain(Numbers.tenths(cue.speaking())), Numbers.plain(cue.length()), tooMany));
        Optional<String> shorter = shown.fitting(cue);
        visible(take, shorter.isPresent() && cue.place().section() == Moment.Section.POSTURE);
        shorter.ifPresent(words -> take.setText(Words.of("cues.say", words)));
    }

    /** Takes the longest words that find room as the instructor's own. */
    void takeShorter() {
        chosen((shown, cue) -> {
            boolean late = cue.tooLongBy() > 0 && cue.place().section() == Moment.Section.POSTURE;
            shown.fitting(cue).filter(_ -> late).ifPresent(words -> edits.say(shown, cue, words, once.isSelected()));
        });
    }

    private void stillRight() {
        chosen(edits::stillRight);
    }

    private void chosen(BiConsumer<CueSheet, Cue> with) {
        sheet.ifPresent(shown -> shown.chosen().ifPresent(row -> with.accept(shown, row.cue())));
    }
}
