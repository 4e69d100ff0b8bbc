package app.avrel.desktop.postures;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** A word that is begun may be completed; one that is whole, a number or a blank may not. */
class HalfTypedTest {

    @ParameterizedTest
    @CsvSource({"right sho, sho", "sink, sink", "talón derecho ha, ha"})
    void theLastWordIsBegun(String line, String begun) {
        assertThat(HalfTyped.in(line)).contains(begun);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "right ", "r", "shift 60", "left,"})
    void nothingIsBegun(String line) {
        assertThat(HalfTyped.in(line)).isEmpty();
    }

    @Test
    void aWordThatIsWholeGoesOnToNoOther() {
        assertThat(HalfTyped.whole("sho", List.of("shoulder", "shoulders"))).contains("shoulder");
        assertThat(HalfTyped.whole("hip", List.of("hip", "hips"))).isEmpty();
        assertThat(HalfTyped.whole("xyz", List.of())).isEmpty();
    }

    @Test
    void theRestOfTheLineStays() {
        assertThat(HalfTyped.completed("right hand to the sho", "shoulder")).isEqualTo("right hand to the shoulder ");
        assertThat(HalfTyped.completed("si", "sink")).isEqualTo("sink ");
    }
}
