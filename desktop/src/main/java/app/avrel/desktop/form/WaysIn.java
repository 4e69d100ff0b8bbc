package app.avrel.desktop.form;

import app.avrel.desktop.parts.Buttons;
import app.avrel.desktop.parts.ChoiceField;
import app.avrel.desktop.parts.Texts;
import app.avrel.desktop.postures.CountEdits;
import app.avrel.desktop.session.Desk;
import app.avrel.desktop.session.Session;
import app.avrel.desktop.words.Words;
import app.avrel.form.Entry;
import app.avrel.form.Link;
import app.avrel.form.LinkId;
import app.avrel.form.Moment;
import app.avrel.form.Played;
import app.avrel.form.WayIn;
import app.avrel.posture.count.Count;
import app.avrel.posture.count.CueLevel;
import app.avrel.project.Edit;
import app.avrel.project.Holder;
import app.avrel.words.CountWords;
import app.avrel.words.Wording;
import app.avrel.words.reading.LineReading;
import app.avrel.words.reading.frame.Question;
import app.avrel.words.reading.frame.Refusal;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiConsumer;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.scene.control.Button;
import javafx.scene.layout.VBox;
import org.jspecify.annotations.Nullable;

/** The ways into an entry's occurrences: none, its own, or one that is shared; with their counts. */
final class WaysIn extends VBox {

    private final Session session;
    private final BiConsumer<Holder, Integer> open;
    /** The way whose line was typed in last: there one goes on typing. */
    private Holder.@Nullable OfWay typing;

    /** @param open opens a count of a way in on a card */
    WaysIn(Session session, BiConsumer<Holder, Integer> open) {
        this.session = session;
        this.open = open;
        getStyleClass().add("ways-in");
    }

    void show(Desk desk, int index, Entry entry) {
        getChildren().clear();
        for (int repeat = 0; repeat < entry.times(); repeat++) {
            String title = entry.times() == 1 ? Words.of("form.way") : Words.of("form.way_into_time", repeat + 1);
            getChildren().add(Texts.of(title, "section"));
            way(
                    desk,
                    new Holder.OfWay(desk.choice().form(), index, repeat),
                    entry.ways().get(repeat));
        }
    }

    private void way(Desk desk, Holder.OfWay holder, WayIn way) {
        List<String> words = new ArrayList<>(List.of(Words.of("form.direct"), Words.of("form.its_own")));
        List<WayIn> ways = new ArrayList<>(List.of(WayIn.DIRECT, own(desk, way)));
        for (Map.Entry<LinkId, Link> link : desk.project().links().entrySet()) {
            for (Played played : Played.values()) {
                ways.add(new WayIn.Shared(link.getKey(), played));
                words.add(link.getValue().name() + (played == Played.OTHER_SIDE ? Words.of("form.other_side") : ""));
            }
        }
        ChoiceField choice = new ChoiceField(Words.of("form.way_2"));
        choice.show(words, chosen(way, ways), at -> change(holder, ways.get(at)));
        getChildren().add(choice);
        counts(desk, holder, way);
    }

    private static int chosen(WayIn way, List<WayIn> ways) {
        return switch (way) {
            case WayIn.Own(Link link) -> link.equals(Link.NONE) ? 0 : 1;
            case WayIn.Shared shared -> ways.indexOf(shared);
        };
    }

    /** A shared link made its own keeps its counts, so that it can be changed here alone. */
    private static WayIn own(Desk desk, WayIn way) {
        Link link = desk.project().shelf().link(way);
        return new WayIn.Own(link.counts().isEmpty() ? new Link(Words.of("form.way_2"), List.of(Count.blank())) : link);
    }

    private void change(Holder.OfWay at, WayIn way) {
        session.apply(Edit.of(
                Words.of("form.change_way"),
                project -> project.changeForm(
                        at.form(), form -> form.change(at.entry(), entry -> entry.withWay(at.repeat(), way)))));
    }

    private void counts(Desk desk, Holder.OfWay holder, WayIn way) {
        List<Count> counts = holder.counts(desk.project());
        CountWords words = new CountWords(Words.language(), saying(desk, holder));
        for (int i = 0; i < counts.size(); i++) {
            int at = i;
            Button line = Buttons.words(
                    (i + 1) + "  " + words.say(counts.get(i), CueLevel.PROMPT),
                    Words.of("form.open_count_way"),
                    () -> open.accept(holder, at));
            line.getStyleClass().add("way-count");
            line.setMaxWidth(Double.MAX_VALUE);
            line.setWrapText(true);
            getChildren().add(line);
        }
        line(desk, holder);
        boolean shared = way instanceof WayIn.Shared;
        String says = shared ? Words.of("form.add_count_all") : Words.of("form.add_count_way");
        getChildren().add(Buttons.words(Words.of("form.add_linking_count"), says, () -> {
            session.apply(CountEdits.insert(holder, counts.size()));
            open.accept(holder, counts.size());
        }));
    }

    private void line(Desk desk, Holder.OfWay holder) {
        TypedWay typed = new TypedWay(desk, holder, saying(desk, holder));
        WayLine line = new WayLine(text -> record(typed, text));
        getChildren().add(line);
        if (holder.equals(typing)) {
            line.field().requestFocus();
        }
    }

    /** Records a line that is understood whole; {@return else what is wrong with it} */
    private Optional<String> record(TypedWay typed, String text) {
        Optional<LineReading> read = typed.read(text);
        Optional<String> wrong = read.map(reading -> Stream.concat(
                        reading.questions().stream().map(Question::question),
                        reading.refusals().stream().map(Refusal::message))
                .collect(Collectors.joining(" ")));
        if (wrong.isEmpty() || !wrong.get().isEmpty()) {
            return wrong.or(() -> Optional.of(Words.of("postures.line_not_understood_try")));
        }
        typing = typed.way();
        session.apply(CountEdits.append(typed.way(), typed.held(read.orElseThrow())));
        typing = null;
        return Optional.empty();
    }

    private static Wording saying(Desk desk, Holder holder) {
        return desk.occurrence(holder)
                .map(of -> desk.saying(of, Moment.Section.LINK))
                .orElseGet(desk::saying);
    }
}
