package app.avrel.form;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.avrel.floor.Heading;
import app.avrel.posture.Posture;
import app.avrel.posture.PostureId;
import app.avrel.posture.count.Count;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;

/** Two parts: a b c, then d e. */
class EntryRangeTest {

    private static final Form FORM = new Form(
            new FormId("f"),
            "F",
            List.of(
                    new Part("I", List.of(entry("a"), entry("b"), entry("c"))),
                    new Part("II", List.of(entry("d"), entry("e")))),
            Optional.empty(),
            Optional.empty());

    private static Entry entry(String id) {
        return Entry.of(new EntryId(id), new PostureId(id), Played.AS_RECORDED);
    }

    private static String laidOut(Form form) {
        StringBuilder text = new StringBuilder();
        for (Part part : form.parts()) {
            text.append(text.isEmpty() ? "" : " | ");
            part.entries().forEach(entry -> text.append(entry.posture()));
        }
        return text.toString();
    }

    @Test
    void aStretchMovesAsOneWithinAPartAndAcrossParts() {
        EntryRange bc = new EntryRange(1, 2);
        assertThat(laidOut(bc.moved(FORM, new FormPlace(0, 0)))).isEqualTo("bca | de");
        assertThat(laidOut(bc.moved(FORM, new FormPlace(1, 1)))).isEqualTo("a | dbce");
        assertThat(laidOut(new EntryRange(2, 3).moved(FORM, new FormPlace(1, 2))))
                .isEqualTo("ab | ecd");
        assertThat(bc.moved(FORM, new FormPlace(0, 2))).isEqualTo(FORM);
        assertThat(bc.moved(FORM, new FormPlace(0, 3))).isEqualTo(FORM);
    }

    @Test
    void oneStepUpOrDownGoesIntoTheNextPartAtTheEdge() {
        assertThat(laidOut(new EntryRange(0, 0).nudged(FORM, 1))).isEqualTo("bac | de");
        assertThat(laidOut(new EntryRange(2, 2).nudged(FORM, 1))).isEqualTo("ab | cde");
        assertThat(laidOut(new EntryRange(3, 3).nudged(FORM, -1))).isEqualTo("abcd | e");
        assertThat(new EntryRange(0, 1).nudged(FORM, -1)).isEqualTo(FORM);
        assertThat(new EntryRange(4, 4).nudged(FORM, 1)).isEqualTo(FORM);
    }

    @RepeatedTest(50)
    void movingKeepsEveryEntryAndTheOrderOfTheOthers(RepetitionInfo repetition) {
        Random random = new Random(repetition.getCurrentRepetition());
        EntryRange some = EntryRange.between(random.nextInt(5), random.nextInt(5));
        int part = random.nextInt(2);
        FormPlace to = new FormPlace(
                part, random.nextInt(FORM.parts().get(part).entries().size() + 1));
        Form moved = some.moved(FORM, to);
        assertThat(moved.entries()).containsExactlyInAnyOrderElementsOf(FORM.entries());
        assertThat(moved.entries()).containsSubsequence(some.of(FORM));
        List<Entry> others = FORM.entries().stream()
                .filter(one -> !some.of(FORM).contains(one))
                .toList();
        assertThat(moved.entries().stream().filter(others::contains)).containsExactlyElementsOf(others);
    }

    @RepeatedTest(20)
    void aCopyTakenOutAgainChangesNothing(RepetitionInfo repetition) {
        Random random = new Random(repetition.getCurrentRepetition());
        EntryRange some = EntryRange.between(random.nextInt(5), random.nextInt(5));
        FormPlace to = FormPlace.after(FORM, some.last());
        Form copied = some.copied(FORM, to);
        assertThat(copied.entries()).extracting(Entry::id).doesNotHaveDuplicates();
        int at = to.entry(FORM);
        assertThat(new EntryRange(at, at + some.size() - 1).takenOut(copied)).isEqualTo(FORM);
    }

    @Test
    void theSecondHalfMayBeTheFirstHalfMirrored() {
        Entry entered = entry("a")
                .withWay(0, new WayIn.Shared(new LinkId("in"), Played.AS_RECORDED))
                .withFacing(Optional.of(new Heading(45)))
                .withNumber(Optional.of(1));
        Form form = FORM.change(0, _ -> entered);
        Form whole = new EntryRange(0, 2).copiedMirrored(form, FormPlace.after(form, 4), nothingFixed());
        assertThat(laidOut(whole)).isEqualTo("abc | deabc");
        Entry copy = whole.entries().get(5);
        assertThat(copy.played()).isEqualTo(Played.OTHER_SIDE);
        assertThat(copy.ways()).containsExactly(new WayIn.Shared(new LinkId("in"), Played.OTHER_SIDE));
        assertThat(copy.facing())
                .as("a copy stands elsewhere, so nothing is claimed of it")
                .isEmpty();
        assertThat(copy.number()).isEmpty();
    }

    private static Shelf nothingFixed() {
        return new Shelf(Map.of(), Map.of());
    }

    @Test
    void aPostureTaughtOnOneSideOnlyIsNotMirrored() {
        Posture opening = Posture.blank(new PostureId("a"), "A").withMirroring(Posture.Mirroring.THIS_SIDE_ONLY);
        Shelf shelf = new Shelf(Map.of(opening.id(), opening), Map.of());
        Form mirrored = new EntryRange(0, 1).mirrored(FORM, shelf);
        assertThat(mirrored.entries())
                .extracting(Entry::played)
                .startsWith(Played.AS_RECORDED, Played.OTHER_SIDE, Played.AS_RECORDED);
    }

    @Test
    void mirroringAStretchTwiceChangesNothing() {
        Form form = FORM.change(
                1,
                entry -> entry.withWay(0, new WayIn.Own(new Link("in", List.of(Count.blank()))))
                        .withFacing(Optional.of(new Heading(30))));
        EntryRange all = new EntryRange(0, 4);
        assertThat(all.mirrored(all.mirrored(form, nothingFixed()), nothingFixed()))
                .isEqualTo(form);
        assertThat(all.mirrored(form, nothingFixed()).entries().get(1).facing()).contains(new Heading(330));
    }

    @Test
    void onePostureIsReplacedWhereverItStands() {
        Form twice = FORM.append(1, entry("a").withId(new EntryId("a2")).withGroup("net"));
        Form replaced = twice.replacing(new PostureId("a"), new PostureId("x"));
        assertThat(laidOut(replaced)).isEqualTo("xbc | dex");
        assertThat(replaced.entries().getLast().group()).isEqualTo("net");
        assertThat(twice.replacing(new PostureId("a"), new PostureId("a"))).isEqualTo(twice);
    }

    @Test
    void aGroupEndsWithItsPartItsNameAndWhereItsFirstPostureComesAgain() {
        Form grouped = new EntryRange(1, 3).grouped(FORM, "net");
        assertThat(Groups.of(grouped)).containsExactly(new EntryRange(1, 2), new EntryRange(3, 3));
        Form again = new EntryRange(1, 2).copied(grouped, FormPlace.after(grouped, 2));
        assertThat(Groups.of(again)).startsWith(new EntryRange(1, 2), new EntryRange(3, 4));
        assertThat(Groups.of(new EntryRange(0, 4).grouped(again, ""))).containsExactly(new EntryRange(5, 5));
    }

    @Test
    void aStretchRunsForward() {
        assertThatThrownBy(() -> new EntryRange(3, 2))
                .hasMessage("a stretch must run from an entry to a later one, but was 3 to 2");
        assertThat(EntryRange.between(3, 1)).isEqualTo(new EntryRange(1, 3));
    }
}
