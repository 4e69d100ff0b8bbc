package app.avrel.desktop.log;

import app.avrel.desktop.parts.Sheet;
import app.avrel.desktop.parts.Texts;
import app.avrel.desktop.session.Session;
import app.avrel.desktop.words.Words;
import app.avrel.lesson.Lesson;
import app.avrel.lesson.log.LessonLog;
import app.avrel.lesson.log.Quiz;
import app.avrel.lesson.log.Review;
import app.avrel.lesson.log.Seen;
import app.avrel.posture.PostureId;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.scene.chart.CategoryAxis;
import javafx.scene.chart.NumberAxis;
import javafx.scene.chart.StackedBarChart;
import javafx.scene.chart.XYChart;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** What the log says: mistakes by posture over time, and what it is time to review. */
final class LogPictures {

    private static final int MOST_SCORES = 12;

    private final Session session;
    private final List<Lesson> lessons;

    private LogPictures(Session session, List<Lesson> lessons) {
        this.session = session;
        this.lessons = lessons;
    }

    static void open(Session session, StackPane over) {
        session.desk().get().lesson().ifPresent(lesson -> {
            List<Lesson> all = session.project().lessons().stream()
                    .filter(one -> one.course().equals(lesson.course()))
                    .toList();
            LogPictures pictures = new LogPictures(session, all);
            VBox content = new VBox(
                    Texts.of(Words.of("log.mistakes_by_posture"), "section"),
                    pictures.mistakes(),
                    Texts.of(Words.of("log.when_each_posture"), "section"),
                    Texts.wrapped(Words.of("log.due_next_lesson"), "quiet"),
                    pictures.review(lesson));
            pictures.quizzes(lesson)
                    .ifPresent(known ->
                            content.getChildren().addAll(Texts.of(Words.of("log.what_comes_next"), "section"), known));
            content.getStyleClass().addAll("plan-view", "table-sheet");
            Sheet.show(
                    over,
                    Words.of("log.log_says"),
                    content,
                    List.of(new Sheet.Answer(Words.of("common.close"), () -> {})));
        });
    }

    private String name(PostureId id) {
        return session.project().posture(id).map(Words::name).orElse(id.key());
    }

    private StackedBarChart<String, Number> mistakes() {
        CategoryAxis numbers = new CategoryAxis();
        NumberAxis times = new NumberAxis();
        numbers.setLabel(Words.of("common.lesson"));
        times.setLabel(Words.of("log.times_seen"));
        times.setMinorTickVisible(false);
        StackedBarChart<String, Number> chart = new StackedBarChart<>(numbers, times);
        chart.setAnimated(false);
        chart.getStyleClass().add("load-chart");
        chart.setAccessibleText(Words.of("log.mistakes_by_posture_lesson"));
        seenByPosture().forEach((posture, byLesson) -> chart.getData().add(series(posture, byLesson)));
        int most = lessons.stream().mapToInt(LogPictures::seenIn).max().orElse(0);
        times.setAutoRanging(false);
        times.setTickUnit(Math.max(1, most / 6));
        times.setUpperBound(most + 1.0);
        return chart;
    }

    private static List<Seen> seen(Lesson lesson) {
        return lesson.log().map(LessonLog::seen).orElse(List.of());
    }

    /** How many mistakes were seen in a lesson. */
    private static int seenIn(Lesson lesson) {
        return seen(lesson).stream().mapToInt(Seen::times).sum();
    }

    /** How many mistakes were seen in each posture, by lesson. */
    private Map<PostureId, Map<Integer, Integer>> seenByPosture() {
        Map<PostureId, Map<Integer, Integer>> all = new LinkedHashMap<>();
        for (int i = 0; i < lessons.size(); i++) {
            for (Seen seen : seen(lessons.get(i))) {
                all.computeIfAbsent(seen.posture(), _ -> new LinkedHashMap<>()).merge(i, seen.times(), Integer::sum);
            }
        }
        return all;
    }

    private XYChart.Series<String, Number> series(PostureId posture, Map<Integer, Integer> byLesson) {
        XYChart.Series<String, Number> series = new XYChart.Series<>();
        series.setName(name(posture));
        for (int i = 0; i < lessons.size(); i++) {
            series.getData().add(new XYChart.Data<>(Integer.toString(i + 1), byLesson.getOrDefault(i, 0)));
        }
        return series;
    }

    private GridPane review(Lesson lesson) {
        GridPane table = new GridPane();
        table.getStyleClass().add("replan-table");
        Review review = new Review(session.lessons().form(lesson), lessons);
        table.addRow(
                0,
                Texts.of(Words.of("common.posture"), "field-label"),
                Texts.of(Words.of("common.taught"), "field-label"),
                Texts.of(Words.of("log.last_done"), "field-label"),
                Texts.of(Words.of("log.lessons_ago"), "field-label"),
                Texts.of(Words.of("log.due_after"), "field-label"),
                Texts.of(Words.of("log.went_wrong"), "field-label"));
        int row = 1;
        for (Review.Known known : review.all()) {
            String style = known.due() ? "replan-changed" : "make-line";
            table.addRow(
                    row++,
                    Texts.of(name(known.posture()) + (known.due() ? Words.of("log.due") : ""), style),
                    Texts.of(known.taught().toString(), "make-line"),
                    Texts.of(known.last().toString(), "make-line"),
                    Texts.of(Integer.toString(known.since()), "make-line"),
                    Texts.of(Integer.toString(known.distance()), "make-line"),
                    Texts.of(known.wrong() == 0 ? "" : known.wrong() + "×", "make-line"));
        }
        return table;
    }

    /** What one knew of the form's order when one was asked, the last time first; empty where one never was. */
    private Optional<GridPane> quizzes(Lesson lesson) {
        List<Quiz> scores = session.project().quizzes().reversed().stream()
                .filter(quiz -> quiz.form().equals(lesson.form()))
                .limit(MOST_SCORES)
                .toList();
        if (scores.isEmpty()) {
            return Optional.empty();
        }
        GridPane table = new GridPane();
        table.getStyleClass().add("replan-table");
        table.addRow(
                0,
                Texts.of(Words.of("log.day"), "field-label"),
                Texts.of(Words.of("log.known"), "field-label"),
                Texts.of(Words.of("log.not_known"), "field-label"));
        for (Quiz score : scores) {
            table.addRow(
                    table.getRowCount(),
                    Texts.of(score.date().toString(), "make-line"),
                    Texts.of(Words.of("common.x_of_x", score.known(), score.asked()), "make-line"),
                    Texts.wrapped(
                            Words.row(score.missed().stream()
                                    .map(this::name)
                                    .distinct()
                                    .toList()),
                            "make-line"));
        }
        return Optional.of(table);
    }
}
