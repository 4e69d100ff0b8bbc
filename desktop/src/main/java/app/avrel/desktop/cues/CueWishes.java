package app.avrel.desktop.cues;

import app.avrel.cue.CueOrder;
import app.avrel.cue.NamePlace;
import app.avrel.cue.Viewpoint;
import app.avrel.desktop.parts.Texts;
import app.avrel.desktop.parts.Tips;
import app.avrel.desktop.session.Desk;
import app.avrel.desktop.words.Words;
import app.avrel.house.HouseRule;
import app.avrel.house.HouseRules;
import app.avrel.label.Language;
import app.avrel.lesson.Lesson;
import app.avrel.posture.count.CueLevel;
import app.avrel.words.say.Layer;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import javafx.scene.control.CheckBox;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.RadioButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.VBox;

/** What is asked of the script: of what, how much, what of it, in which language. */
final class CueWishes extends VBox {

    private final MenuButton what = menu(Words.of("cues.script"));
    private final MenuButton language = menu(Words.of("cues.language_script"));
    private final CueTimes times = new CueTimes(this::asked);
    private final List<RadioButton> levels = new ArrayList<>();
    private final List<RadioButton> layers = new ArrayList<>();
    private final MenuButton names = menu(Words.of("cues.where_names_called"));
    private final CheckBox ordinals = new CheckBox(Words.of("cues.which_time"));
    private final CheckBox numbers = new CheckBox(Words.of("cues.numbers_counts"));
    private final CheckBox breath = new CheckBox(Words.of("common.breath"));
    private final CheckBox mirror = new CheckBox(Words.of("common.sides_as_mirror"));
    private Consumer<UnaryOperator<CueWish>> ask = _ -> {};
    private HouseRules house = HouseRules.LARGE_FRAME;
    private boolean showing;

    CueWishes() {
        getStyleClass().add("cue-wishes");
        getChildren().addAll(what, Texts.wrapped(Words.of("cues.how_much_said"), "section"));
        howMuch();
        getChildren().add(Texts.wrapped(Words.of("cues.what_of_it"), "section"));
        whatOfIt();
        getChildren().add(Texts.wrapped(Words.of("cues.beside_moves"), "section"));
        besideMoves();
        getChildren().addAll(Texts.wrapped(Words.of("common.language"), "section"), language, times);
        for (int i = 0; i < languages().size(); i++) {
            Language chosen = Language.values()[i];
            item(
                    language,
                    languages().get(i),
                    wish -> wish.withOrder(wish.order().withLanguage(chosen)));
        }
    }

    private void howMuch() {
        ToggleGroup much = new ToggleGroup();
        level(much, Words.of("cues.shorter_each_time"), Words.of("cues.was_said_at"), Optional.empty());
        level(much, Words.of("cues.explain"), Words.of("cues.whole_sentences_every"), Optional.of(CueLevel.EXPLAIN));
        level(much, Words.of("common.guide"), Words.of("cues.short_sentences_only"), Optional.of(CueLevel.GUIDE));
        level(much, Words.of("cues.call"), Words.of("cues.two_or_three"), Optional.of(CueLevel.PROMPT));
        level(much, Words.of("common.count"), Words.of("cues.numbers_only"), Optional.of(CueLevel.COUNT));
    }

    private void whatOfIt() {
        ToggleGroup of = new ToggleGroup();
        layer(of, Words.of("cues.everything"), Layer.EVERYTHING);
        layer(of, Words.of("cues.feet_only"), Layer.FEET);
        layer(of, Words.of("cues.feet_body"), Layer.FEET_AND_BODY);
        layer(of, Words.of("cues.hands_only"), Layer.HANDS);
        layer(of, Words.of("cues.breath_only"), Layer.BREATH);
    }

    private void besideMoves() {
        List.of(ordinals, numbers, breath, mirror).forEach(box -> {
            box.setWrapText(true);
            box.setMinHeight(CheckBox.USE_PREF_SIZE);
        });
        getChildren().add(names);
        item(
                names,
                Words.of("cues.names_as_house"),
                wish -> wish.withOrder(wish.order().withNames(Optional.empty())));
        for (NamePlace place : NamePlace.values()) {
            item(names, words(place), wish -> wish.withOrder(wish.order().withNames(place)));
        }
        box(ordinals, (order, on) -> order.withOrdinals(asHouse(HouseRule.CALL_ORDINAL, 0, on)));
        box(numbers, (order, on) -> order.withNumbers(asHouse(HouseRule.CALL_NUMBER, 1, on)));
        box(breath, (order, on) -> order.withBreath(asHouse(HouseRule.CALL_BREATH, 0, on)));
        box(mirror, (order, on) -> order.withView(on ? Viewpoint.MIRROR : Viewpoint.OWN));
        Tips.give(mirror, Words.of("cues.name_sides_those"));
    }

    private static MenuButton menu(String says) {
        MenuButton menu = new MenuButton();
        menu.getStyleClass().addAll("flat", "wide-menu");
        menu.setMaxWidth(Double.MAX_VALUE);
        menu.setAccessibleText(says);
        return menu;
    }

    private static String words(NamePlace place) {
        return switch (place) {
            case BEFORE -> Words.of("cues.names_before");
            case LAST -> Words.of("cues.names_last");
            case NEVER -> Words.of("cues.no_names");
        };
    }

    /** What the house answers anyway is left to it, and to postures that answer otherwise. */
    private Optional<Boolean> asHouse(HouseRule rule, int yes, boolean on) {
        return on == (house.get(rule) == yes) ? Optional.empty() : Optional.of(on);
    }

    private void level(ToggleGroup group, String words, String says, Optional<CueLevel> level) {
        RadioButton button =
                radio(group, words, wish -> wish.withOrder(wish.order().withLevel(level)));
        button.setUserData(level);
        Tips.give(button, says);
        levels.add(button);
    }

    private void layer(ToggleGroup group, String words, Layer layer) {
        RadioButton button =
                radio(group, words, wish -> wish.withOrder(wish.order().withLayer(layer)));
        button.setUserData(layer);
        layers.add(button);
    }

    private RadioButton radio(ToggleGroup group, String words, UnaryOperator<CueWish> wish) {
        RadioButton button = new RadioButton(words);
        button.setToggleGroup(group);
        button.setWrapText(true);
        button.setOnAction(_ -> asked(wish));
        getChildren().add(button);
        return button;
    }

    private interface Flag {
        CueOrder with(CueOrder order, boolean on);
    }

    private void box(CheckBox box, Flag flag) {
        box.setOnAction(_ -> asked(wish -> wish.withOrder(flag.with(wish.order(), box.isSelected()))));
        getChildren().add(box);
    }

    private void item(MenuButton menu, String words, UnaryOperator<CueWish> wish) {
        MenuItem item = Texts.item(words);
        item.setOnAction(_ -> asked(wish));
        menu.getItems().add(item);
    }

    private void asked(UnaryOperator<CueWish> wish) {
        if (!showing) {
            ask.accept(wish);
        }
    }

    void show(Desk desk, CueWish wish, Consumer<UnaryOperator<CueWish>> asker) {
        showing = true;
        ask = asker;
        CueOrder order = wish.order();
        whats(desk, wish);
        levels.forEach(button -> button.setSelected(button.getUserData().equals(order.level())));
        layers.forEach(button -> button.setSelected(button.getUserData() == order.layer()));
        house = desk.saying().rules();
        names.setText(order.names().map(CueWishes::words).orElseGet(() -> Words.of("cues.names_as_house")));
        ordinals.setSelected(order.ordinals().orElseGet(() -> house.get(HouseRule.CALL_ORDINAL) == 0));
        numbers.setSelected(order.numbers().orElseGet(() -> house.get(HouseRule.CALL_NUMBER) == 1));
        breath.setSelected(order.breath().orElseGet(() -> house.get(HouseRule.CALL_BREATH) == 0));
        mirror.setSelected(order.view() == Viewpoint.MIRROR);
        language.setText(languages().get(order.language().ordinal()));
        times.show(order);
        showing = false;
    }

    private void whats(Desk desk, CueWish wish) {
        what.getItems().clear();
        item(what, desk.form().name(), one -> one.ofLesson(-1));
        List<Lesson> lessons = desk.project().lessons();
        for (int i = 0; i < lessons.size(); i++) {
            int lesson = i;
            item(what, (i + 1) + "  " + lessons.get(i).title(), one -> one.ofLesson(lesson));
        }
        boolean ofForm = wish.lesson() < 0 || wish.lesson() >= lessons.size();
        what.setText(ofForm ? desk.form().name() : lessons.get(wish.lesson()).title());
    }

    private static List<String> languages() {
        return List.of(Words.of("common.english"), Words.of("cues.spanish"), Words.of("cues.chinese"));
    }
}
