package app.avrel.desktop.exchange;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.desktop.words.Words;
import app.avrel.label.Labels;
import app.avrel.label.Language;
import app.avrel.project.Project;
import app.avrel.project.Setting;
import app.avrel.project.notes.NotesIn;
import app.avrel.project.notes.NotesLine;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** What the empty sheet for notes shows how to write is itself read whole, in the language of the window. */
class NotesExampleTest {

    @ParameterizedTest
    @EnumSource(Language.class)
    void theExampleIsAPostureOfTwoCountsWithItsStart(Language language) {
        String example = Labels.in(language, () -> Words.of("exchange.postures_name_nstart"));
        NotesIn.Result read = NotesIn.read(example, Project.empty("Weir", Setting.USUAL), language);
        assertThat(read.lines()).allMatch(line -> line.outcome() == NotesLine.Outcome.UNDERSTOOD);
        assertThat(read.lines())
                .extracting(NotesLine::kind)
                .containsExactly(
                        NotesLine.Kind.POSTURE, NotesLine.Kind.START, NotesLine.Kind.COUNT, NotesLine.Kind.COUNT);
    }
}
