package app.avrel.form;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.house.HouseRule;
import app.avrel.house.HouseRules;
import app.avrel.posture.PostureId;
import java.util.List;
import java.util.Map;
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

    private static Numbering numbering(HouseRules rules) {
        return new Numbering(rules, _ -> Map.of());
    }

    private static Stream<String> numbers(HouseRules rules) {
        return numbering(rules).of(FORM).stream().map(Numbering.Numbers::toString);
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
        assertThat(
                        numbering(HouseRules.LARGE_FRAME
                                        .with(HouseRule.REPEATS, 1)
                                        .with(HouseRule.OTHER_SIDES, 1))
                                .of(both)
                                .stream()
                                .map(Numbering.Numbers::toString))
                .containsExactly("1", "2", "2", "3", "4");
    }

    @Test
    void aGroupHasOneNumberOrOneForEachOfItsPostures() {
        Form grouped = new EntryRange(1, 2).grouped(FORM, "net");
        assertThat(numbering(HouseRules.LARGE_FRAME).of(grouped).stream().map(Numbering.Numbers::toString))
                .containsExactly("1", "2", "2", "3–4");
        assertThat(numbering(HouseRules.LARGE_FRAME.with(HouseRule.GROUPS, 1)).of(grouped).stream()
                        .map(Numbering.Numbers::toString))
                .containsExactly("1", "2–4", "5", "6–7");
    }

    @Test
    void whatAPartUsesUpIsKnown() {
        assertThat(numbering(HouseRules.LARGE_FRAME).used(FORM)).containsExactly(5, 2);
        assertThat(numbering(HouseRules.LARGE_FRAME.with(HouseRule.OPENING, 1)).used(FORM))
                .containsExactly(4, 2);
        assertThat(numbering(HouseRules.LARGE_FRAME.with(HouseRule.PARTS, 1)).used(FORM))
                .containsExactly(5, 2);
        assertThat(numbering(HouseRules.LARGE_FRAME).used(FORM.withPart("three")))
                .containsExactly(5, 2, 0);
    }

    @Test
    void anEntryPutInRenumbersAllThatFollow() {
        Form longer = FORM.insertAfter(0, entry("e", 2));
        assertThat(numbering(HouseRules.LARGE_FRAME).of(longer).stream().map(Numbering.Numbers::toString))
                .containsExactly("1", "2–3", "4–6", "7", "8–9");
    }

    @Test
    void aPostureMayHaveItsOwnAnswers() {
        Numbering asOne = new Numbering(
                HouseRules.LARGE_FRAME, id -> id.key().equals("b") ? Map.of(HouseRule.REPEATS, 1) : Map.of());

        assertThat(asOne.of(FORM)).extracting(Numbering.Numbers::toString).containsExactly("1", "2", "3", "4–5");
    }

    @Test
    void anEntryIsNumberedAsItSays() {
        assertThat(numbers(FORM, 1, Counted.AS_ONE)).containsExactly("1", "2", "3", "4–5");
        assertThat(numbers(FORM, 1, Counted.WITH_THE_ONE_BEFORE)).containsExactly("1", "1", "2", "3–4");
        assertThat(numbers(FORM, 2, Counted.NOT)).containsExactly("1", "2–4", "", "5–6");
        assertThat(new Numbering(HouseRules.LARGE_FRAME.with(HouseRule.REPEATS, 1), _ -> Map.of())
                        .of(FORM.change(1, entry -> entry.withCounted(Optional.of(Counted.EACH_TIME)))))
                .extracting(Numbering.Numbers::toString)
                .containsExactly("1", "2–4", "5", "6");
    }

    private static List<String> numbers(Form form, int entry, Counted counted) {
        return numbering(HouseRules.LARGE_FRAME)
                .of(form.change(entry, one -> one.withCounted(Optional.of(counted))))
                .stream()
                .map(Numbering.Numbers::toString)
                .toList();
    }

    @Test
    void howOftenOneComesToAPostureIsCountedBesideItsNumbers() {
        Form again = FORM.insertAfter(2, entry("b", 1).withId(new EntryId("b2")))
                .insertAfter(3, entry("b", 2).withPlayed(Played.OTHER_SIDE).withId(new EntryId("b3")));

        assertThat(Passages.of(again))
                .as("the two sides right after each other are one passage")
                .extracting(passage -> passage.nth() + " of " + passage.of())
                .containsExactly("1 of 1", "1 of 2", "1 of 1", "2 of 2", "2 of 2", "1 of 1");
    }
}
