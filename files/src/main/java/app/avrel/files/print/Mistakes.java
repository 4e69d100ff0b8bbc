package app.avrel.files.print;

import app.avrel.body.Body;
import app.avrel.files.picture.FigureSvg;
import app.avrel.files.picture.FloorSvg;
import app.avrel.form.Moment;
import app.avrel.form.Unroll;
import app.avrel.motion.Performer;
import app.avrel.motion.Pose;
import app.avrel.posture.Posture;
import app.avrel.posture.teaching.Mistake;
import app.avrel.words.say.LessonWords;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/** The common mistakes of a posture on paper: in words, or wrong beside right where moves show them. */
record Mistakes(LessonWords words, Performer performer) {

    private static final double FLOOR = 90;
    private static final double FIGURE_WIDTH = 68;
    private static final double FIGURE_HEIGHT = 94;

    /** {@return a line each of those that words have to tell} */
    List<String> told(Posture posture) {
        return posture.sheet().mistakes().stream()
                .filter(mistake -> !mistake.looksLike().isBlank())
                .filter(mistake -> posture.wrongly(mistake).isEmpty())
                .map(this::line)
                .toList();
    }

    private String line(Mistake mistake) {
        return mistake.putRight().isBlank()
                ? mistake.looksLike()
                : words.say("mistake", Map.of("wrong", mistake.looksLike(), "right", mistake.putRight()));
    }

    /** {@return wrong beside right, of those that moves show} */
    List<Document.Block> drawn(Posture posture) {
        return posture.sheet().mistakes().stream()
                .flatMap(mistake -> posture.wrongly(mistake).stream()
                        .map(wrongly -> beside(
                                mistake,
                                count(wrongly, mistake.count().orElseThrow()),
                                count(posture, mistake.count().orElseThrow()))))
                .toList();
    }

    private Document.Block beside(Mistake mistake, List<Moment> wrong, List<Moment> right) {
        return new Document.Counted(
                Integer.toString(mistake.count().orElseThrow() + 1),
                Stream.concat(pictures(wrong), pictures(right)).toList(),
                List.of(
                        new Document.Line(words.say("sheet.wrong"), mistake.looksLike()),
                        new Document.Line(words.say("sheet.right"), mistake.putRight())));
    }

    private List<Moment> count(Posture posture, int count) {
        return Unroll.posture(posture, performer).occurrences().getFirst().moments().stream()
                .filter(moment -> moment.place().count() == count)
                .toList();
    }

    private Stream<String> pictures(List<Moment> count) {
        Pose after = count.getLast().after();
        Body body = performer.body();
        return Stream.of(
                FloorSvg.of(count.getFirst().before(), after, body, FLOOR),
                FigureSvg.of(after, body, FigureSvg.View.FRONT, FIGURE_WIDTH, FIGURE_HEIGHT));
    }
}
