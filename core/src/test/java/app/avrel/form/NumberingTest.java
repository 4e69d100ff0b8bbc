package app.avrel.form;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.house.HouseRule;
import app.avrel.house.HouseRules;
import app.avrel.posture.PostureId;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** An opening, one posture three times, another once; then a second part. */
class NumberingTest {

    private static final Form FORM = new Form(
            new FormId("f"),
            "F",
            List.of(
                    new Part("one", List.of(entry("a", 1), entry("b", 3), entry("c", 1))),
                    new Part("two", List.of(entry("d", 2)))),
            Optional.empty(),
            Optional.empty());

    private static Entry entry(String id, int times) {
        return Entry.of(new EntryId(id), new PostureId(id), Played.AS_RECORDED).times(times);
    }

    private static Stream<String> numbers(HouseRules rules) {
        return new Numbering(rules).of(FORM).stream().map(Numbering.Numbers::toString);
    }

    @Test
    void eachTimeIsCountedThroughTheForm() {
        assertThat(numbers(HouseRules.LARGE_FRAME)).containsExactly("1", "2–4", "5", "6–7");
    }

    @Test
    void aSchoolMayCountRepeatsAsOneAndNotTheOpeningAndAnewInEachPart() {
        assertThat(numbers(HouseRules.LARGE_FRAME.with(HouseRule.REPEATS, 1))).containsExactly("1", "2", "3", "4");
        assertThat(numbers(HouseRules.LARGE_FRAME.with(HouseRule.OPENING, 1))).containsExactly("", "1–3", "4", "5–6");
        assertThat(numbers(HouseRules.LARGE_FRAME.with(HouseRule.PARTS, 1))).containsExactly("1", "2–4", "5", "1–2");
    }

    @Test
    void theOtherSideMayShareItsNumber() {
        Entry left = entry("b", 1).withPlayed(Played.OTHER_SIDE).withId(new EntryId("b2"));
        Form both = FORM.insertAfter(1, left);
        assertThat(new Numbering(HouseRules.LARGE_FRAME
                                .with(HouseRule.REPEATS, 1)
                                .with(HouseRule.OTHER_SIDES, 1))
                        .of(both).stream().map(Numbering.Numbers::toString))
                .containsExactly("1", "2", "2", "3", "4");
    }

    @Test
    void aGroupHasOneNumberOrOneForEachOfItsPostures() {
        Form grouped = new EntryRange(1, 2).grouped(FORM, "net");
        assertThat(new Numbering(HouseRules.LARGE_FRAME).of(grouped).stream().map(Numbering.Numbers::toString))
                .containsExactly("1", "2", "2", "3–4");
        assertThat(new Numbering(HouseRules.LARGE_FRAME.with(HouseRule.GROUPS, 1))
                        .of(grouped).stream().map(Numbering.Numbers::toString))
                .containsExactly("1", "2–4", "5", "6–7");
    }

    @Test
    void whatAPartUsesUpIsKnown() {
        assertThat(new Numbering(HouseRules.LARGE_FRAME).used(FORM)).containsExactly(5, 2);
        assertThat(new Numbering(HouseRules.LARGE_FRAME.with(HouseRule.OPENING, 1)).used(FORM))
                .containsExactly(4, 2);
        assertThat(new Numbering(HouseRules.LARGE_FRAME.with(HouseRule.PARTS, 1)).used(FORM))
                .containsExactly(5, 2);
        assertThat(new Numbering(HouseRules.LARGE_FRAME).used(FORM.withPart("three")))
                .containsExactly(5, 2, 0);
    }

    @Test
    void anEntryPutInRenumbersAllThatFollow() {
        Form longer = FORM.insertAfter(0, entry("e", 2));
        assertThat(new Numbering(HouseRules.LARGE_FRAME).of(longer).stream().map(Numbering.Numbers::toString))
                .containsExactly("1", "2–3", "4–6", "7", "8–9");
    }
}
