package app.avrel.desktop.print;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.body.Body;
import app.avrel.files.Demo;
import app.avrel.files.print.Document;
import app.avrel.label.Language;
import app.avrel.lesson.Lesson;
import app.avrel.posture.Posture;
import app.avrel.project.Project;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** What can be printed. */
class PrintChoiceTest {

    private static final Project DEMO = Demo.project();
    private static final Lesson LESSON = DEMO.lessons().get(6);
    private static final Posture POSTURE = DEMO.postures().getFirst();
    private static final Body BODY = DEMO.setting().chosenBody();

    private static List<PrintChoice> choices(boolean lessonFirst) {
        return PrintChoice.of(
                Optional.of(LESSON), Optional.of(POSTURE), DEMO.forms().getFirst(), lessonFirst);
    }

    @Test
    void whatIsOnTheDeskComesFirst() {
        assertThat(choices(true))
                .hasExactlyElementsOfTypes(
                        PrintChoice.OfLesson.class,
                        PrintChoice.Home.class,
                        PrintChoice.OfPosture.class,
                        PrintChoice.OfForm.class);
        assertThat(choices(false).getFirst()).isInstanceOf(PrintChoice.OfPosture.class);
        assertThat(PrintChoice.of(
                        Optional.empty(), Optional.empty(), DEMO.forms().getFirst(), true))
                .hasExactlyElementsOfTypes(PrintChoice.OfForm.class);
    }

    @Test
    void eachSaysWhatItIs() {
        assertThat(choices(true))
                .extracting(PrintChoice::words)
                .containsExactly(
                        "Lesson sheet: Kick the Stone",
                        "Hand-out of the lesson: Kick the Stone",
                        "Hand-out of the posture: Open the Sluice",
                        "Hand-out of the form: The Weirside Form");
    }

    @Test
    void theFileIsNamedByLettersOnly() {
        assertThat(choices(true))
                .extracting(PrintChoice::fileName)
                .containsExactly("Kick-the-Stone", "Kick-the-Stone-hand-out", "Open-the-Sluice", "The-Weirside-Form");
        assertThat(new PrintChoice.OfLesson(LESSON.withTitle("../../etc/passwd")).fileName())
                .isEqualTo("etc-passwd");
        assertThat(new PrintChoice.OfLesson(LESSON.withTitle("踢石！")).fileName()).isEqualTo("踢石");
        assertThat(new PrintChoice.OfLesson(LESSON.withTitle("…")).fileName()).isEqualTo("sheet");
    }

    @Test
    void theHandOutOfALessonHasWhatIsNewInItOnly() {
        Document document = new PrintChoice.Home(LESSON).document(DEMO, BODY, Language.ENGLISH);
        assertThat(heads(document)).containsExactly("Kick the Stone, left");
    }

    @Test
    void whereNothingIsNewItHasAllThatIsMoved() {
        Lesson old = LESSON.withBrings(List.of());
        Project project = DEMO.changeLesson(LESSON.id(), _ -> old);
        assertThat(heads(new PrintChoice.Home(old).document(project, BODY, Language.ENGLISH))
                        .size())
                .isGreaterThan(1);
    }

    @Test
    void itIsInTheLanguageThatIsWanted() {
        assertThat(heads(new PrintChoice.OfPosture(POSTURE).document(DEMO, BODY, Language.SPANISH)))
                .containsExactly("Abrir la compuerta");
        assertThat(heads(new PrintChoice.OfPosture(POSTURE).document(DEMO, BODY, Language.CHINESE)))
                .containsExactly("开闸");
    }

    private static List<String> heads(Document document) {
        return document.blocks().stream()
                .filter(Document.Heading.class::isInstance)
                .map(Document.Heading.class::cast)
                .filter(heading -> heading.level() == 1)
                .map(Document.Heading::text)
                .toList();
    }
}
