package app.avrel.files.table;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.files.Demo;
import app.avrel.form.Entry;
import app.avrel.form.Form;
import app.avrel.form.Played;
import app.avrel.form.WayIn;
import app.avrel.posture.Posture;
import app.avrel.posture.PostureId;
import app.avrel.project.Project;
import app.avrel.samples.SampleProjects;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;

/** Forms as tables that a spreadsheet opens, and back again. */
class TablesTest {

    private static final Project DEMO = Demo.project();
    private static final Form FORM = DEMO.forms().getFirst();

    private static Form entries(String table) {
        return ((Brought.Taken<Form>) EntryTable.read(DEMO, FORM.id(), table)).value();
    }

    private static String refused(String table) {
        return ((Brought.Refused<Form>) EntryTable.read(DEMO, FORM.id(), table)).message();
    }

    @Test
    void aFormGoesOutAndComesInAsItWas() {
        for (Form form : DEMO.forms()) {
            String table = EntryTable.of(DEMO, form);
            assertThat(EntryTable.read(DEMO, form.id(), table)).isEqualTo(new Brought.Taken<>(form));
        }
    }

    @RepeatedTest(15)
    void anyFormGoesOutAndComesInAsItWas(RepetitionInfo repetition) {
        Project project = SampleProjects.of(repetition.getCurrentRepetition(), 12);
        Form form = project.forms().getFirst();
        assertThat(EntryTable.read(project, form.id(), EntryTable.of(project, form)))
                .isEqualTo(new Brought.Taken<>(form));
    }

    @Test
    void itsCountsGoOutAndComeInAsTheyWere() {
        String table = CountTable.of(DEMO, FORM);
        assertThat(table.lines().count()).isEqualTo(1 + 154);
        assertThat(CountTable.read(DEMO, FORM.id(), table)).isEqualTo(new Brought.Taken<>(DEMO));
    }

    @Test
    void aLineAnEntryHasItsNumberSideAndFacing() {
        assertThat(EntryTable.of(DEMO, FORM).lines())
                .startsWith("part,number,posture,side,played,times,group,said number,said facing,version,way in")
                .contains("The weir,2,Carry the Lantern,right,as recorded,1,,,45,,direct");
    }

    @Test
    void entriesMayBePutInInAnyOrderAndWithFewColumns() {
        Form made = entries("posture;side;times\nLean on the Gate;left;2\nOpen the Sluice;;\n");
        assertThat(made.entries())
                .extracting(Entry::posture)
                .containsExactly(new PostureId("lean-on-the-gate"), new PostureId("open-the-sluice"));
        assertThat(made.entries().getFirst().played()).isEqualTo(Played.OTHER_SIDE);
        assertThat(made.entries().getFirst().times()).isEqualTo(2);
        assertThat(made.entries()).extracting(Entry::id).doesNotHaveDuplicates();
    }

    @Test
    void aWayInMayBeTypedIntoTheTable() {
        Form made = entries(
                "posture,way in\nOpen the Sluice,direct\nCarry the Lantern,\"own Round\nall left\nturn 45 right\"\n");
        WayIn way = made.entries().get(1).ways().getFirst();
        assertThat(way).isInstanceOfSatisfying(WayIn.Own.class, own -> {
            assertThat(own.link().name()).isEqualTo("Round");
            assertThat(own.link().counts()).hasSize(2);
        });
    }

    @Test
    void whatCannotBeTakenIsRefusedWithItsLine() {
        assertThat(refused("name\nOpen the Sluice\n")).startsWith("The table has no column \"posture\".");
        assertThat(refused("posture\nOpen the Sluice\nFly away\n"))
                .startsWith("Line 3: there is no posture called \"Fly away\".");
        assertThat(refused("posture,times\nOpen the Sluice,often\n"))
                .isEqualTo("Line 2: \"times\" must be a whole number, but was \"often\".");
        assertThat(refused("posture,way in\nOpen the Sluice,shared Nothing\n"))
                .isEqualTo("Line 2: there is no shared way in called \"Nothing\".");
        assertThat(refused("posture,way in\nOpen the Sluice,own x\n\"Carry the Lantern\",\"own\nfrobnicate\"\n"))
                .startsWith("Line 3: the count “frobnicate” is not understood");
    }

    @Test
    void aCountChangedInTheTableChangesItsPostureAndKeepsTheOthers() {
        String table = CountTable.of(DEMO, FORM);
        String line = table.lines()
                .filter(row -> row.startsWith("2,1,2,Carry the Lantern"))
                .findFirst()
                .orElseThrow();
        String edited = table.replace(line, "2,1,2,Carry the Lantern,right,posture,1,all right,1,free,0,0,0,0,0");
        Project changed = ((Brought.Taken<Project>) CountTable.read(DEMO, FORM.id(), edited)).value();
        Posture was = DEMO.posture(new PostureId("carry-the-lantern")).orElseThrow();
        Posture is = changed.posture(was.id()).orElseThrow();
        assertThat(is.counts().getFirst().moves()).hasSize(1);
        assertThat(is.counts().subList(1, 4)).isEqualTo(was.counts().subList(1, 4));
        assertThat(changed.changePosture(was.id(), _ -> was)).isEqualTo(DEMO);
    }

    @Test
    void theOtherSideIsNotChangedThroughTheTable() {
        String table = CountTable.of(DEMO, FORM);
        String row = table.lines()
                .filter(line -> line.startsWith("4,1,4,Lean on the Gate,left,posture,1,"))
                .findFirst()
                .orElseThrow();
        String edited = table.replace(row, "4,1,4,Lean on the Gate,left,posture,1,all left,1,free,0,0,0,0,0");
        assertThat(((Brought.Refused<Project>) CountTable.read(DEMO, FORM.id(), edited)).message())
                .contains("change the posture as it is recorded");
    }
}
