package app.avrel.desktop.form;

import app.avrel.desktop.parts.BackgroundTask;
import app.avrel.desktop.session.Desk;
import app.avrel.floor.Turn;
import app.avrel.form.Form;
import app.avrel.form.FormId;
import app.avrel.form.Track;
import app.avrel.form.hall.Hall;
import app.avrel.form.hall.HallPlan;
import app.avrel.project.Setting;
import java.util.Optional;

/** Works out behind the window what room a form takes in its hall, and only where something of it has changed. */
final class HallPlanning {

    /** What a plan was worked out for. */
    private record Asked(FormId form, Hall hall, Track track, Turn facing) {

        /** Tracks are not compared, only told apart: a track that was not unrolled again is the same. */
        boolean same(Asked other) {
            return track == other.track
                    && form.equals(other.form)
                    && hall.equals(other.hall)
                    && facing.equals(other.facing);
        }
    }

    private final Runnable found;
    private final BackgroundTask behind = new BackgroundTask();
    private Optional<Asked> asked = Optional.empty();
    private Optional<HallPlan> plan = Optional.empty();
    private Optional<Runnable> planning = Optional.empty();

    /** @param found is run when a plan has been worked out */
    HallPlanning(Runnable found) {
        this.found = found;
    }

    /** {@return the plan, as far as it is known} */
    Optional<HallPlan> plan() {
        return plan;
    }

    /** There is no hall, or nothing to plan. */
    void none() {
        plan = Optional.empty();
        planning = Optional.empty();
        asked = Optional.empty();
        behind.forget();
    }

    /** What is wanted of the form and hall on the desk; it is worked out when it is {@link #begin begun}. */
    void want(Desk desk, Hall hall, Track track) {
        ask(desk, new Asked(desk.choice().form(), hall, track, facing(desk, hall)));
    }

    /** Begins to work out what is wanted and not known. */
    void begin() {
        planning.ifPresent(Runnable::run);
        planning = Optional.empty();
    }

    private static Turn facing(Desk desk, Hall hall) {
        return desk.project()
                .setting()
                .facingIn(hall)
                .plus(new Turn(desk.staging().degrees()));
    }

    private void ask(Desk desk, Asked wanted) {
        if (asked.filter(was -> was.same(wanted)).isPresent()) {
            return;
        }
        boolean other = asked.map(
                        was -> !was.hall().equals(wanted.hall()) || !was.form().equals(wanted.form()))
                .orElse(true);
        plan = other ? Optional.empty() : plan;
        asked = Optional.of(wanted);
        Form form = desk.form();
        Setting setting = desk.project().setting();
        planning = Optional.of(() -> behind.ask(
                () -> HallPlan.of(wanted.hall(), form, wanted.track(), setting.chosenBody(), wanted.facing()),
                worked -> {
                    plan = Optional.of(worked);
                    found.run();
                }));
    }
}
