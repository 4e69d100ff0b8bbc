package app.avrel.files.print;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.files.Demo;
import app.avrel.label.Language;
import app.avrel.lesson.Lesson;
import app.avrel.lesson.SegmentPlan;
import app.avrel.posture.Posture;
import app.avrel.posture.PostureId;
import app.avrel.project.Analysis;
import app.avrel.project.Lessons;
import app.avrel.project.Project;
import java.io.IOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.text.PDFTextStripper;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

/** Sheets and hand-outs, opened by an independent reader. */
class SheetsTest {

    private static final Project DEMO = Demo.project();
    private static final Analysis SURVEY = Analysis.of(DEMO);
    private static final Lesson SIXTH = DEMO.lessons().get(5);

    private static Lessons lessons(Language language) {
        return new Lessons(SURVEY, language);
    }

    private static Posture posture(String id) {
        return DEMO.posture(new PostureId(id)).orElseThrow();
    }

    private static Document handOut(Language language, String... ids) {
        List<Posture> postures = new ArrayList<>();
        for (String id : ids) {
            postures.add(posture(id));
        }
        return HandOut.of(DEMO, "Hand-out", postures, DEMO.setting().chosenBody(), language);
    }

    private static List<String> pages(byte[] pdf) throws IOException {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            List<String> pages = new ArrayList<>();
            for (int page = 1; page <= document.getNumberOfPages(); page++) {
                PDFTextStripper reader = new PDFTextStripper();
                reader.setSortByPosition(true);
                reader.setStartPage(page);
                reader.setEndPage(page);
                pages.add(reader.getText(document));
            }
            return pages;
        }
    }

    private static String flat(List<String> pages) {
        return String.join(" ", pages).replaceAll("\\s+", " ");
    }

    @ParameterizedTest
    @EnumSource(Language.class)
    void aLessonSheetHasEverySegmentInItsOrderWithItsTime(Language language) throws IOException {
        Lessons lessons = lessons(language);
        String text = flat(pages(Printed.pdf(LessonSheet.of(lessons, SIXTH), Paper.A4)));
        int at = 0;
        for (SegmentPlan segment : lessons.plan(SIXTH).segments()) {
            String title = segment.title().replaceAll("\\s+", " ");
            int found = text.indexOf(title, at);
            assertThat(found).as(title).isNotNegative();
            at = found;
        }
    }

    @Test
    void aLessonSheetSaysWhatToWatchForWhichQuestionsAreOpenAndToTakeCare() throws IOException {
        String text = flat(pages(Printed.pdf(LessonSheet.of(lessons(Language.ENGLISH), SIXTH), Paper.A4)));
        assertThat(text)
                .contains("Watch for")
                .contains("4× last time: Lean on the Gate, right, count 2: the weight goes all the way over")
                .contains("May one do it without a staff?")
                .contains("E, Low over the Stones: it sits deep (count 2); a medium sitting, hands at the knee")
                .contains("A qualified instructor and your own doctor decide");
    }

    @ParameterizedTest
    @EnumSource(Language.class)
    void aHandOutHasEveryCountOfAPostureInItsOrderAndNoneIsParted(Language language) throws IOException {
        Document document = handOut(language, "kick-the-stone", "sit-on-the-coil");
        List<String> pages = pages(Printed.pdf(document, Paper.A4));
        for (Document.Block block : document.blocks()) {
            if (block instanceof Document.Counted counted) {
                assertThat(pages)
                        .as("count %s", counted.number())
                        .anyMatch(page -> counted.lines().stream().allMatch(line -> holds(page, line.text())));
            }
        }
    }

    /** Words of one line, wherever its lines are broken. */
    private static boolean holds(String page, String text) {
        return squeezed(page).contains(squeezed(text)) || words(text).allMatch(word -> page.contains(word));
    }

    private static Stream<String> words(String text) {
        return Arrays.stream(text.split("[\\s，。；]+"));
    }

    private static String squeezed(String text) {
        return text.replaceAll("\\s+", "");
    }

    @Test
    void aHandOutHasMistakesCautionsAndTheGentlerWay() throws IOException {
        String text = flat(pages(Printed.pdf(handOut(Language.ENGLISH, "kick-the-stone"), Paper.LETTER)));
        assertThat(text)
                .contains("Not so: the standing knee locks. But: sink a little before the knee comes up.")
                .contains("balance: stand near a wall")
                .contains("The gentler way: the heel only rests on the floor")
                .contains("drawn for 170 cm");
    }

    @Test
    void everyFontIsEmbeddedTheChineseOneToo() throws IOException {
        try (PDDocument document = Loader.loadPDF(Printed.pdf(handOut(Language.CHINESE, "kick-the-stone"), Paper.A4))) {
            List<String> names = new ArrayList<>();
            for (PDPage page : document.getPages()) {
                for (COSName name : page.getResources().getFontNames()) {
                    PDFont font = page.getResources().getFont(name);
                    assertThat(font.isEmbedded()).as(font.getName()).isTrue();
                    names.add(font.getName());
                }
            }
            assertThat(names).anyMatch(name -> name.contains("Kai"));
        }
        assertThat(flat(pages(Printed.pdf(handOut(Language.CHINESE, "kick-the-stone"), Paper.A4))))
                .contains("踢石")
                .contains("重心");
    }

    static Map<Paper, float[]> sizes() {
        return Map.of(Paper.A4, new float[] {595, 842}, Paper.LETTER, new float[] {612, 792});
    }

    @ParameterizedTest
    @EnumSource(Paper.class)
    void thePaperIsAsWideAndAsHighAsItsNameSays(Paper paper) throws IOException {
        try (PDDocument document = Loader.loadPDF(Printed.pdf(handOut(Language.ENGLISH, "open-the-sluice"), paper))) {
            assertThat(document.getPage(0).getMediaBox().getWidth()).isCloseTo(sizes().get(paper)[0], within(1f));
            assertThat(document.getPage(0).getMediaBox().getHeight()).isCloseTo(sizes().get(paper)[1], within(1f));
        }
    }

    private static Offset<Float> within(float points) {
        return Offset.offset(points);
    }

    static List<Lesson> lessonsOfTheDemo() {
        return DEMO.lessons();
    }

    @ParameterizedTest
    @MethodSource("lessonsOfTheDemo")
    void everyLessonOfTheDemoHasASheetInMarkdown(Lesson lesson) {
        String text = Printed.markdown(LessonSheet.of(lessons(Language.ENGLISH), lesson));
        assertThat(text).startsWith("# " + lesson.title()).contains("| --- | --- | --- |");
        assertThat(text.lines().filter(line -> line.startsWith("## "))).isNotEmpty();
    }

    @Test
    void theFormsHandOutListsItsPosturesAndThenShowsEachOnce() {
        Document document =
                HandOut.of(DEMO, DEMO.forms().getFirst(), DEMO.setting().chosenBody(), Language.ENGLISH);
        List<String> heads = document.blocks().stream()
                .filter(Document.Heading.class::isInstance)
                .map(Document.Heading.class::cast)
                .filter(heading -> heading.level() == 1)
                .map(Document.Heading::text)
                .toList();
        assertThat(heads).hasSize(1 + 20).doesNotHaveDuplicates();
    }

    @Test
    void whatLooksLikeMarkupIsText() throws IOException {
        Project odd = DEMO.changeLesson(
                SIXTH.id(),
                lesson -> lesson.withTitle("<b>5 & 6</b> *not* [a] link\u0007").withNote("# no heading"));
        Lesson lesson = odd.lessons().get(5);
        Document document = LessonSheet.of(new Lessons(Analysis.of(odd), Language.ENGLISH), lesson);
        assertThat(flat(pages(Printed.pdf(document, Paper.A4)))).contains("<b>5 & 6</b> *not* [a] link");
        assertThat(Printed.markdown(document))
                .contains("\\<b>5 & 6\\</b> \\*not\\* \\[a\\] link")
                .contains("\\# no heading");
    }
}
