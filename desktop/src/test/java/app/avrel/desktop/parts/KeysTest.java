package app.avrel.desktop.parts;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class KeysTest {

    @ParameterizedTest
    @CsvSource({
        "Find anything (Ctrl+K), Find anything (⌘K)",
        "New posture (Ctrl+Shift+N), New posture (⌘⇧N)",
        "Look from the front (Alt+1), Look from the front (⌥1)",
        "The next finding (F9), The next finding (F9)"
    })
    void aMacCallsItsKeysByTheirSigns(String words, String onMac) {
        assertThat(Keys.onMac(words)).isEqualTo(onMac);
    }

    @ParameterizedTest
    @CsvSource({"Mac OS X, true", "macOS, true", "Linux, false", "Windows 11, false"})
    void aMacIsKnownByItsName(String system, boolean mac) {
        assertThat(Keys.isMac(system)).isEqualTo(mac);
    }

    @Test
    void whatIsMadeOnceIsMadeWhenItIsAskedForAndNeverAgain() {
        int[] made = new int[1];
        Once<Integer> once = Once.of(() -> ++made[0]);
        assertThat(made[0]).isZero();
        assertThat(once.get()).isEqualTo(1);
        assertThat(once.get()).isEqualTo(1);
    }
}
