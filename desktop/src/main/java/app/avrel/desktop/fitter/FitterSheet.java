package app.avrel.desktop.fitter;

import app.avrel.body.Body;
import app.avrel.desktop.parts.ChoiceField;
import app.avrel.desktop.parts.EntryField;
import app.avrel.desktop.parts.FieldGrid;
import app.avrel.desktop.parts.Sheet;
import app.avrel.desktop.parts.Texts;
import app.avrel.desktop.session.Desk;
import app.avrel.desktop.session.Session;
import app.avrel.desktop.words.Words;
import app.avrel.floor.Numbers;
import app.avrel.house.HouseRule;
import app.avrel.house.HouseRules;
import app.avrel.house.Stance;
import app.avrel.mechanics.StanceFit;
import app.avrel.project.Edit;
import app.avrel.project.Learner;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** Fits a stance to a body under the house rules, and to every learner; what is chosen can be put into the count. */
public final class FitterSheet {

    private final Session session;
    private final List<Body> bodies;
    private final FieldGrid grid = new FieldGrid();
    private final ChoiceField stanceField = grid.choice(Words.of("common.stance"));
    private final ChoiceField bodyField = grid.choice(Words.of("common.body"));
    private final EntryField shareField = grid.line(Words.of("fitter.weight_on_front"), "65");
    private final EntryField dropField = grid.line(Words.of("fitter.pelvis_down_fists"), "1.5");
    private final FitView picture = new FitView();
    private final Label words = Texts.wrapped("", "fit-words");
    private final FitTable table = new FitTable();
    private Stance stance = Stance.BOW;
    private int body;
    private int share;
    private double fists;
    private Optional<StanceFit.Cell> chosen = Optional.empty();

    private FitterSheet(Session session) {
        this.session = session;
        this.bodies = Stream.concat(
                        session.project().setting().bodies().stream(),
                        session.project().learners().stream().map(Learner::body))
                .distinct()
                .toList();
        this.body = Math.max(0, bodies.indexOf(session.project().setting().chosenBody()));
        this.share = StanceFit.housePercent(rules(), stance);
        this.fists = rules().get(HouseRule.MEDIUM_FRAME) / 10.0;
    }

    /** Lays the sheet over the window. */
    public static void open(Session session, StackPane over) {
        FitterSheet fitter = new FitterSheet(session);
        picture(fitter.picture);
        VBox left = new VBox(fitter.grid, fitter.words, legend());
        left.getStyleClass().add("fit-side");
        HBox top = new HBox(left, fitter.picture);
        top.getStyleClass().add("beside");
        HBox.setHgrow(fitter.picture, Priority.ALWAYS);
        VBox content = new VBox(top, Texts.of(Words.of("fitter.everybody"), "section"), fitter.table);
        content.getStyleClass().add("beside-sheet");
        Sheet.show(
                over,
                Words.of("fitter.which_stance_fits"),
                content,
                List.of(
                        new Sheet.Answer(Words.of("fitter.use_count"), fitter::apply),
                        new Sheet.Answer(Words.of("common.close"), () -> {})));
        fitter.show();
    }

    private static void picture(FitView view) {
        view.setPrefSize(330, 380);
        view.setMinSize(240, 260);
    }

    private static Label legend() {
        List<String> said = new ArrayList<>();
        for (StanceFit.Against against : StanceFit.Against.values()) {
            if (!FitView.letter(against).isEmpty()) {
                said.add(FitView.letter(against) + ": " + Words.of(against));
            }
        }
        return Texts.wrapped(Words.of("fitter.filled_squares_fit", String.join("; ", said)), "quiet");
    }

    private HouseRules rules() {
        return session.project().setting().rules();
    }

    private StanceFit fit(Body of) {
        return new StanceFit(of, rules(), stance, share, fists * of.fist());
    }

    private void show() {
        fields();
        StanceFit fit = fit(bodies.get(body));
        List<StanceFit.Cell> cells = fit.cells();
        chosen = chosen.map(cell -> fit.cell(cell.length(), cell.width())).or(() -> fit.best(cells));
        picture.show(fit, cells, chosen, cell -> {
            chosen = Optional.of(cell);
            show();
        });
        words.setText(said(fit));
        table.show(bodies.stream().map(this::fit).toList());
    }

    private void fields() {
        stanceField.show(StanceFit.STANCES.stream().map(Words::of).toList(), StanceFit.STANCES.indexOf(stance), at -> {
            stance = StanceFit.STANCES.get(at);
            share = StanceFit.housePercent(rules(), stance);
            again();
        });
        bodyField.show(bodies.stream().map(Body::label).toList(), body, at -> {
            body = at;
            again();
        });
        shareField.show(
                Integer.toString(share),
                text -> number(text, 0, 100)
                        .map(value -> {
                            share = value.intValue();
                            return value;
                        })
                        .map(_ -> again())
                        .isPresent());
        dropField.show(
                Numbers.plain(fists),
                text -> number(text, 0, 5)
                        .map(value -> {
                            fists = value;
                            return again();
                        })
                        .isPresent());
    }

    private boolean again() {
        chosen = Optional.empty();
        show();
        return true;
    }

    private static Optional<Double> number(String text, double least, double most) {
        try {
            double value = Double.parseDouble(text.strip().replace(',', '.'));
            return value >= least && value <= most ? Optional.of(value) : Optional.empty();
        } catch (NumberFormatException e) {
            return Optional.empty();
        }
    }

    private String said(StanceFit fit) {
        if (chosen.isEmpty()) {
            return Words.of("fitter.no_length_width");
        }
        StanceFit.Cell cell = chosen.get();
        String state = cell.fits()
                ? Words.of("fitter.fits_weakest_push", Numbers.whole(cell.push() * 100))
                : Words.of("fitter.does_not_fit", Words.of(cell.against()));
        String most = fit.greatestPercent(cell.width())
                .map(percent -> Words.of("fitter.at_width_front", percent))
                .orElse("");
        return FitWords.size(cell, fit.body()) + "\n" + state + most;
    }

    private void apply() {
        Desk desk = session.desk().get();
        Body of = bodies.get(body);
        chosen.ifPresent(cell -> desk.posture()
                .flatMap(posture -> FittedStep.in(posture, desk.choice().count(), cell, of))
                .ifPresent(changed -> session.apply(Edit.of(
                        Words.of("fitter.fit_stance"), project -> project.changePosture(changed.id(), _ -> changed)))));
    }
}
