package app.avrel.desktop.form;

import app.avrel.desktop.findings.FindingActions;
import app.avrel.desktop.findings.FindingBox;
import app.avrel.desktop.parts.AfterPicture;
import app.avrel.desktop.parts.Buttons;
import app.avrel.desktop.parts.PointerMenu;
import app.avrel.desktop.parts.RoomPane;
import app.avrel.desktop.parts.Scroller;
import app.avrel.desktop.parts.Texts;
import app.avrel.desktop.postures.CountCard;
import app.avrel.desktop.ribbon.Ribbon;
import app.avrel.desktop.ribbon.RibbonCell;
import app.avrel.desktop.ribbon.RibbonCells;
import app.avrel.desktop.session.Command;
import app.avrel.desktop.session.Desk;
import app.avrel.desktop.session.Room;
import app.avrel.desktop.session.Session;
import app.avrel.desktop.words.Words;
import app.avrel.form.Track;
import app.avrel.project.Holder;
import app.avrel.rules.RuleId;
import app.avrel.rules.Where;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.layout.VBox;

/** The form room. */
public final class FormRoom implements Room {

    /** From so many doings on, totals and card wait until floor, list and ribbon are painted. */
    private static final int LONG = 200;

    private record OpenCount(Holder holder, int count) {}

    private final Session session;
    private final RoomPane root;
    private final FormList list;
    private final FormCommands commands;
    private final Ribbon ribbon = new Ribbon();
    private final RibbonCells ribbonCells = new RibbonCells();
    private final FormStage stage;
    private final EntryCard entryCard;
    private final CountCard countCard;
    private final FindingBox findings;
    private final VBox card = new VBox();
    private final AfterPicture afterPicture = new AfterPicture(card);
    private Optional<OpenCount> open = Optional.empty();
    private int entry = -1;

    public FormRoom(Session session, Consumer<Where> go) {
        this.session = session;
        StretchEdits stretches = new StretchEdits(session);
        list = new FormList(session, stretches);
        countCard = new CountCard(session);
        findings = new FindingBox(new FindingActions(session, go));
        entryCard = new EntryCard(session, stretches, new WaysIn(session, this::open));
        stage = new FormStage(session, new HallChoice(), ribbon);
        commands = new FormCommands(session, list, stage, stretches, entryCard);
        PointerMenu.give(list, () -> Command.items(commands.ofEntries()));
        PointerMenu.give(stage, () -> Command.items(commands.ofWalk()));
        PointerMenu.give(ribbon, () -> Command.items(commands.ofEntries()));
        card.getStyleClass().add("card");
        Scroller scroll = new Scroller(card);
        scroll.getStyleClass().add("card-scroll");
        root = new RoomPane("form-room", list, stage, scroll, ribbon);
    }

    @Override
    public Node node() {
        return root;
    }

    @Override
    public void show(Desk desk) {
        list.show(desk);
        Track track = desk.formTrack();
        int chosen = desk.choice().entry();
        if (chosen != entry) {
            entry = chosen;
            open = Optional.empty();
        }
        stage.show(desk);
        ribbon(desk, track);
        afterPicture.when(track.occurrences().size() > LONG, () -> {
            stage.tell(desk);
            list.total(desk);
            card(desk);
        });
    }

    private void ribbon(Desk desk, Track track) {
        List<RibbonCell> cells = ribbonCells.ofWhole(desk, desk.form(), track.occurrences());
        int chosen = -1;
        for (int i = 0; i < cells.size() && chosen < 0; i++) {
            if (entryOf(track, cells.get(i)) == desk.choice().entry()) {
                chosen = i;
            }
        }
        ribbon.show(cells, chosen, Words.of("form.no_postures_form"), at -> {
            int wanted = at < 0 ? 0 : entryOf(track, cells.get(at));
            int now = session.choice().entry();
            boolean byKey = at == chosenCell(cells, track, now) + 1;
            session.choose(session.choice().withEntry(byKey && wanted == now ? now + 1 : wanted));
        });
    }

    private static int chosenCell(List<RibbonCell> cells, Track track, int entry) {
        for (int i = 0; i < cells.size(); i++) {
            if (entryOf(track, cells.get(i)) == entry) {
                return i;
            }
        }
        return -1;
    }

    private static int entryOf(Track track, RibbonCell cell) {
        return track.occurrences().get(cell.occurrence()).entry();
    }

    private void card(Desk desk) {
        int chosen = desk.choice().entry();
        if (chosen < 0) {
            card.getChildren().setAll(Texts.wrapped(Words.of("form.nothing_chosen_form"), "empty"));
            return;
        }
        findings.show(desk.survey().findings().stream()
                .filter(finding -> finding.where() instanceof Where.InForm(var form, int at, var count)
                        && form.equals(desk.choice().form())
                        && at == chosen
                        && finding.rule() != RuleId.OPEN_JOIN
                        && count.equals(open.map(OpenCount::count)))
                .toList());
        open = open.filter(of -> of.count() < of.holder().counts(desk.project()).size());
        if (open.isPresent()) {
            countCard.show(desk, open.get().holder(), open.get().count());
            put(back(), countCard, findings);
        } else {
            entryCard.show(desk, chosen);
            put(findings, entryCard);
        }
    }

    private Node back() {
        return Buttons.words(Words.of("form.back_entry"), Words.of("form.back_entry_2"), () -> {
            open = Optional.empty();
            show(session.desk().get());
        });
    }

    private void put(Node... nodes) {
        if (card.getChildren().size() != nodes.length || !card.getChildren().contains(nodes[1])) {
            card.getChildren().setAll(nodes);
        }
    }

    private void open(Holder holder, int count) {
        open = Optional.of(new OpenCount(holder, count));
        card.getChildren().clear();
        show(session.desk().get());
    }

    @Override
    public List<Command> commands() {
        return commands.all();
    }
}
