package app.avrel.desktop.learners;

import app.avrel.body.Body;
import app.avrel.desktop.parts.Buttons;
import app.avrel.desktop.parts.Sheet;
import app.avrel.desktop.parts.Texts;
import app.avrel.desktop.session.Desk;
import app.avrel.desktop.session.Session;
import app.avrel.desktop.words.Words;
import app.avrel.project.Edit;
import app.avrel.project.Learner;
import app.avrel.project.Precautions;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import javafx.beans.value.ChangeListener;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** Those who learn, and what the chosen form asks of whom. Every change is made at once and can be undone. */
public final class LearnersSheet {

    private final Session session;
    private final VBox rows = new VBox();
    private final VBox raised = new VBox();

    private LearnersSheet(Session session) {
        this.session = session;
        rows.getStyleClass().add("learner-rows");
        raised.getStyleClass().add("learner-raised");
    }

    /** Lays the sheet over the window. */
    public static void open(Session session, StackPane over) {
        LearnersSheet learners = new LearnersSheet(session);
        VBox content = new VBox(
                Texts.wrapped(care(), "quiet"),
                learners.raised,
                Texts.of(Words.of("learners.who_learns"), "section"),
                learners.rows,
                Buttons.words(Words.of("learners.add_learner"), Words.of("learners.add_learner_170"), learners::add));
        content.getStyleClass().add("learners");
        ChangeListener<Desk> listener = (_, _, desk) -> learners.show(desk);
        session.desk().addListener(listener);
        Sheet sheet = Sheet.show(
                over,
                Words.of("common.learners"),
                content,
                List.of(new Sheet.Answer(Words.of("common.done"), () -> {})));
        learners.show(session.desk().get());
        sheet.parentProperty().addListener((_, _, parent) -> {
            if (parent == null) {
                session.desk().removeListener(listener);
            }
        });
    }

    private void show(Desk desk) {
        List<Learner> all = desk.project().learners();
        while (rows.getChildren().size() > all.size()) {
            rows.getChildren().removeLast();
        }
        while (rows.getChildren().size() < all.size()) {
            rows.getChildren().add(new LearnerRow());
        }
        for (int i = 0; i < all.size(); i++) {
            int at = i;
            ((LearnerRow) rows.getChildren().get(i))
                    .show(
                            all.get(i),
                            (field, learner) -> change(field + at, list -> {
                                list.set(at, learner);
                                return list;
                            }),
                            () -> change("learners", list -> {
                                list.remove(at);
                                return list;
                            }));
        }
        raised(desk);
    }

    /** What the chosen form asks, posture by posture. */
    private void raised(Desk desk) {
        raised.getChildren()
                .setAll(Texts.of(Words.of("learners.in_x", desk.form().name()), "section"));
        List<Precautions.Raised> all = new Precautions(desk.project()).in(desk.form());
        if (all.isEmpty()) {
            raised.getChildren()
                    .add(Texts.wrapped(
                            desk.project().learners().isEmpty()
                                    ? Words.of("learners.add_learner_tick")
                                    : Words.of("learners.no_posture_form"),
                            "empty"));
        }
        Map<String, List<Precautions.Raised>> byPosture = all.stream()
                .collect(Collectors.groupingBy(
                        one -> Words.name(one.posture()), LinkedHashMap::new, Collectors.toList()));
        byPosture.forEach((posture, ones) -> {
            raised.getChildren().add(Texts.wrapped(posture, "raised-posture"));
            ones.forEach(one -> raised.getChildren().add(Texts.wrapped(said(one), "raised-line")));
        });
    }

    private static String said(Precautions.Raised one) {
        String learner = one.learner().label();
        String who =
                one.care().map(of -> Words.listed(List.of(learner, of.words()))).orElse(learner);
        String answer = one.gentler()
                .map(name -> " → " + name)
                .orElse(one.care().isPresent() ? Words.of("learners.no_gentler_version") : "");
        return who + ": " + one.because() + answer;
    }

    private void add() {
        change("learners", list -> {
            list.add(new Learner(new Body(Words.of("learners.learner", list.size() + 1), 1.70), List.of()));
            return list;
        });
    }

    private void change(String field, UnaryOperator<List<Learner>> edit) {
        session.apply(Edit.running(
                Words.of("learners.change_learners"),
                "learners/" + field,
                project -> project.withLearners(edit.apply(new ArrayList<>(project.learners())))));
    }

    private static String care() {
        return Words.of("learners.only_label_measures");
    }
}
