package app.avrel.desktop.postures;

import app.avrel.desktop.figure.Viewpoint;
import app.avrel.desktop.session.Choice;
import app.avrel.desktop.session.Command;
import app.avrel.desktop.session.Session;
import app.avrel.desktop.words.Words;
import app.avrel.floor.Heading;
import java.util.List;
import java.util.stream.Stream;
import javafx.application.Platform;
import javafx.scene.input.KeyCode;

/** What can be done in the room, under the names and keys it is done by. */
final class PostureCommands {

    private final Session session;
    private final PostureList list;
    private final PostureStage stage;
    private final PostureAside aside;
    private final TypedLine line;
    private final PostureActs acts;
    private final PosturesRoom room;

    PostureCommands(
            Session session,
            PostureList list,
            PostureStage stage,
            PostureAside aside,
            TypedLine line,
            PostureActs acts,
            PosturesRoom room) {
        this.session = session;
        this.list = list;
        this.stage = stage;
        this.aside = aside;
        this.line = line;
        this.acts = acts;
        this.room = room;
    }

    List<Command> all() {
        return Stream.of(ofShelf(), ofCount(), ofFloor(), ofFigure(), ofLine())
                .flatMap(List::stream)
                .toList();
    }

    List<Command> ofShelf() {
        return List.of(
                Command.of(Words.of("postures.new_posture"), KeyCode.N, "Ctrl+Shift", this::create),
                Command.of(Words.of("postures.duplicate_posture"), KeyCode.D, "Ctrl+Shift", list::copy),
                Command.of(Words.of("postures.delete_posture_3"), KeyCode.DELETE, "Ctrl+Shift", list::delete),
                Command.of(Words.of("postures.find_posture_2"), KeyCode.F, "Ctrl", list::focusFind),
                Command.of(Words.of("postures.names_start_end"), KeyCode.I, "Ctrl", this::sheet),
                Command.of(
                        Words.of("postures.copy_postures_sheet_as"),
                        KeyCode.C,
                        "Ctrl+Shift",
                        () -> SheetCopy.text(session)),
                Command.of(Words.of("postures.copy_postures_sheet"), KeyCode.X, "Ctrl+Shift", acts::copyPicture));
    }

    List<Command> ofCount() {
        return List.of(
                Command.of(Words.of("postures.add_count"), KeyCode.ENTER, "Ctrl", acts::insert),
                onCount("postures.duplicate_count_2", KeyCode.D, "Ctrl", aside.count()::duplicate),
                onCount("postures.delete_count_2", KeyCode.DELETE, "Ctrl", aside.count()::delete),
                onCount(
                        "postures.move_count_earlier",
                        KeyCode.LEFT,
                        "Alt",
                        () -> aside.count().move(-1)),
                onCount(
                        "postures.move_count_later",
                        KeyCode.RIGHT,
                        "Alt",
                        () -> aside.count().move(1)),
                onCount("postures.split_count_2", KeyCode.T, "Ctrl", aside.count()::split),
                onCount("postures.merge_next_count", KeyCode.J, "Ctrl", aside.count()::merge),
                onCount("postures.add_move", KeyCode.M, "Ctrl", aside.count()::openAdd),
                onCount("postures.add_move_after_others", KeyCode.M, "Ctrl+Shift", aside.count()::openThen));
    }

    private Command onCount(String name, KeyCode key, String modifiers, Runnable act) {
        return Command.of(Words.of(name), key, modifiers, acts.onCount(act));
    }

    List<Command> ofFloor() {
        return List.of(
                Command.of(Words.of("postures.balance_on_floor_eight"), KeyCode.B, "Ctrl", stage::toggleBalance),
                Command.of(Words.of("postures.fit_stance_body"), KeyCode.G, "Ctrl", acts::fit),
                Command.of(Words.of("postures.measure_on_two"), KeyCode.W, "Ctrl+Shift", acts.onCount(acts::scales)),
                Command.of(Words.of("postures.angle_between_two"), KeyCode.G, "Ctrl+Shift", acts::angles),
                Command.of(
                        Words.of("postures.start_facing_further"),
                        KeyCode.OPEN_BRACKET,
                        "Ctrl",
                        () -> acts.restage(-45)),
                Command.of(
                        Words.of("postures.start_facing_further_right"),
                        KeyCode.CLOSE_BRACKET,
                        "Ctrl",
                        () -> acts.restage(45)),
                Command.of(
                        Words.of("postures.start_facing_front"),
                        KeyCode.DIGIT0,
                        "Alt",
                        () -> session.stage(Heading.FRONT)));
    }

    List<Command> ofFigure() {
        return List.of(
                Command.of(Words.of("postures.play_posture_or"), KeyCode.F6, "", acts::play),
                look(Words.of("postures.look_from_front"), KeyCode.DIGIT1, Viewpoint.FRONT),
                look(Words.of("postures.look_from_behind"), KeyCode.DIGIT2, Viewpoint.BACK),
                look(Words.of("postures.look_from_left"), KeyCode.DIGIT3, Viewpoint.LEFT),
                look(Words.of("postures.look_from_right"), KeyCode.DIGIT4, Viewpoint.RIGHT),
                look(Words.of("postures.look_from_above"), KeyCode.DIGIT5, Viewpoint.ABOVE),
                Command.of(
                        Words.of("postures.mirror_figure"),
                        KeyCode.DIGIT6,
                        "Alt",
                        () -> stage.figure().look(stage.figure().view().mirror())),
                Command.of(Words.of("postures.ways_palms_feet"), KeyCode.DIGIT7, "Alt", stage::toggleTraces));
    }

    List<Command> ofLine() {
        return List.of(
                Command.of(Words.of("postures.type_count"), KeyCode.L, "Ctrl", line::focus),
                Command.of(Words.of("postures.edit_count_words"), KeyCode.F2, "", line::edit),
                Command.of(Words.of("postures.fix_finding"), KeyCode.PERIOD, "Ctrl", aside::mend),
                Command.of(Words.of("postures.both_sides_one_ribbon"), KeyCode.O, "Ctrl+Shift", room::toggleOther),
                Command.of(Words.of("common.count_before"), KeyCode.PAGE_UP, "", () -> acts.step(-1))
                        .repeating(),
                Command.of(Words.of("common.count_after"), KeyCode.PAGE_DOWN, "", () -> acts.step(1))
                        .repeating());
    }

    private Command look(String name, KeyCode key, Viewpoint from) {
        return Command.of(name, key, "Alt", () -> {
            stage.figure().look(stage.figure().view().at(from));
            room.again();
        });
    }

    private void create() {
        list.create();
        Platform.runLater(aside::focusName);
    }

    private void sheet() {
        session.choose(session.choice().withCount(Choice.START));
        aside.focusName();
    }
}
