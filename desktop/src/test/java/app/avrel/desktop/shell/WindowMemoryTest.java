package app.avrel.desktop.shell;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.label.Language;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;
import java.util.Map;
import javafx.css.PseudoClass;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What is remembered of a window from one start to the next, and what of it cannot be used. */
class WindowMemoryTest {

    @TempDir
    private Path folder;

    private Preferences again() {
        return new Preferences(folder);
    }

    @Test
    void whatIsKeptIsThereAtTheNextStart() {
        again().keep(Map.of("window.width", 1280.5, "window.room", "LESSONS", "divider.form-room-list", 1.2));
        assertThat(again().number("window.width")).hasValue(1280.5);
        assertThat(again().words("window.room")).isEqualTo("LESSONS");
        assertThat(again().number("divider.form-room-list")).hasValue(1.2);
    }

    @Test
    void atTheFirstStartNothingIsKept() {
        assertThat(again().number("window.width")).isEmpty();
        assertThat(again().words("window.room")).isEmpty();
    }

    @Test
    void oneThingKeptLosesNoOther() {
        again().keep(Map.of("window.width", 1100.0));
        again().textSize(120);
        again().keep(Map.of("window.height", 700.0));
        assertThat(again().number("window.width")).hasValue(1100);
        assertThat(again().number("window.height")).hasValue(700);
        assertThat(again().textSize()).isEqualTo(120);
    }

    @ParameterizedTest
    @ValueSource(strings = {"wide", "NaN", "Infinity", "", "12 px"})
    void whatIsNoNumberIsNotThere(String kept) throws Exception {
        Files.writeString(folder.resolve("preferences.properties"), "window.width=" + kept + "\n");
        assertThat(again().number("window.width")).isEmpty();
    }

    @ParameterizedTest
    @EnumSource(RoomName.class)
    void theRoomThatWasLeftIsGoneToAgain(RoomName room) {
        again().keep(Map.of("window.room", room.name()));
        assertThat(new WindowMemory(again()).room()).contains(room);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "CELLAR", "postures"})
    void whereNoSuchRoomIsTheFirstIsShown(String room) {
        again().keep(Map.of("window.room", room));
        assertThat(new WindowMemory(again()).room()).isEmpty();
    }

    @Test
    void anEmptyWindowIsInTheColoursAndTheSizeOfTextThatWereLeft() {
        again().dark(true);
        again().textSize(140);
        WindowFrame frame = WindowFrame.empty(again());
        assertThat(frame.root().getChildren()).isEmpty();
        assertThat(frame.root().getStyleClass()).contains("avrel", "text-140");
        assertThat(frame.root().getPseudoClassStates())
                .extracting(PseudoClass::getPseudoClassName)
                .contains("dark");
    }

    @Test
    void aWindowThatIsOnlyShownKeepsNothing() {
        WindowFrame.empty(again());
        assertThat(folder).isEmptyDirectory();
    }

    @ParameterizedTest
    @EnumSource(Language.class)
    void theLanguageThatWasChosenIsSpokenAgain(Language language) {
        again().language(language);
        assertThat(again().language()).isEqualTo(language);
    }

    @Test
    void atFirstTheLanguageOfTheSystemIsSpokenWhereAvrelHasIt() {
        Locale before = Locale.getDefault();
        try {
            Locale.setDefault(Locale.of("es", "MX"));
            assertThat(again().language()).isEqualTo(Language.SPANISH);
            Locale.setDefault(Locale.TRADITIONAL_CHINESE);
            assertThat(again().language()).isEqualTo(Language.CHINESE);
            Locale.setDefault(Locale.ITALIAN);
            assertThat(again().language()).isEqualTo(Language.ENGLISH);
        } finally {
            Locale.setDefault(before);
        }
    }

    @Test
    void aLanguageThatAvrelDoesNotSpeakIsEnglish() throws Exception {
        Files.writeString(folder.resolve("preferences.properties"), "language=eo\n");
        assertThat(again().language()).isEqualTo(Language.ENGLISH);
    }
}
