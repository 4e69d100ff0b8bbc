package app.avrel.project;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.form.Form;
import app.avrel.label.Language;
import app.avrel.posture.Posture;
import app.avrel.posture.count.Count;
import app.avrel.posture.move.Move;
import app.avrel.project.notes.NotesIn;
import app.avrel.project.notes.NotesLine;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Notes that nobody wrote for a program: headings and counts are told by how they are set. */
class NotesAsTheyAreKeptTest {

    private static final String BOLD = """
            # Evening class, short sequence

            **1. Lift the Latch**
            - Count 1: L foot steps out to the side, shoulder width
            - Count 2: both hands rise to shoulder height, palms down (inhale)
            - Count 3: hands press down to hips, sink a little (exhale)

            ---

            **2. Lean on the Rail (left)**
            1) weight 100 R
            2) L foot -> 10:30, heel first
               remember: knee over toes
               never a hand's breadth more
            3) shift 70 L; R toes in 30
            """;

    private static final String PLAIN = """
            Mending the Net
            Start: feet parallel, shoulder width
            1 - right foot steps back
            2 - turn the waist right 45

            Second Lantern:
            1. shift 70 right
            2. left heel kick, hip height

            Empty Basket
            step left foot forward heel first
            shift 70 left
            """;

    private static NotesIn.Result read(String notes, Language language) {
        return NotesIn.read(notes, Project.empty("Weir", Setting.USUAL), language);
    }

    private static List<String> names(NotesIn.Result read) {
        return read.project().postures().stream().map(Posture::name).toList();
    }

    private static Form form(NotesIn.Result read) {
        return read.project().forms().getFirst();
    }

    @Test
    void aLineInBoldIsAHeadingAndTheOneAboveTheFirstNamesTheForm() {
        NotesIn.Result read = read(BOLD, Language.ENGLISH);
        assertThat(names(read)).containsExactly("Lift the Latch", "Lean on the Rail (left)");
        assertThat(form(read).name()).isEqualTo("Evening class, short sequence");
        assertThat(read.lines()).allMatch(line -> line.outcome() == NotesLine.Outcome.UNDERSTOOD);
    }

    @Test
    void theNumberOfACountPointsToNoOtherCount() {
        Count second = read(BOLD, Language.ENGLISH)
                .project()
                .postures()
                .getFirst()
                .counts()
                .get(1);
        assertThat(second.stages()).hasSize(1);
        assertThat(second.stages().getFirst().moves()).hasSize(2).allMatch(Move.PlaceHand.class::isInstance);
    }

    @Test
    void whatIsSetInUnderACountAndTellsOfNoMoveIsItsNote() {
        Count second = read(BOLD, Language.ENGLISH)
                .project()
                .postures()
                .getLast()
                .counts()
                .get(1);
        assertThat(second.note()).contains("knee over toes").contains("hand's breadth");
    }

    @Test
    void aLineThatStandsOverOthersAndTellsOfNoMoveIsAHeading() {
        NotesIn.Result read = read(PLAIN, Language.ENGLISH);
        assertThat(names(read)).containsExactly("Mending the Net", "Second Lantern", "Empty Basket");
        assertThat(read.project().postures())
                .allMatch(posture -> posture.counts().size() == 2);
        assertThat(read.lines()).allMatch(line -> line.outcome() == NotesLine.Outcome.UNDERSTOOD);
    }

    @Test
    void aHeadingMayStandApartOrBeUnderlined() {
        assertThat(names(read("""
                1. Lift the Latch

                Step left foot out shoulder width.
                Raise both hands to shoulder height.

                2. Lean on the Rail

                Shift weight to right leg.
                Left foot steps forward, heel first.
                """, Language.ENGLISH))).containsExactly("Lift the Latch", "Lean on the Rail");
        NotesIn.Result underlined = read("""
                AT THE WEIR

                LIFT THE LATCH
                --------------
                left foot out to the side, shoulder width

                LEAN ON THE RAIL
                ----------------
                weight right
                """, Language.ENGLISH);
        assertThat(names(underlined)).containsExactly("LIFT THE LATCH", "LEAN ON THE RAIL");
        assertThat(form(underlined).name()).isEqualTo("AT THE WEIR");
    }

    @Test
    void countsWithoutAHeadingStayCounts() {
        NotesIn.Result read = read("""
                left foot forward, heel first
                shift 70 left

                right palm pushes
                """, Language.ENGLISH);
        assertThat(read.project().postures())
                .singleElement()
                .extracting(posture -> posture.counts().size())
                .isEqualTo(3);
    }

    @Test
    void aLineThatBeginsWithAHashDecidesAlone() {
        NotesIn.Result read = read("""
                # Lift the Latch
                the moon hums over the weir
                1. left foot forward
                """, Language.ENGLISH);
        assertThat(names(read)).containsExactly("Lift the Latch");
        assertThat(read.project().postures().getFirst().counts()).hasSize(2);
    }

    @Test
    void spanishAndChineseNotesAreSetInOtherManners() {
        NotesIn.Result spanish = read("""
                Título: Tarde en la presa

                1) Alzar el pestillo
                   a. pie izq al lado, ancho de hombros
                   b. manos arriba a los hombros

                2) Apoyarse en la baranda
                   tiempo 1: peso 100 dcha
                   tiempo 2: pie izq a las 10:30
                """, Language.SPANISH);
        assertThat(names(spanish)).containsExactly("Alzar el pestillo", "Apoyarse en la baranda");
        assertThat(form(spanish).name()).isEqualTo("Tarde en la presa");
        NotesIn.Result chinese = read("""
                一、提起门闩
                1. 左脚向左开步，与肩同宽
                2. 两手上举至肩

                二、倚着栏杆
                （1）重心移到右腿
                （2）左脚向左前方迈步，脚跟着地
                """, Language.CHINESE);
        assertThat(names(chinese)).containsExactly("提起门闩", "倚着栏杆");
        assertThat(spanish.lines()).allMatch(line -> line.outcome() == NotesLine.Outcome.UNDERSTOOD);
        assertThat(chinese.lines()).allMatch(line -> line.outcome() == NotesLine.Outcome.UNDERSTOOD);
    }
}
