package app.avrel.desktop.form;

import app.avrel.desktop.parts.Texts;
import app.avrel.desktop.session.Desk;
import app.avrel.desktop.words.Words;
import app.avrel.floor.Directions;
import app.avrel.floor.FloorVector;
import app.avrel.floor.Heading;
import app.avrel.floor.Numbers;
import app.avrel.form.CountDirections;
import app.avrel.form.Moment;
import app.avrel.form.Occurrence;
import app.avrel.form.Track;
import app.avrel.motion.Estimate;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import javafx.beans.property.ReadOnlyStringWrapper;
import javafx.scene.control.TableColumn;
import javafx.scene.control.TableView;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** Where chest, hips and feet point after every count of the form, how far it has turned, and where each posture travels. */
final class DirectionsTable {

    /** A count of the form. */
    record Line(
            String posture,
            String count,
            String facing,
            String hips,
            String left,
            String right,
            String turned,
            String running,
            String travels) {}

    private DirectionsTable() {}

    /** {@return the directions of a form, count by count, under whether it comes back to where it began} */
    static Region of(Desk desk) {
        TableView<Line> table = new TableView<>();
        table.getStyleClass().add("plain-table");
        table.setAccessibleText(Words.of("form.directions_after_every"));
        table.setPlaceholder(Texts.wrapped(Words.of("form.form_has_no"), "empty"));
        column(table, Words.of("common.posture"), 190, Line::posture);
        column(table, Words.of("form.count_2"), 60, Line::count);
        column(table, Words.of("form.faces"), 80, Line::facing);
        column(table, Words.of("form.hips"), 80, Line::hips);
        column(table, Words.of("form.left_toes"), 90, Line::left);
        column(table, Words.of("form.right_toes"), 90, Line::right);
        column(table, Words.of("common.turns"), 90, Line::turned);
        column(table, Words.of("form.all"), 90, Line::running);
        column(table, Words.of("form.travels"), 160, Line::travels);
        List<Line> lines = lines(desk);
        table.getItems().setAll(lines);
        table.setPrefHeight(460);
        table.setPrefWidth(960);
        VBox content = new VBox(Texts.wrapped(ReturnWords.of(desk, desk.formTrack()), "sheet-text"), table);
        content.getStyleClass().add("table-sheet");
        return content;
    }

    private static void column(TableView<Line> table, String name, double width, Function<Line, String> value) {
        TableColumn<Line, String> column = new TableColumn<>(name);
        column.setCellValueFactory(line -> new ReadOnlyStringWrapper(value.apply(line.getValue())));
        column.setPrefWidth(width);
        column.setSortable(false);
        column.setReorderable(false);
        table.getColumns().add(column);
    }

    /** {@return a line for every count} */
    static List<Line> lines(Desk desk) {
        Track track = desk.formTrack();
        Directions directions = desk.project().directions();
        List<Line> lines = new ArrayList<>();
        for (Occurrence done : track.occurrences()) {
            List<CountDirections> all = CountDirections.of(track, done);
            for (int i = 0; i < all.size(); i++) {
                boolean last = i == all.size() - 1;
                lines.add(line(
                        i == 0 ? EntryLine.title(desk, done) : "",
                        all.get(i),
                        directions,
                        last ? travels(done, directions) : ""));
            }
        }
        return lines;
    }

    private static Line line(String posture, CountDirections after, Directions directions, String travels) {
        boolean link = after.place().section() == Moment.Section.LINK;
        return new Line(
                posture,
                (link ? "· " : "") + (after.place().count() + 1),
                directions.say(after.facing()),
                directions.say(after.hips()),
                toes(after.left(), directions),
                toes(after.right(), directions),
                turn(after.turned().degrees()),
                turn(after.running().degrees()),
                travels);
    }

    private static String toes(Estimate<Heading> toes, Directions directions) {
        String said = directions.say(toes.value());
        return !toes.known() ? Words.of("form.open") : toes.assumed() ? Words.of("common.about", said) : said;
    }

    private static String turn(double degrees) {
        long size = Math.round(Math.abs(degrees));
        return size == 0 ? "–" : size + "° " + (degrees > 0 ? Words.of("common.right") : Words.of("common.left"));
    }

    private static String travels(Occurrence done, Directions directions) {
        FloorVector way = done.travel();
        return way.length() < 0.03
                ? Words.of("form.stays")
                : Words.of(
                        "form.m_toward",
                        Numbers.plain(Math.round(way.length() * 100) / 100.0),
                        directions.say(rounded(way.heading())));
    }

    private static Heading rounded(Heading heading) {
        return Heading.wrapping(Math.round(heading.degrees() / 5) * 5);
    }
}
