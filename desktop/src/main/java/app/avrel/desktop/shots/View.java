package app.avrel.desktop.shots;

import app.avrel.desktop.session.Choice;
import app.avrel.desktop.shell.RoomName;
import java.util.Locale;
import java.util.function.Consumer;
import javafx.scene.input.KeyCode;

/** The views of which pictures are taken, and how one comes to each. */
enum View {
    POSTURES(to -> to.room(RoomName.POSTURES)),
    FORM(90, to -> to.room(RoomName.FORM)),
    LESSONS(to -> to.room(RoomName.LESSONS)),
    CUES(Showing::cues),
    LOG(to -> to.room(RoomName.LOG)),
    MAKE(to -> to.lessons(KeyCode.M, false)),
    COURSE(to -> to.lessons(KeyCode.O, true)),
    REPLAN(to -> to.lessons(KeyCode.R, true)),
    LOG_SAYS(Showing::logSays),
    POSTURE_SHEET(to -> to.count(Choice.START)),
    MOVE_FIELDS(Showing::moveFields),
    FINDINGS(90, Showing::findings),
    BESIDE(Showing::beside),
    SETTINGS(Showing::settings),
    TYPED_LINE(Showing::typedLine),
    COUNT_NOTE(Showing::countNote),
    NOTES(Showing::notes),
    ANGLES(to -> to.postures(Showing.pressed(KeyCode.G, true, true, false))),
    BALANCE(to -> to.postures(Showing.pressed(KeyCode.B, true))),
    FITTER(Showing::fitter),
    LEARNERS(to -> to.sheets().learners()),
    DIRECTIONS(to -> to.form(KeyCode.I, true)),
    TOTALS(to -> to.form(KeyCode.T, false)),
    COMPARE(to -> to.form(KeyCode.E, false)),
    HALLS(to -> to.form(KeyCode.H, true)),
    CLOSING(400, Showing::closing),
    RULES_BESIDE(90, Showing::rulesBeside),
    SCALES(Showing::scales),
    HELP(to -> to.sheets().help()),
    GUIDE(Showing::guide),
    HALL(Showing::hall);

    private static final int SETTLED = 20;

    private final int frames;
    private final Consumer<Showing> way;

    View(Consumer<Showing> way) {
        this(SETTLED, way);
    }

    View(int frames, Consumer<Showing> way) {
        this.frames = frames;
        this.way = way;
    }

    /** {@return how many frames the window is given: fixes are looked for behind it} */
    int frames() {
        return frames;
    }

    String fileName() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    void show(Showing to) {
        to.sheets().close();
        way.accept(to);
    }
}
