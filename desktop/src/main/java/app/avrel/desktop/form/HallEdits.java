package app.avrel.desktop.form;

import app.avrel.desktop.words.Words;
import app.avrel.form.hall.Hall;
import app.avrel.project.Edit;
import app.avrel.project.Project;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;

/** What can be done to the halls of a project, each one step of undo. */
final class HallEdits {

    private static final double WIDTH = 8;
    private static final double DEPTH = 6;

    private HallEdits() {}

    /**
     * {@return one hall changed; changes of the same field run together}
     *
     * @param at which hall, from 0
     */
    static Edit change(int at, String field, UnaryOperator<Hall> edit) {
        return Edit.running(
                Words.of("form.change_hall"),
                "hall/" + at + "/" + field,
                project -> with(project, halls -> halls.set(at, edit.apply(halls.get(at)))));
    }

    static Edit add() {
        return Edit.of(
                Words.of("form.add_hall"),
                project -> with(
                        project, halls -> halls.add(Hall.of(Words.of("form.hall_2", halls.size() + 1), WIDTH, DEPTH))));
    }

    static Edit remove(int at) {
        return Edit.of(Words.of("form.take_hall_out"), project -> with(project, halls -> halls.remove(at)));
    }

    private static Project with(Project project, Consumer<List<Hall>> edit) {
        List<Hall> halls = new ArrayList<>(project.halls());
        edit.accept(halls);
        return project.withHalls(halls);
    }
}
