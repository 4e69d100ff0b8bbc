package app.avrel.rules.check;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.floor.Directions;
import app.avrel.floor.Heading;
import app.avrel.form.Entry;
import app.avrel.form.EntryId;
import app.avrel.form.Form;
import app.avrel.form.FormClaim;
import app.avrel.form.FormId;
import app.avrel.form.Part;
import app.avrel.form.Played;
import app.avrel.form.Shelf;
import app.avrel.form.Unroll;
import app.avrel.motion.Standing;
import app.avrel.posture.Posture;
import app.avrel.posture.PostureId;
import app.avrel.posture.count.Count;
import app.avrel.rules.Finding;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.Test;

/** A form of three still postures of one count, the second done twice, in two parts. */
class ClaimedFormTest {

    private static final Posture STILL =
            Posture.blank(new PostureId("still"), "Still").withCounts(List.of(Count.blank()));

    private static final Form FORM = new Form(
            new FormId("f"),
            "The form",
            List.of(new Part("one", List.of(entry("1"), entry("2").times(2))), new Part("two", List.of(entry("3")))),
            Optional.empty(),
            Optional.empty());

    private static Entry entry(String id) {
        return Entry.of(new EntryId(id), STILL.id(), Played.AS_RECORDED);
    }

    private static List<String> found(UnaryOperator<Form> edit) {
        Form form = edit.apply(FORM);
        return new Checkup(Standing.POSING, Directions.CLOCK)
                        .form(
                                form,
                                Unroll.form(form, new Shelf(Map.of(STILL.id(), STILL), Map.of()), Standing.POSING),
                                FormFindings.NONE)
                        .all()
                        .stream()
                        .map(Finding::sentence)
                        .toList();
    }

    private static UnaryOperator<Form> claiming(int postures, int counts, double facing) {
        return form -> form.withClaim(
                new FormClaim(Optional.of(postures), Optional.of(counts), Optional.of(new Heading(facing))));
    }

    @Test
    void whatAgreesIsNotSpokenOf() {
        assertThat(found(claiming(4, 4, 0))).isEmpty();
        assertThat(found(claiming(4, 4, 5))).as("within the tolerance").isEmpty();
    }

    @Test
    void whatDoesNotAgreeIsSaidWithBothNumbers() {
        assertThat(found(claiming(5, 6, 90)))
                .containsExactly(
                        "The form is said to have 5 postures; counted the school's way there are 4.",
                        "The form is said to take 6 counts; with the ways in it takes 4.",
                        "The form is said to end facing 3, but it ends facing 12.");
    }

    @Test
    void aPartHasClaimsOfItsOwn() {
        assertThat(found(form -> form.withParts(List.of(
                        form.parts().get(0).withClaim(FormClaim.NONE.withPostures(Optional.of(2))),
                        form.parts().get(1)))))
                .containsExactly("one is said to have 2 postures; counted the school's way there are 3.");
    }

    @Test
    void anEntryMaySayItsNumber() {
        assertThat(found(form -> form.change(2, entry -> entry.withNumber(Optional.of(4)))))
                .isEmpty();
        assertThat(found(form -> form.change(2, entry -> entry.withNumber(Optional.of(3)))))
                .containsExactly("It is said to be number 3, but counted the school's way it is number 4.");
    }

    @Test
    void oneWrongChoiceIsToldOnceWithTheChoiceThatMakesAllNumbersTrue() {
        UnaryOperator<Form> repeatsAsOne = form -> numbered(form, 1, 2, 3);

        assertThat(found(repeatsAsOne))
                .singleElement()
                .asString()
                .contains(
                        "number 3",
                        "number 4",
                        "All the numbers said are right if the school has: Repeats are numbered");
    }

    @Test
    void oneEntryThatIsNumberedOtherwiseIsNamed() {
        UnaryOperator<Form> withTheSecond =
                form -> numbered(form.insertAfter(2, entry("4").times(2)), 1, 2, 4, 4);

        assertThat(found(withTheSecond)).singleElement().asString().contains("entry 4 is numbered with the one before");
    }

    @Test
    void numbersThatNoOneChoiceMakesTrueAreToldWhereTheyBeginToBeOff() {
        assertThat(found(form -> numbered(form.insertAfter(2, entry("4")), 1, 9, 11, 12)))
                .as("from the second on all are seven more")
                .hasSize(1);
    }

    private static Form numbered(Form form, int... numbers) {
        Form said = form;
        for (int at = 0; at < numbers.length; at++) {
            int number = numbers[at];
            said = said.change(at, entry -> entry.withNumber(Optional.of(number)));
        }
        return said;
    }
}
