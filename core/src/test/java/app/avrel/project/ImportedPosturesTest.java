package app.avrel.project;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.body.Side;
import app.avrel.form.Entry;
import app.avrel.form.NameList;
import app.avrel.form.Played;
import app.avrel.posture.Posture;
import app.avrel.posture.PostureId;
import app.avrel.posture.count.Count;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class ImportedPosturesTest {

    private static final Posture GATE = Posture.blank(new PostureId("gate"), "Lean on the Gate")
            .withSide(Optional.of(Side.RIGHT))
            .withCounts(List.of(Count.blank()));
    private static final Project HALL = Project.empty("Hall", Setting.USUAL).withPostures(List.of(GATE));

    private static ImportedPostures bring(String list) {
        return ImportedPostures.of(HALL, NameList.parse(list), "Short form");
    }

    @Test
    void aPostureOnTheShelfIsFoundWhateverItsCaseAndTheOtherSideIsPlayedSo() {
        ImportedPostures in = bring("lean on the gate (right, left)");
        assertThat(in.known()).isEqualTo(1);
        assertThat(in.fresh()).isZero();
        assertThat(in.form().entries())
                .extracting(Entry::played)
                .containsExactly(Played.AS_RECORDED, Played.OTHER_SIDE);
        assertThat(in.project().postures()).containsExactly(GATE);
    }

    @Test
    void anUnknownPostureBecomesOneEmptyCardHoweverOftenItIsNamed() {
        ImportedPostures in = bring("Bar the Door\nLean on the Gate\nBar the Door x2");
        assertThat(in.fresh()).isEqualTo(1);
        assertThat(in.project().postures())
                .extracting(Posture::name)
                .containsExactly("Lean on the Gate", "Bar the Door");
        assertThat(in.form().entries()).extracting(Entry::times).containsExactly(1, 1, 2);
        assertThat(in.project().postures().getLast().counts()).isEmpty();
    }

    @Test
    void partsAreKeptAndTheOneEmptyFormGivesWay() {
        ImportedPostures in = bring("The weir:\nLean on the Gate\nThe mill:\nBar the Door");
        assertThat(in.form().parts()).extracting(part -> part.name()).containsExactly("The weir", "The mill");
        assertThat(in.project().forms()).containsExactly(in.form());
    }
}
