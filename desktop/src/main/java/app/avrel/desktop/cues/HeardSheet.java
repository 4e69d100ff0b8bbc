package app.avrel.desktop.cues;

import app.avrel.cue.hear.Hearing;
import app.avrel.cue.hear.Slip;
import app.avrel.desktop.parts.Scroller;
import app.avrel.desktop.parts.Sheet;
import app.avrel.desktop.parts.Texts;
import app.avrel.desktop.words.Words;
import app.avrel.form.Moment;
import java.util.List;
import javafx.scene.control.Label;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** What a spoken script says wrongly, in the order it is said. */
final class HeardSheet {

    private HeardSheet() {}

    static void show(StackPane over, String file, Hearing.Report report, CueSheet sheet) {
        VBox lines = new VBox();
        lines.getStyleClass().add("heard-lines");
        lines.getChildren()
                .add(Texts.wrapped(
                        Words.of(
                                "cues.pieces_say_something",
                                report.understood(),
                                report.pieces(),
                                report.slips().isEmpty()
                                        ? Words.of("cues.nothing_them_speaks")
                                        : Words.of(
                                                "cues.look_at", report.slips().size())),
                        "sheet-text"));
        for (Slip slip : report.slips()) {
            Label where = Texts.wrapped(where(slip, sheet), "heard-where");
            Label what = Texts.wrapped(slip.sentence(), "heard-what");
            lines.getChildren().add(new VBox(where, what));
        }
        Scroller scroll = new Scroller(lines);
        scroll.setPrefHeight(420);
        Sheet.show(
                over,
                Words.of("cues.heard", file),
                scroll,
                List.of(new Sheet.Answer(Words.of("common.done"), () -> {})));
    }

    private static String where(Slip slip, CueSheet sheet) {
        String time =
                slip.seconds().isPresent() ? CueClock.minutes(slip.seconds().getAsDouble()) + "  " : "";
        boolean wayIn = slip.place().section() == Moment.Section.LINK;
        String name = sheet.stretch().stream()
                .filter(done -> done.index() == slip.occurrence())
                .findFirst()
                .map(CueRow::name)
                .orElse("");
        return Words.of(
                "common.count_4",
                time + name + (wayIn ? Words.of("cues.way") : ""),
                slip.place().count() + 1);
    }
}
