package app.avrel.desktop.postures;

import app.avrel.desktop.parts.Buttons;
import app.avrel.desktop.parts.EntryField;
import app.avrel.desktop.parts.FieldGrid;
import app.avrel.desktop.parts.LinesField;
import app.avrel.desktop.session.Desk;
import app.avrel.desktop.words.Words;
import app.avrel.posture.Posture;
import app.avrel.posture.count.Count;
import app.avrel.posture.teaching.GentlerVersion;
import app.avrel.words.Wording;
import app.avrel.words.say.Saying;
import java.util.List;
import java.util.Optional;
import java.util.function.BiConsumer;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import org.kordamp.ikonli.feather.Feather;

/** One gentler version on the card: its counts are typed, one a line. */
final class GentlerRow extends HBox {

    private static final Pattern RANGE = Pattern.compile("([1-9]\\d?)(?:\\s*[-–]\\s*([1-9]\\d?))?");

    private final FieldGrid grid = new FieldGrid();
    private final EntryField name = grid.line(Words.of("common.called"), Words.of("postures.stay_high"));
    private final EntryField range = grid.line(Words.of("postures.place"), "2 - 3");
    private final LinesField counts = new LinesField(
            Words.of("postures.counts_gentler_version"),
            Words.of("postures.one_count_line"),
            Words.of("postures.line_not_understood"));
    private Runnable remove = () -> {};

    GentlerRow() {
        getStyleClass().add("sheet-row");
        grid.node(Words.of("common.counts"), counts);
        HBox.setHgrow(grid, Priority.ALWAYS);
        getChildren().addAll(grid, Buttons.icon(Feather.X, Words.of("postures.take_version_out"), () -> remove.run()));
    }

    void show(
            Posture posture,
            Desk desk,
            GentlerVersion gentler,
            BiConsumer<String, GentlerVersion> change,
            Runnable newRemove) {
        remove = newRemove;
        name.show(gentler.name(), text -> {
            change.accept("name", new GentlerVersion(text, gentler.from(), gentler.to(), gentler.counts()));
            return true;
        });
        String said = gentler.to() - gentler.from() <= 1
                ? Integer.toString(gentler.from() + 1)
                : (gentler.from() + 1) + " - " + gentler.to();
        range.show(said, text -> ranged(text, gentler, change));
        Wording saying = desk.saying();
        Saying words = Saying.exact(Words.language(), saying);
        counts.show(gentler.counts().stream().map(words::line).toList(), lines -> {
            Optional<List<Count>> read =
                    new TypedCounts(posture, desk.project().setting(), saying).read(lines, gentler.from());
            read.ifPresent(all ->
                    change.accept("counts", new GentlerVersion(gentler.name(), gentler.from(), gentler.to(), all)));
            return read.isPresent();
        });
    }

    private static boolean ranged(String text, GentlerVersion gentler, BiConsumer<String, GentlerVersion> change) {
        Matcher matcher = RANGE.matcher(text.strip());
        if (!matcher.matches()) {
            return false;
        }
        int from = Integer.parseInt(matcher.group(1)) - 1;
        int to = matcher.group(2) == null ? from + 1 : Integer.parseInt(matcher.group(2));
        if (to <= from) {
            return false;
        }
        change.accept("range", new GentlerVersion(gentler.name(), from, to, gentler.counts()));
        return true;
    }
}
