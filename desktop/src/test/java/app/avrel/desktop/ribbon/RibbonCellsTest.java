package app.avrel.desktop.ribbon;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.desktop.session.Desk;
import app.avrel.desktop.session.Session;
import app.avrel.files.Demo;
import app.avrel.files.Recovery;
import app.avrel.form.Form;
import app.avrel.form.Moment;
import app.avrel.form.Occurrence;
import app.avrel.posture.PostureId;
import app.avrel.project.Edit;
import java.nio.file.Path;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class RibbonCellsTest {

    @TempDir
    private Path folder;

    private Recovery recovery;
    private Session session;

    @BeforeEach
    void open() {
        recovery = new Recovery(folder.resolve("recovery"));
        session = new Session(Demo.project(), recovery);
    }

    @AfterEach
    void close() {
        recovery.close();
    }

    private List<RibbonCell> whole(RibbonCells cells) {
        Desk desk = session.desk().get();
        return cells.ofWhole(desk, desk.form(), desk.formTrack().occurrences());
    }

    @Test
    void aPostureHasACellForEveryCountAsLongAsItsBeats() {
        PostureId gate = new PostureId("lean-on-the-gate");
        session.choose(session.choice().withPosture(gate, 0));
        Desk desk = session.desk().get();
        Occurrence done = desk.survey().track(gate).orElseThrow().occurrences().getFirst();
        List<RibbonCell> cells = RibbonCells.ofPosture(desk, done);
        assertThat(cells).extracting(RibbonCell::beats).containsExactly(1.0, 2.0, 1.0, 2.0);
        assertThat(cells).extracting(cell -> cell.stages().getLast().to()).containsExactly(100.0, 35.0, 60.0, 35.0);
        assertThat(cells.get(1).words()).isEqualTo("press the gate");
    }

    @Test
    void aFormNamesEachPostureAndMarksTheJoinThatDoesNotFit() {
        Desk desk = session.desk().get();
        List<RibbonCell> cells = RibbonCells.ofForm(desk, desk.formTrack().occurrences());
        assertThat(cells).hasSize(desk.formTrack().counts());
        assertThat(cells.stream().filter(cell -> !cell.group().isEmpty())).hasSize(29);
        assertThat(cells.stream().filter(RibbonCell::gap)).hasSize(1);
        int linking = desk.formTrack().occurrences().stream()
                .mapToInt(done -> done.link().counts().size())
                .sum();
        assertThat(cells.stream().filter(cell -> cell.place().section() == Moment.Section.LINK))
                .hasSize(linking);
    }

    @Test
    void aWholeFormNamesItsPartsOverTheirFirstCounts() {
        assertThat(whole(new RibbonCells()))
                .extracting(RibbonCell::part)
                .filteredOn(part -> !part.isEmpty())
                .containsExactly("The weir", "The mill", "The bank");
    }

    @RepeatedTest(6)
    void afterEditsTheRibbonIsAsIfItWereDrawnForTheFirstTime(RepetitionInfo repetition) {
        Random random = new Random(repetition.getCurrentRepetition());
        RibbonCells kept = new RibbonCells();
        whole(kept);
        for (int edit = 0; edit < 8; edit++) {
            session.apply(Edit.of(
                    "Edit the form",
                    project -> project.changeForm(session.choice().form(), form -> edited(form, random))));
            assertThat(whole(kept))
                    .usingRecursiveFieldByFieldElementComparatorIgnoringFields("said", "look.turned")
                    .isEqualTo(whole(new RibbonCells()))
                    .extracting(RibbonCell::words)
                    .isEqualTo(whole(new RibbonCells()).stream()
                            .map(RibbonCell::words)
                            .toList());
        }
    }

    private static Form edited(Form form, Random random) {
        int at = random.nextInt(form.entries().size());
        return switch (random.nextInt(3)) {
            case 0 -> form.change(at, entry -> entry.withPlayed(entry.played().other()));
            case 1 -> form.delete(at);
            default -> form.insertAfter(at, form.entries().getFirst().withId(form.freshId()));
        };
    }
}
