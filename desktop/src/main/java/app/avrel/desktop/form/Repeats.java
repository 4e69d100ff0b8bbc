package app.avrel.desktop.form;

import app.avrel.desktop.parts.Texts;
import app.avrel.desktop.session.Desk;
import app.avrel.desktop.words.Words;
import app.avrel.form.Occurrence;
import app.avrel.rules.join.ComparisonWords;
import java.util.List;
import java.util.stream.IntStream;
import javafx.scene.layout.VBox;

/** Which time this is that a posture comes, of how many, and what is different from the time before. */
final class Repeats extends VBox {

    Repeats() {
        getStyleClass().add("repeats");
    }

    void show(Desk desk, int entry) {
        getChildren().clear();
        List<Occurrence> all = desk.formTrack().occurrences();
        for (Occurrence done : all) {
            if (done.entry() == entry) {
                add(desk, all, done);
            }
        }
        setVisible(!getChildren().isEmpty());
        setManaged(!getChildren().isEmpty());
    }

    private void add(Desk desk, List<Occurrence> all, Occurrence done) {
        List<Occurrence> same = all.stream()
                .filter(one -> one.posture().id().equals(done.posture().id()))
                .toList();
        int time = IntStream.range(0, same.size())
                .filter(i -> same.get(i) == done)
                .findFirst()
                .orElse(0);
        if (same.size() < 2) {
            return;
        }
        getChildren().add(Texts.wrapped(Words.of("form.nth_of", ordinal(time), cardinal(same.size())), "section"));
        if (time > 0) {
            Occurrence before = same.get(time - 1);
            getChildren()
                    .add(Texts.wrapped(
                            new ComparisonWords(desk.saying(), before, done).sentence(EntryLine.title(desk, before)),
                            "repeat-words"));
            String onward = onward(all, before, done);
            if (!onward.isEmpty()) {
                getChildren().add(Texts.wrapped(onward, "repeat-words"));
            }
        }
    }

    /** Where this one leads to another posture than the one before did. */
    private static String onward(List<Occurrence> all, Occurrence before, Occurrence done) {
        String then = next(all, before);
        String now = next(all, done);
        return now.equals(then) ? "" : Words.of("form.goes_on", now, then);
    }

    private static String next(List<Occurrence> all, Occurrence done) {
        int at = all.indexOf(done) + 1;
        return at < all.size() ? Words.name(all.get(at).posture()) : Words.of("form.end");
    }

    private static String ordinal(int time) {
        return time < ordinals().size() ? ordinals().get(time) : Words.of("form.time", time + 1);
    }

    private static String cardinal(int many) {
        return many <= cardinals().size() ? cardinals().get(many - 1) : Integer.toString(many);
    }

    private static List<String> ordinals() {
        return List.of(
                Words.of("form.first_2"),
                Words.of("form.second_2"),
                Words.of("form.third"),
                Words.of("form.fourth"),
                Words.of("form.fifth"),
                Words.of("form.sixth"),
                Words.of("form.seventh"),
                Words.of("form.eighth"),
                Words.of("form.ninth"),
                Words.of("form.tenth"));
    }

    private static List<String> cardinals() {
        return List.of(
                Words.of("form.one"),
                Words.of("form.two"),
                Words.of("form.three"),
                Words.of("form.four"),
                Words.of("form.five"),
                Words.of("form.six"),
                Words.of("form.seven"),
                Words.of("form.eight"),
                Words.of("form.nine"),
                Words.of("form.ten"));
    }
}
