package app.avrel.desktop.shots;

import app.avrel.desktop.session.Choice;
import app.avrel.desktop.session.Session;
import app.avrel.desktop.shell.RoomName;
import app.avrel.desktop.shell.Shell;
import java.util.Locale;
import javafx.scene.input.KeyCode;

/** The views of which pictures are taken. */
enum View {
    POSTURES,
    FORM,
    LESSONS,
    CUES,
    LOG,
    MAKE,
    COURSE,
    REPLAN,
    LOG_SAYS,
    POSTURE_SHEET,
    MOVE_FIELDS,
    FINDINGS,
    BESIDE,
    SETTINGS,
    TYPED_LINE,
    COUNT_NOTE,
    NOTES,
    ANGLES,
    BALANCE,
    FITTER,
    LEARNERS,
    DIRECTIONS,
    TOTALS,
    COMPARE,
    HALLS,
    CLOSING,
    RULES_BESIDE,
    SCALES,
    HELP,
    GUIDE,
    HALL;

    /** {@return how many frames the window is given: fixes are looked for behind it} */
    int frames() {
        return switch (this) {
            case FINDINGS, FORM, RULES_BESIDE -> 90;
            case CLOSING -> 400;
            default -> 20;
        };
    }

    String fileName() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    void show(Session session, Shell shell) {
        shell.sheets().close();
        Showing to = new Showing(session, shell);
        switch (this) {
            case POSTURES, FORM, LESSONS, LOG -> to.room(RoomName.valueOf(name()));
            case MAKE -> to.lessons(KeyCode.M, false);
            case COURSE -> to.lessons(KeyCode.O, true);
            case REPLAN -> to.lessons(KeyCode.R, true);
            case LOG_SAYS -> to.logSays();
            case CUES -> to.cues();
            case POSTURE_SHEET -> to.count(Choice.START);
            case MOVE_FIELDS -> to.moveFields();
            case TYPED_LINE -> to.typedLine();
            case COUNT_NOTE -> to.countNote();
            case NOTES -> to.notes();
            case BALANCE -> to.postures(Showing.pressed(KeyCode.B, true));
            case FITTER -> to.fitter();
            case ANGLES -> to.postures(Showing.pressed(KeyCode.G, true, true, false));
            case DIRECTIONS -> to.form(KeyCode.I, true);
            case TOTALS -> to.form(KeyCode.T, false);
            case COMPARE -> to.form(KeyCode.E, false);
            case CLOSING -> to.closing();
            case RULES_BESIDE -> to.rulesBeside();
            case SCALES -> to.scales();
            case HELP -> shell.sheets().help();
            case GUIDE -> to.guide();
            case HALLS -> to.form(KeyCode.H, true);
            case LEARNERS -> shell.sheets().learners();
            case HALL -> to.hall();
            case FINDINGS -> to.findings();
            case BESIDE -> to.beside();
            case SETTINGS -> to.settings();
        }
    }
}
