package app.avrel.files;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.body.Body;
import app.avrel.floor.Heading;
import app.avrel.form.Form;
import app.avrel.form.Moment;
import app.avrel.form.Occurrence;
import app.avrel.form.Track;
import app.avrel.form.Unroll;
import app.avrel.label.Labels;
import app.avrel.label.Language;
import app.avrel.project.Project;
import app.avrel.rules.JoinWords;
import app.avrel.words.ForViewer;
import app.avrel.words.PoseAngles;
import app.avrel.words.PoseFigures;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** What is said of a pose is said whole in every language: no place is left open, no English word is left over. */
class WordsOfPosesTest {

    private static final Project DEMO = Demo.project();
    private static final Body BODY = DEMO.setting().chosenBody();
    private static final String ENGLISH =
            ".*\\b(left|right|the|foot|hand|knee|toes|wanted|body|your|behind|ahead|heel|chest|hips|weight)\\b.*";

    static Stream<Arguments> formsAndLanguages() {
        return DEMO.forms().stream()
                .flatMap(form -> Stream.of(Language.values()).map(language -> Arguments.of(form, language)));
    }

    private static Track track(Form form) {
        return Unroll.form(form, DEMO.shelf(), DEMO.posing(form));
    }

    private static List<Moment> moments(Form form) {
        return track(form).occurrences().stream()
                .flatMap(done -> done.inHall().stream())
                .toList();
    }

    private static void whole(Language language, String words) {
        assertThat(words).isNotBlank().doesNotContain("{").doesNotContain("null");
        if (language != Language.ENGLISH) {
            assertThat(words).doesNotMatch(ENGLISH);
        }
    }

    @ParameterizedTest(name = "{1}")
    @MethodSource("formsAndLanguages")
    void theFiguresOfAPose(Form form, Language language) {
        for (Moment moment : moments(form)) {
            Labels.in(language, () -> PoseFigures.of(moment.after(), BODY)).forEach((what, figure) -> {
                whole(language, what);
                whole(language, figure);
            });
        }
    }

    @ParameterizedTest(name = "{1}")
    @MethodSource("formsAndLanguages")
    void whatAViewerSees(Form form, Language language) {
        for (Moment moment : moments(form)) {
            for (int from = 0; from < 360; from += 90) {
                Heading viewer = new Heading(from);
                String said = Labels.in(language, () -> new ForViewer(viewer).say(moment.before(), moment.after()));
                if (!said.isEmpty()) {
                    whole(language, said);
                }
            }
        }
    }

    @ParameterizedTest(name = "{1}")
    @MethodSource("formsAndLanguages")
    void anglesBetweenDirections(Form form, Language language) {
        for (Occurrence done : track(form).occurrences()) {
            Labels.in(language, () -> PoseAngles.of(done.end().drawn(), BODY))
                    .keySet()
                    .forEach(direction -> whole(language, direction));
        }
    }

    @ParameterizedTest(name = "{1}")
    @MethodSource("formsAndLanguages")
    void whatDoesNotFitAtAJoin(Form form, Language language) {
        for (Occurrence done : track(form).occurrences()) {
            done.join().mismatches().forEach(mismatch -> {
                String said = Labels.in(language, () -> new JoinWords(BODY).sentence(mismatch));
                assertThat(said).doesNotContain("{").doesNotContain("null");
                assertThat(Character.isLowerCase(said.codePointAt(0))).isFalse();
            });
        }
    }

    @ParameterizedTest(name = "{1}")
    @MethodSource("formsAndLanguages")
    void aShareOfTheWeight(Form form, Language language) {
        for (Moment moment : moments(form)) {
            whole(
                    language,
                    Labels.in(language, () -> JoinWords.share(moment.after().weight())));
        }
    }
}
