package app.avrel.desktop.ribbon;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.files.Demo;
import app.avrel.posture.Posture;
import java.util.List;
import org.junit.jupiter.api.Test;

/** A name that is too long for the ribbon is never cut to what several postures share. */
class ShortNamesTest {

    @Test
    void theLastWordThatNoOtherNameHasStandsForIt() {
        ShortNames names = new ShortNames(List.of("Lean on the Gate", "Open the Gate", "Open the Sluice"));
        assertThat(names.of("Open the Sluice")).isEqualTo("Sluice");
        assertThat(names.of("Lean on the Gate")).isEqualTo("Lean");
        assertThat(names.of("Open the Gate")).isEmpty();
    }

    @Test
    void aWordThatIsSharedInOtherLettersIsShared() {
        ShortNames names = new ShortNames(List.of("Turn the Wheel", "Stop the wheel"));
        assertThat(names.of("Turn the Wheel")).isEqualTo("Turn");
        assertThat(names.of("Stop the wheel")).isEqualTo("Stop");
    }

    @Test
    void smallWordsNeverStandForAName() {
        assertThat(new ShortNames(List.of("Up", "On it")).of("Up")).isEmpty();
    }

    @Test
    void noTwoOfTheDemoAreCalledTheSame() {
        List<String> all = Demo.project().postures().stream().map(Posture::name).toList();
        ShortNames names = new ShortNames(all);
        assertThat(all.stream().map(names::of).filter(word -> !word.isEmpty())).doesNotHaveDuplicates();
    }

    @Test
    void aNameThatIsNotThereHasNoWord() {
        assertThat(new ShortNames(List.of()).of("Open the Sluice")).isEmpty();
    }
}
