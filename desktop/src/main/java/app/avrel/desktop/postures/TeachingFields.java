package app.avrel.desktop.postures;

import app.avrel.desktop.findings.WrongAndRight;
import app.avrel.desktop.parts.Buttons;
import app.avrel.desktop.parts.EntryField;
import app.avrel.desktop.parts.FieldGrid;
import app.avrel.desktop.parts.LinesField;
import app.avrel.desktop.parts.Texts;
import app.avrel.desktop.session.Session;
import app.avrel.desktop.words.Words;
import app.avrel.posture.Posture;
import app.avrel.posture.teaching.GentlerVersion;
import app.avrel.posture.teaching.Mistake;
import app.avrel.posture.teaching.PostureSheet;
import app.avrel.project.Edit;
import app.avrel.project.Project;
import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** What a teacher knows of a posture: other names, picture, purpose, mistakes, cautions, gentler versions. */
final class TeachingFields extends VBox {

    private final AskedInLessons questions = new AskedInLessons();
    private final Session session;
    private final LinesField otherNames = lines(Words.of("postures.other_names"), Words.of("postures.one_line"));
    private final EntryField image = line(Words.of("postures.picture_or_story"), Words.of("postures.helps_see"));
    private final EntryField purpose = line(Words.of("postures.purpose"), Words.of("postures.what_it_is"));
    private final LinesField before = lines(Words.of("postures.known_before"), Words.of("postures.postures_or_drills"));
    private final LinesField cautions = lines(Words.of("postures.cautions"), Words.of("postures.who_should_take"));
    private final EntryField replacedBy = line(Words.of("postures.not_whole"), Words.of("postures.must_take_its"));
    private final VBox mistakes = new VBox();
    private final VBox gentler = new VBox();
    private final List<MistakeRow> mistakeRows = new ArrayList<>();
    private final List<GentlerRow> gentlerRows = new ArrayList<>();

    TeachingFields(Session session) {
        this.session = session;
        getStyleClass().add("teaching-fields");
        FieldGrid grid = new FieldGrid();
        grid.section(Words.of("postures.teaching"));
        grid.node(Words.of("postures.also_called"), otherNames);
        grid.node(Words.of("postures.picture_story"), image);
        grid.node(Words.of("postures.purpose"), purpose);
        grid.node(Words.of("postures.known_before"), before);
        grid.node(Words.of("postures.cautions"), cautions);
        grid.node(Words.of("postures.replaced_by"), replacedBy);
        mistakes.getStyleClass().add("sheet-rows");
        gentler.getStyleClass().add("sheet-rows");
        getChildren()
                .addAll(
                        grid,
                        Texts.of(Words.of("postures.common_mistakes"), "section"),
                        mistakes,
                        Buttons.words(
                                Words.of("postures.add_mistake"),
                                Words.of("postures.add_common_mistake"),
                                this::addMistake),
                        Texts.of(Words.of("postures.gentler_versions"), "section"),
                        gentler,
                        Buttons.words(
                                Words.of("postures.add_gentler_version"),
                                Words.of("postures.add_counts_ask"),
                                this::addGentler),
                        questions);
    }

    private static LinesField lines(String label, String example) {
        return new LinesField(label, example, notUnderstood());
    }

    private static EntryField line(String label, String example) {
        return new EntryField(label, example, _ -> false);
    }

    void show(Posture posture) {
        PostureSheet sheet = posture.sheet();
        otherNames.show(sheet.otherNames(), lines -> change("names", s -> s.withOtherNames(lines)));
        image.show(sheet.image(), text -> change("image", s -> s.withImage(text)));
        purpose.show(sheet.purpose(), text -> change("purpose", s -> s.withPurpose(text)));
        before.show(sheet.before(), lines -> change("before", s -> s.withBefore(lines)));
        cautions.show(sheet.cautions(), lines -> change("cautions", s -> s.withCautions(lines)));
        replacedBy.show(sheet.replacedBy(), text -> change("replaced", s -> s.withReplacedBy(text)));
        showMistakes(posture, sheet.mistakes());
        showGentler(posture, sheet.gentler());
        questions.show(posture, session.project().lessons());
    }

    private void showMistakes(Posture posture, List<Mistake> all) {
        while (mistakeRows.size() < all.size()) {
            MistakeRow row = new MistakeRow();
            mistakeRows.add(row);
            mistakes.getChildren().add(row);
        }
        while (mistakeRows.size() > all.size()) {
            mistakes.getChildren().remove(mistakeRows.removeLast());
        }
        for (int i = 0; i < all.size(); i++) {
            int at = i;
            mistakeRows
                    .get(i)
                    .show(
                            posture,
                            session.desk().get(),
                            all.get(i),
                            (field, changed) -> change(
                                    "mistake" + at + field, s -> s.withMistakes(replaced(s.mistakes(), at, changed))),
                            () -> beside(posture, at),
                            () -> change("", s -> s.withMistakes(without(s.mistakes(), at))));
        }
    }

    /** Lays a mistake beside what is right, over the window. */
    private void beside(Posture posture, int mistake) {
        if (getScene() != null && getScene().getRoot() instanceof StackPane over) {
            Mistake shown = session.project()
                    .posture(posture.id())
                    .map(now -> now.sheet().mistakes().get(mistake))
                    .orElse(Mistake.BLANK);
            new WrongAndRight(posture, shown, session.project().setting()).show(over);
        }
    }

    private void showGentler(Posture posture, List<GentlerVersion> all) {
        while (gentlerRows.size() < all.size()) {
            GentlerRow row = new GentlerRow();
            gentlerRows.add(row);
            gentler.getChildren().add(row);
        }
        while (gentlerRows.size() > all.size()) {
            gentler.getChildren().remove(gentlerRows.removeLast());
        }
        for (int i = 0; i < all.size(); i++) {
            int at = i;
            gentlerRows
                    .get(i)
                    .show(
                            posture,
                            session.desk().get(),
                            all.get(i),
                            (field, changed) -> change(
                                    "gentler" + at + field, s -> s.withGentler(replaced(s.gentler(), at, changed))),
                            () -> change("", s -> s.withGentler(without(s.gentler(), at))));
        }
    }

    private static <T> List<T> replaced(List<T> all, int at, T changed) {
        List<T> list = new ArrayList<>(all);
        list.set(at, changed);
        return list;
    }

    private static <T> List<T> without(List<T> all, int at) {
        List<T> list = new ArrayList<>(all);
        list.remove(at);
        return list;
    }

    private static <T> List<T> with(List<T> all, T more) {
        List<T> list = new ArrayList<>(all);
        list.add(more);
        return list;
    }

    private void addMistake() {
        change("", s -> s.withMistakes(with(s.mistakes(), Mistake.BLANK)));
    }

    private void addGentler() {
        int count = Math.max(0, session.choice().count());
        change(
                "",
                s -> s.withGentler(with(
                        s.gentler(), new GentlerVersion(Words.of("common.gentler"), count, count + 1, List.of()))));
    }

    private boolean change(String field, UnaryOperator<PostureSheet> edit) {
        session.desk().get().posture().map(Posture::id).ifPresent(id -> {
            UnaryOperator<Project> whole =
                    project -> project.changePosture(id, posture -> posture.withSheet(edit.apply(posture.sheet())));
            session.apply(
                    field.isEmpty()
                            ? Edit.of(Words.of("postures.change_postures_sheet"), whole)
                            : Edit.running(Words.of("postures.change_postures_sheet"), id + "/sheet/" + field, whole));
        });
        return true;
    }

    private static String notUnderstood() {
        return Words.of("postures.not_understood");
    }
}
