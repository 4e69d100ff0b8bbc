package app.avrel.desktop;

import static app.avrel.desktop.Keyboard.read;
import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.desktop.session.Command;
import app.avrel.desktop.shell.RoomName;
import app.avrel.desktop.words.Words;
import app.avrel.files.Demo;
import app.avrel.label.Labels;
import app.avrel.label.Language;
import java.util.List;
import java.util.Set;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.stage.Stage;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;

/** What can be done by key: one thing by one key in one room, and every one of them has a name. */
@ExtendWith(ApplicationExtension.class)
class KeysOfRoomsTest {

    private Workplace workplace;

    @Start
    void open(Stage stage) {
        workplace = Workplace.open(stage, Demo.project());
    }

    @AfterEach
    void inEnglishAgain() {
        Labels.speak(Language.ENGLISH);
    }

    private List<Command> commands(FxRobot robot, RoomName room) {
        robot.interact(() -> workplace.shell.go(room));
        return read(() -> workplace.shell.commands());
    }

    @Test
    void noKeyDoesTwoThings(FxRobot robot) {
        for (RoomName room : RoomName.values()) {
            List<String> twice = commands(robot, room).stream()
                    .collect(Collectors.groupingBy(command -> command.key().getDisplayText(), Collectors.toList()))
                    .entrySet()
                    .stream()
                    .filter(same -> same.getValue().stream()
                                    .map(Command::name)
                                    .distinct()
                                    .count()
                            > 1)
                    .map(same -> same.getKey() + ": "
                            + same.getValue().stream().map(Command::name).toList())
                    .toList();
            assertThat(twice).as("%s", room).isEmpty();
        }
    }

    /** Keys that are filled in where they are shown. */
    private static final Set<String> ELSEWHERE = Set.of("Alt+{1}", "Ctrl+{1}");

    @Test
    void aKeyThatWordsNameDoesSomething(FxRobot robot) {
        Set<Set<String>> keys = Stream.of(RoomName.values())
                .flatMap(room -> commands(robot, room).stream())
                .map(command -> Set.of(command.key().getName().split("\\+")))
                .collect(Collectors.toSet());
        Pattern named = Pattern.compile("(?:Ctrl\\+|Alt\\+|Shift\\+)+[A-Z{][a-z0-9}]*|\\bF[1-9][0-2]?\\b");
        List<String> idle = Words.bundles().keys(Language.ENGLISH).stream()
                .map(key -> Words.bundles().template(Language.ENGLISH, key).orElseThrow())
                .flatMap(words -> named.matcher(words).results().map(MatchResult::group))
                .filter(key -> !ELSEWHERE.contains(key))
                .filter(key ->
                        !keys.contains(Set.of(key.replace("Ctrl", "Shortcut").split("\\+"))))
                .distinct()
                .sorted()
                .toList();
        assertThat(idle).isEmpty();
    }

    @ParameterizedTest
    @EnumSource(Language.class)
    void everythingThatCanBeDoneHasANameOfItsOwn(Language language, FxRobot robot) {
        for (RoomName room : RoomName.values()) {
            robot.interact(() -> workplace.shell.speak(language));
            List<Command> all = commands(robot, room);
            assertThat(all).extracting(Command::name).noneMatch(String::isBlank);
            long redo = all.stream()
                    .map(Command::name)
                    .collect(Collectors.groupingBy(name -> name, Collectors.counting()))
                    .values()
                    .stream()
                    .filter(many -> many > 1)
                    .count();
            assertThat(redo).isLessThanOrEqualTo(1);
        }
    }

    @Test
    void undoRedoAndTheSizeOfTheTextAreDoneAlsoWhileASheetIsOpen(FxRobot robot) {
        for (RoomName room : RoomName.values()) {
            assertThat(commands(robot, room).stream()
                            .filter(Command::always)
                            .map(Command::name)
                            .distinct())
                    .containsExactlyInAnyOrder("Undo", "Redo", "Larger text", "Smaller text");
        }
    }
}
