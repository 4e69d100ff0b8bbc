package app.avrel.desktop.postures;

import app.avrel.body.Landmark;
import app.avrel.body.Length;
import app.avrel.body.Side;
import app.avrel.desktop.parts.ChoiceField;
import app.avrel.desktop.parts.EntryField;
import app.avrel.desktop.parts.FieldGrid;
import app.avrel.desktop.parts.Figures;
import app.avrel.desktop.session.Desk;
import app.avrel.desktop.session.Session;
import app.avrel.desktop.words.Words;
import app.avrel.floor.Numbers;
import app.avrel.posture.Posture;
import app.avrel.posture.Start;
import app.avrel.posture.StartFoot;
import app.avrel.posture.StartPose;
import app.avrel.posture.hand.HandPlace;
import app.avrel.posture.hand.Palm;
import app.avrel.posture.move.Contact;
import app.avrel.project.Edit;
import app.avrel.words.reading.FieldText;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;

/** The fields of a posture's start. */
final class StartFields {

    private final Session session;
    private final ChoiceField kind;
    private final StartFrom from;
    private final EntryField ahead;
    private final EntryField width;
    private final EntryField weight;
    private final EntryField drop;
    private final Map<Side, EntryField> toes = new EnumMap<>(Side.class);
    private final Map<Side, ChoiceField> contact = new EnumMap<>(Side.class);
    private final Map<Side, ChoiceField> height = new EnumMap<>(Side.class);
    private final Map<Side, ChoiceField> palm = new EnumMap<>(Side.class);

    @SuppressWarnings("NullAway.Init") // told by the first show
    private FieldText said;

    StartFields(Session session, FieldGrid grid) {
        this.session = session;
        grid.section(Words.of("postures.start"));
        kind = grid.choice(Words.of("postures.starts"));
        from = new StartFrom(
                (posture, pose) -> change(posture, "from", posture.start().withPose(pose)));
        grid.wide(from.button());
        ahead = grid.line(Words.of("postures.left_ahead"), Words.of("postures.1_5_foot"));
        width = grid.line(Words.of("postures.width"), Words.of("postures.0_5_shoulder"));
        weight = grid.line(Words.of("postures.weight"), Words.of("postures.70_left"));
        drop = grid.line(Words.of("postures.depth"), Words.of("postures.1_5_fists"));
        for (Side side : Side.values()) {
            String name = side == Side.LEFT ? Words.of("postures.left") : Words.of("postures.right");
            contact.put(side, grid.choice(Words.of("postures.foot_2", name)));
            toes.put(side, grid.line(Words.of("postures.toes_out", name), "45"));
            height.put(side, grid.choice(Words.of("postures.hand_2", name)));
            palm.put(side, grid.choice(Words.of("postures.palm_2", name)));
        }
    }

    void show(Desk desk, Posture posture) {
        Start start = posture.start();
        StartPose pose = start.pose();
        said = new FieldText(Words.language(), desk.saying());
        kind.show(
                List.of(Words.of("postures.as_recorded_here"), Words.of("postures.where_one_before")),
                start instanceof Start.Carried ? 1 : 0,
                i -> change(posture, "kind", i == 0 ? new Start.Recorded(pose) : new Start.Carried(pose)));
        from.show(desk, posture);
        spacing(posture, pose);
        load(posture, pose);
        for (Side side : Side.values()) {
            foot(posture, pose, side);
            hand(posture, pose, side);
        }
    }

    private void spacing(Posture posture, StartPose pose) {
        ahead.show(
                pose.leftAhead().map(said::say).orElse(""),
                text -> length(
                        posture, text, Words.of("common.ahead"), length -> pose.withSpacing(length, pose.width())));
        width.show(
                pose.width().map(said::say).orElse(""),
                text -> length(posture, text, "width", length -> pose.withSpacing(pose.leftAhead(), length)));
    }

    private void load(Posture posture, StartPose pose) {
        weight.show(
                said.say(pose.weight()),
                text -> take(posture, "weight", said.share(text).map(pose::withWeight)));
        drop.show(
                pose.drop().map(said::say).orElse(""),
                text -> take(
                        posture,
                        "drop",
                        text.isBlank()
                                ? Optional.of(pose.withDrop(Optional.empty()))
                                : said.length(text)
                                        .filter(length -> length.amount() >= 0)
                                        .map(length -> pose.withDrop(length))));
    }

    private boolean length(Posture posture, String text, String field, Function<Optional<Length>, StartPose> changed) {
        if (text.isBlank()) {
            return take(posture, field, Optional.of(changed.apply(Optional.empty())));
        }
        return take(posture, field, said.length(text).map(Optional::of).map(changed));
    }

    private static <T> T of(Map<Side, T> fields, Side side) {
        return Objects.requireNonNull(fields.get(side));
    }

    private void foot(Posture posture, StartPose pose, Side side) {
        StartFoot foot = side == Side.LEFT ? pose.left() : pose.right();
        of(contact, side)
                .show(
                        Arrays.stream(Contact.values()).map(Words::of).toList(),
                        foot.contact().ordinal(),
                        i -> change(
                                posture,
                                "contact" + side,
                                posture.start()
                                        .withPose(withFoot(
                                                pose, side, new StartFoot(foot.toesOut(), Contact.values()[i])))));
        of(toes, side)
                .show(
                        Numbers.plain(foot.toesOut()),
                        text -> take(
                                posture,
                                "toes" + side,
                                Figures.of(text.replace("°", ""), -180, 180)
                                        .map(out -> withFoot(pose, side, new StartFoot(out, foot.contact())))));
    }

    private static StartPose withFoot(StartPose pose, Side side, StartFoot foot) {
        return side == Side.LEFT ? pose.withFeet(foot, pose.right()) : pose.withFeet(pose.left(), foot);
    }

    private void hand(Posture posture, StartPose pose, Side side) {
        HandPlace hand = side == Side.LEFT ? pose.leftHand() : pose.rightHand();
        of(height, side)
                .show(
                        unsaid(Arrays.stream(Landmark.values()).map(Words::of)),
                        index(hand.height()),
                        i -> hand(posture, pose, side, hand.withHeight(chosen(i, Landmark.values()))));
        of(palm, side)
                .show(
                        unsaid(Arrays.stream(Palm.values()).map(Words::of)),
                        index(hand.palm()),
                        i -> hand(posture, pose, side, hand.withPalm(chosen(i, Palm.values()))));
    }

    private void hand(Posture posture, StartPose pose, Side side, HandPlace hand) {
        StartPose changed =
                side == Side.LEFT ? pose.withHands(hand, pose.rightHand()) : pose.withHands(pose.leftHand(), hand);
        change(posture, "hand" + side, posture.start().withPose(changed));
    }

    private static List<String> unsaid(Stream<String> words) {
        return Stream.concat(Stream.of(Fields.UNSAID), words).toList();
    }

    private static int index(Optional<? extends Enum<?>> value) {
        return value.map(constant -> constant.ordinal() + 1).orElse(0);
    }

    private static <T> Optional<T> chosen(int index, T[] values) {
        return index == 0 ? Optional.empty() : Optional.of(values[index - 1]);
    }

    private boolean take(Posture posture, String field, Optional<StartPose> pose) {
        pose.ifPresent(changed -> change(posture, field, posture.start().withPose(changed)));
        return pose.isPresent();
    }

    private void change(Posture posture, String field, Start start) {
        UnaryOperator<Posture> edit = whole -> whole.withStart(start);
        session.apply(Edit.running(
                Words.of("postures.change_start"),
                posture.id() + "/start/" + field,
                project -> project.changePosture(posture.id(), edit)));
    }
}
