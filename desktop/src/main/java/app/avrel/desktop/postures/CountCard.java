package app.avrel.desktop.postures;

import app.avrel.body.Side;
import app.avrel.desktop.parts.Texts;
import app.avrel.desktop.parts.Tips;
import app.avrel.desktop.session.Desk;
import app.avrel.desktop.session.Session;
import app.avrel.desktop.words.Words;
import app.avrel.form.Moment;
import app.avrel.form.Occurrence;
import app.avrel.posture.count.Count;
import app.avrel.posture.move.Move;
import app.avrel.project.Edit;
import app.avrel.project.Holder;
import app.avrel.words.Wording;
import app.avrel.words.say.Saying;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** The card for a count: its moves stage by stage, its beats and breath, what is said. */
public final class CountCard extends VBox {

    private final Session session;
    private final CountHead head;
    private final VBox stages = new VBox();
    private final MenuButton add = menu(Words.of("postures.add_move"), Words.of("postures.add_move_last"));
    private final MenuButton then = menu(Words.of("postures.then"), Words.of("postures.add_move_after"));
    private final CountNote note;
    private final CountSaid said;
    private final List<MoveRow> rows = new ArrayList<>();
    private final Map<Integer, StageHead> heads = new HashMap<>();

    @SuppressWarnings("NullAway.Init") // told by the first show
    private Holder holder;

    private int index = -1;
    private MovePlace open = new MovePlace(-1, -1);
    private String built = "";

    public CountCard(Session session) {
        this.session = session;
        this.head = new CountHead(session);
        this.note = new CountNote(session);
        this.said = new CountSaid(session);
        getStyleClass().add("count-card");
        stages.getStyleClass().add("stages");
        HBox adding = new HBox(add, then);
        adding.getStyleClass().add("adding");
        getChildren().addAll(head, stages, adding, note, said);
        fill(add, this::add);
        fill(then, this::addThen);
    }

    /** What is used most stands by itself, the rest by the part of the body that moves. */
    private static void fill(MenuButton menu, Consumer<MoveKind> action) {
        Map<MoveKind.Group, Menu> groups = new EnumMap<>(MoveKind.Group.class);
        for (MoveKind kind : MoveKind.values()) {
            MenuItem item = item(kind, () -> action.accept(kind));
            if (kind.group() == MoveKind.Group.OFTEN) {
                menu.getItems().add(item);
            } else {
                groups.computeIfAbsent(kind.group(), group -> new Menu(group.label()))
                        .getItems()
                        .add(item);
            }
        }
        menu.getItems().addAll(groups.values());
    }

    private static MenuButton menu(String words, String says) {
        MenuButton menu = new MenuButton(words);
        menu.getStyleClass().addAll("flat", "word-button");
        Tips.give(menu, says);
        return menu;
    }

    private static MenuItem item(MoveKind kind, Runnable action) {
        MenuItem item = new MenuItem(kind.label());
        item.setOnAction(_ -> action.run());
        return item;
    }

    /** Opens the menu of moves to add. */
    public void openAdd() {
        add.requestFocus();
        add.show();
    }

    /** Opens the menu of moves to add after the others. */
    public void openThen() {
        then.requestFocus();
        then.show();
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
        showStages(shown, saying);
        note.show(holder, index, shown);
        said.show(desk, holder, index, saying);
    }

    private Wording saying(Desk desk) {
        return desk.occurrence(holder)
                .map(done -> desk.saying(done, holder.section()))
                .orElseGet(desk::saying);
    }

    private void showStages(Count count, Wording saying) {
        String structure = structure(count);
        if (!structure.equals(built)) {
            built = structure;
            build(count);
        }
        Saying words = Saying.exact(Words.language(), saying);
        MoveFields fields = new MoveFields(saying);
        int row = 0;
        for (int s = 0; s < count.stages().size(); s++) {
            int stage = s;
            StageHead head = heads.get(s);
            if (head != null) {
                head.show(count.stages().get(s).on(), on -> apply(CountEdits.stageOn(holder, index, stage, on)));
            }
            List<Move> moves = count.stages().get(s).moves();
            for (int m = 0; m < moves.size(); m++) {
                Move move = moves.get(m);
                boolean opened = open.equals(new MovePlace(s, m));
                rows.get(row++).show(move, words.words(move), opened, opened ? fields.of(move) : List.of());
            }
        }
    }

    private String structure(Count count) {
        StringBuilder text = new StringBuilder(holder + "/" + index + "/" + open + "/" + StageHead.timed(count));
        count.stages().forEach(stage -> {
            text.append("|");
            stage.moves()
                    .forEach(move -> text.append(MoveKind.of(move))
                            .append(
                                    move instanceof Move.Step step
                                            ? step.place().getClass().getSimpleName()
                                            : ""));
        });
        return text.toString();
    }

    private void build(Count count) {
        rows.clear();
        heads.clear();
        stages.getChildren().clear();
        for (int s = 0; s < count.stages().size(); s++) {
            if (StageHead.wanted(count, s)) {
                StageHead head = new StageHead(s == 0, StageHead.timed(count));
                heads.put(s, head);
                stages.getChildren().add(head);
            }
            for (int m = 0; m < count.stages().get(s).moves().size(); m++) {
                MoveRow row = row(new MovePlace(s, m));
                rows.add(row);
                stages.getChildren().add(row);
            }
        }
        if (rows.isEmpty()) {
            stages.getChildren().add(Texts.wrapped(Words.of("postures.nothing_moves_yet"), "empty"));
        }
    }

    private MoveRow row(MovePlace at) {
        return new MoveRow(
                (field, move) -> apply(CountEdits.changeMove(holder, index, at, field, move)),
                () -> apply(CountEdits.removeMove(holder, index, at)),
                () -> toggle(at));
    }

    private void toggle(MovePlace at) {
        open = open.equals(at) ? new MovePlace(-1, -1) : at;
        show(session.desk().get(), holder, index);
        if (open.equals(at)) {
            focusOpen();
        }
    }

    private void focusOpen() {
        int row = open.index();
        List<Count> counts = holder.counts(session.project());
        for (int s = 0; s < open.stage(); s++) {
            row += counts.get(index).stages().get(s).moves().size();
        }
        if (row >= 0 && row < rows.size()) {
            rows.get(row).focusFirst();
        }
    }

    private void add(MoveKind kind) {
        if (!session.settled()) {
            return;
        }
        Count count = holder.counts(session.project()).get(index);
        int stage = count.stages().size() - 1;
        added(
                CountEdits.addMove(holder, index, stage, kind.fresh(free())),
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
                    CountEdits.addStage(holder, index, kind.fresh(free())),
                    new MovePlace(count.stages().size(), 0));
        }
    }

    private void added(Edit edit, MovePlace at) {
        open = at;
        if (apply(edit)) {
            focusOpen();
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

    /** The foot that bears less where the count ends: it is the one that can move next. */
    private Side free() {
        return session.desk()
                .get()
                .occurrence(holder)
                .flatMap(this::lastMoment)
                .map(moment -> moment.after().weight().heavier().other())
                .orElse(Side.RIGHT);
    }

    private Optional<Moment> lastMoment(Occurrence done) {
        return done.moments().stream()
                .filter(moment -> moment.place().section() == holder.section()
                        && moment.place().count() == index)
                .reduce((_, last) -> last);
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
