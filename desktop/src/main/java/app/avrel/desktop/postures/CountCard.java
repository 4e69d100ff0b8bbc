package app.avrel.desktop.postures;

import app.avrel.desktop.session.Desk;
import app.avrel.desktop.session.Session;
import app.avrel.desktop.words.Words;
import app.avrel.posture.count.Count;
import app.avrel.posture.count.SeenCount;
import app.avrel.project.Edit;
import app.avrel.project.Holder;
import app.avrel.words.Wording;
import java.util.List;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** The card for a count: its moves stage by stage, its beats and breath, what is said. */
public final class CountCard extends VBox {

    private final Session session;
    private final CountHead head;
    private final StageRows stages = new StageRows(this::apply, this::toggle);
    private final MoveMenu add =
            new MoveMenu(Words.of("postures.add_move"), Words.of("postures.add_move_last"), this::add);
    private final MoveMenu then =
            new MoveMenu(Words.of("postures.then"), Words.of("postures.add_move_after"), this::addThen);
    private final CountNote note;
    private final CountSaid said;

    @SuppressWarnings("NullAway.Init") // told by the first show
    private Holder holder;

    private int index = -1;
    private MovePlace open = new MovePlace(-1, -1);

    public CountCard(Session session) {
        this.session = session;
        this.head = new CountHead(session);
        this.note = new CountNote(session);
        this.said = new CountSaid(session);
        getStyleClass().add("count-card");
        HBox adding = new HBox(add, then);
        adding.getStyleClass().add("adding");
        getChildren().addAll(head, stages, adding, note, said);
    }

    /** Opens the menu of moves to add. */
    public void openAdd() {
        add.open();
    }

    /** Opens the menu of moves to add after the others. */
    public void openThen() {
        then.open();
    }

    /** Shows a count. */
    public void show(Desk desk, Holder newHolder, int count) {
        if (!newHolder.equals(holder) || count != index) {
            open = new MovePlace(-1, -1);
        }
        holder = newHolder;
        index = count;
        List<Count> counts = holder.counts(desk.project());
        Count shown = counts.get(index);
        Wording saying = saying(desk);
        head.show(holder, index, counts);
        stages.show(holder, index, open, shown, saying);
        note.show(holder, index, shown);
        said.show(desk, holder, index, saying);
    }

    private Wording saying(Desk desk) {
        return desk.occurrence(holder)
                .map(done -> desk.saying(done, holder.section()))
                .orElseGet(desk::saying);
    }

    private void toggle(MovePlace at) {
        open = open.equals(at) ? new MovePlace(-1, -1) : at;
        show(session.desk().get(), holder, index);
        if (open.equals(at)) {
            stages.focusOpen(holder.counts(session.project()));
        }
    }

    private void add(MoveKind kind) {
        if (!session.settled()) {
            return;
        }
        Count count = holder.counts(session.project()).get(index);
        int stage = count.stages().size() - 1;
        added(
                CountEdits.addMove(
                        holder,
                        new SeenCount(index, count),
                        stage,
                        kind.fresh(LighterFoot.after(session.desk().get(), holder, index))),
                new MovePlace(stage, count.stages().get(stage).moves().size()));
    }

    private void addThen(MoveKind kind) {
        if (!session.settled()) {
            return;
        }
        Count count = holder.counts(session.project()).get(index);
        boolean bare = count.moves().findAny().isEmpty();
        if (bare) {
            add(kind);
        } else {
            added(
                    CountEdits.addStage(
                            holder,
                            new SeenCount(index, count),
                            kind.fresh(LighterFoot.after(session.desk().get(), holder, index))),
                    new MovePlace(count.stages().size(), 0));
        }
    }

    private void added(Edit edit, MovePlace at) {
        open = at;
        if (apply(edit)) {
            stages.focusOpen(holder.counts(session.project()));
        }
    }

    /** What is typed and shown only is recorded first, so that the edit is made to what is shown. */
    private boolean apply(Edit edit) {
        boolean settled = session.settled();
        if (settled) {
            session.apply(edit);
        }
        return settled;
    }

    public void insert() {
        head.insert();
    }

    public void duplicate() {
        head.duplicate();
    }

    public void delete() {
        head.delete();
    }

    /** Moves the count earlier (-1) or later (+1). */
    public void move(int by) {
        head.move(by);
    }

    public void split() {
        head.split();
    }

    public void merge() {
        head.merge();
    }
}
