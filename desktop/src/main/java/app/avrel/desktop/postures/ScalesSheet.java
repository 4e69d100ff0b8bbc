package app.avrel.desktop.postures;

import app.avrel.body.Body;
import app.avrel.body.Side;
import app.avrel.desktop.parts.EntryField;
import app.avrel.desktop.parts.FieldGrid;
import app.avrel.desktop.parts.Sheet;
import app.avrel.desktop.parts.Texts;
import app.avrel.desktop.session.Desk;
import app.avrel.desktop.session.Session;
import app.avrel.desktop.words.Words;
import app.avrel.floor.FloorVector;
import app.avrel.floor.Numbers;
import app.avrel.form.Moment;
import app.avrel.form.Occurrence;
import app.avrel.mechanics.TwoScales;
import app.avrel.motion.Pose;
import app.avrel.rules.JoinWords;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.IntConsumer;
import javafx.scene.control.Label;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** A pose by measurement: one foot on each of two bathroom scales. */
final class ScalesSheet {

    private final Pose pose;
    private final Body body;
    private final FieldGrid grid = new FieldGrid();
    private final EntryField left = grid.line(Words.of("postures.left_scale_shows"), "42");
    private final EntryField right = grid.line(Words.of("postures.right_scale_shows"), "28");
    private final Label said = Texts.wrapped("", "fit-words");
    private OptionalDouble onLeft = OptionalDouble.empty();
    private OptionalDouble onRight = OptionalDouble.empty();

    private final SimulatedPane simulated;

    private ScalesSheet(Pose pose, Body body) {
        this.pose = pose;
        this.body = body;
        simulated = new SimulatedPane(pose, this::shows);
    }

    /** What a pair of scales shows is written as if it were typed. */
    private void shows(TwoScales scales) {
        read(Side.LEFT, Numbers.plain(Numbers.tenths(scales.left())));
        read(Side.RIGHT, Numbers.plain(Numbers.tenths(scales.right())));
    }

    /**
     * Lays the sheet over the window, for the pose in which the chosen count ends.
     *
     * @param take is told the left foot's percent, to be recorded
     */
    static void open(Session session, StackPane over, IntConsumer take) {
        Desk desk = session.desk().get();
        ScalesSheet sheet =
                new ScalesSheet(standing(desk), session.project().setting().chosenBody());
        VBox content = new VBox(
                Texts.wrapped(Words.of("postures.stand_pose_one"), "sheet-text"),
                sheet.grid,
                sheet.said,
                sheet.simulated);
        content.getStyleClass().add("beside-sheet");
        sheet.show(Side.LEFT, "");
        sheet.show(Side.RIGHT, "");
        Sheet laid = Sheet.show(
                over,
                Words.of("postures.on_two_scales"),
                content,
                List.of(
                        new Sheet.Answer(
                                Words.of("postures.record_share"),
                                () -> sheet.scales()
                                        .ifPresent(scales ->
                                                take.accept(scales.share().least(Side.LEFT)))),
                        new Sheet.Answer(Words.of("common.close"), () -> {})));
        laid.parentProperty().addListener((_, _, _) -> sheet.simulated.stop());
    }

    /** The pose in which the chosen count leaves the body. */
    private static Pose standing(Desk desk) {
        Occurrence done =
                desk.posture().flatMap(posture -> desk.occurrence(posture.id())).orElseThrow();
        return done.moments().stream()
                .filter(moment -> moment.place().count() == desk.choice().count())
                .reduce((_, last) -> last)
                .map(Moment::after)
                .orElse(done.done().begins());
    }

    private void show(Side side, String text) {
        (side == Side.LEFT ? left : right).show(text, typed -> read(side, typed));
    }

    private boolean read(Side side, String text) {
        show(side, text);
        OptionalDouble value = number(text);
        if (side == Side.LEFT) {
            onLeft = value;
        } else {
            onRight = value;
        }
        said.setText(scales().map(this::words).orElse(""));
        return text.isBlank() || value.isPresent();
    }

    private static OptionalDouble number(String text) {
        try {
            double value = Double.parseDouble(text.strip().replace(',', '.'));
            return value >= 0 && value <= 1000 ? OptionalDouble.of(value) : OptionalDouble.empty();
        } catch (NumberFormatException e) {
            return OptionalDouble.empty();
        }
    }

    private Optional<TwoScales> scales() {
        return onLeft.isPresent() && onRight.isPresent() && onLeft.getAsDouble() + onRight.getAsDouble() > 0
                ? Optional.of(new TwoScales(onLeft.getAsDouble(), onRight.getAsDouble()))
                : Optional.empty();
    }

    private String words(TwoScales scales) {
        String split =
                Words.of("postures.weight_claimed", JoinWords.share(scales.share()), JoinWords.share(pose.weight()));
        FloorVector off = scales.fromClaimed(pose, body);
        double ahead = off.along(pose.facing());
        double aside = off.along(pose.facing().right());
        String place = Math.abs(scales.pointsMore(pose)) < 1
                ? Words.of("postures.agrees_centre_mass")
                : Words.of(
                        "postures.centre_mass_must",
                        Numbers.whole(off.length() * 100),
                        way(ahead, Words.of("postures.further_ahead"), Words.of("postures.further_back")),
                        way(aside, Words.of("common.right_3"), Words.of("common.left_3")));
        return split + "\n" + place;
    }

    private static String way(double metres, String more, String less) {
        return Words.of("postures.cm", Numbers.whole(Math.abs(metres) * 100), metres >= 0 ? more : less);
    }
}
