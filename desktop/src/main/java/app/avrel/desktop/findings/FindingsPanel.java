package app.avrel.desktop.findings;

import app.avrel.desktop.parts.Buttons;
import app.avrel.desktop.parts.ChoiceField;
import app.avrel.desktop.parts.Scroller;
import app.avrel.desktop.parts.Texts;
import app.avrel.desktop.session.Desk;
import app.avrel.desktop.words.Words;
import app.avrel.rules.Finding;
import app.avrel.rules.Severity;
import app.avrel.rules.Where;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import javafx.css.PseudoClass;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.kordamp.ikonli.feather.Feather;

/**
 * All findings over the card: what matters most first, filtered by place and weight, walked with one key. It stays open
 * while one mends.
 */
public final class FindingsPanel extends VBox {

    /** Rows at once: nobody reads more, and a school of two thousand postures has thousands. */
    private static final int MOST = 200;

    private final FindingActions actions;
    private final Label title = Texts.wrapped("", "card-title");
    private final ChoiceField place = new ChoiceField(Words.of("findings.which_place"));
    private final ChoiceField weight = new ChoiceField(Words.of("findings.how_serious"));
    private final VBox list = new VBox();
    private final Scroller scroll = new Scroller(list);
    private int placeAt;
    private int weightAt;
    private List<Finding> shown = List.of();

    /** @param close puts the panel away */
    public FindingsPanel(FindingActions actions, Runnable close) {
        this.actions = actions;
        getStyleClass().add("findings-panel");
        list.getStyleClass().add("findings");

        VBox.setVgrow(scroll, Priority.ALWAYS);
        HBox.setHgrow(title, Priority.ALWAYS);
        title.setMaxWidth(Double.MAX_VALUE);
        HBox head = new HBox(
                title,
                Buttons.icon(Feather.CHEVRON_DOWN, Words.of("findings.next_finding_f9"), this::next),
                Buttons.icon(Feather.X, Words.of("findings.put_findings_away"), close));
        head.getStyleClass().add("findings-head");
        HBox filters = new HBox(place, weight);
        filters.getStyleClass().add("findings-filters");
        HBox.setHgrow(place, Priority.ALWAYS);
        HBox.setHgrow(weight, Priority.ALWAYS);
        getChildren().addAll(head, filters, scroll);
    }

    /** Shows the findings of a desk. */
    public void show(Desk desk) {
        choices();
        shown = desk.survey().findings().stream()
                .filter(finding -> weighs(finding) && lies(finding, desk))
                .sorted(Comparator.comparing(Finding::severity).reversed())
                .toList();
        Texts.set(title, shown.size() + (shown.size() == 1 ? Words.of("common.finding") : Words.of("common.findings")));
        items(desk);
        standing(desk);
        list.getChildren().add(Texts.wrapped(care(), "quiet"));
    }

    /** Where one looks, and for how much. */
    private void choices() {
        place.show(
                List.of(Words.of("findings.everywhere"), Words.of("findings.posture"), Words.of("findings.form")),
                placeAt,
                at -> {
                    placeAt = at;
                    show(actions.session().desk().get());
                });
        weight.show(
                List.of(
                        Words.of("findings.warnings"),
                        Words.of("findings.cautions_only"),
                        Words.of("findings.notes_too")),
                weightAt,
                at -> {
                    weightAt = at;
                    show(actions.session().desk().get());
                });
    }

    private void items(Desk desk) {
        list.getChildren()
                .setAll(shown.stream()
                        .limit(MOST)
                        .map(finding -> item(finding, desk))
                        .toList());
        if (shown.size() > MOST) {
            list.getChildren().add(Texts.wrapped(Words.of("findings.more_not_shown", shown.size() - MOST), "quiet"));
        }
        if (shown.isEmpty()) {
            int elsewhere = desk.survey().findings().size();
            list.getChildren()
                    .add(Texts.wrapped(
                            elsewhere == 0
                                    ? Words.of("findings.no_problems_record")
                                    : Words.of("findings.nothing_here_elsewhere", elsewhere),
                            "empty"));
        }
    }

    private boolean weighs(Finding finding) {
        return switch (weightAt) {
            case 0 -> finding.serious();
            case 1 -> finding.severity() == Severity.CAUTION;
            default -> true;
        };
    }

    private boolean lies(Finding finding, Desk desk) {
        return switch (placeAt) {
            case 1 ->
                finding.where() instanceof Where.InPosture(var id, var _)
                        && desk.choice().posture().equals(Optional.of(id));
            case 2 ->
                finding.where() instanceof Where.InForm(var id, var _, var _)
                        && desk.choice().form().equals(id);
            default -> true;
        };
    }

    private FindingItem item(Finding finding, Desk desk) {
        boolean selected = desk.selected().equals(Optional.of(finding));
        return new FindingItem(finding, Places.words(finding.where(), desk.project()), selected, actions);
    }

    /** What was let stand, with its reason. */
    private void standing(Desk desk) {
        List<Finding> standing = desk.survey().standing();
        if (!standing.isEmpty()) {
            list.getChildren().add(Texts.of(Words.of("findings.accepted"), "section"));
        }
        for (Finding finding : standing) {
            String reason = desk.project().reason(finding).orElse("");
            VBox box = new VBox(
                    Texts.wrapped(Places.words(finding.where(), desk.project()), "finding-place"),
                    Texts.wrapped(finding.headline() + ": " + reason, "finding-sentence"),
                    Buttons.words(
                            Words.of("findings.reopen"),
                            Words.of("findings.take_acceptance_back"),
                            () -> actions.lookAgain(finding)));
            box.getStyleClass().add("finding");
            box.pseudoClassStateChanged(PseudoClass.getPseudoClass("note"), true);
            list.getChildren().add(box);
        }
    }

    /** Goes to the finding after the selected one, and round to the first. */
    public void next() {
        if (!shown.isEmpty()) {
            int at = actions.session()
                    .desk()
                    .get()
                    .selected()
                    .map(shown::indexOf)
                    .orElse(-1);
            int to = (at + 1) % shown.size();
            actions.select(shown.get(to));
            list.getChildren().stream().skip(to).findFirst().ifPresent(this::reveal);
        }
    }

    private void reveal(javafx.scene.Node item) {
        double height = list.getHeight() - scroll.getViewportBounds().getHeight();
        if (height > 0) {
            scroll.setVvalue(Math.clamp(item.getBoundsInParent().getMinY() / height, 0, 1));
        }
    }

    /** Mends the selected finding, if it can be mended. */
    public void mend() {
        actions.session().desk().get().selected().filter(shown::contains).ifPresent(actions::mend);
    }

    private static String care() {
        return Words.of("common.general_teaching_guidance");
    }
}
