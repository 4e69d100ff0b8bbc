package app.avrel.desktop.help;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.layout.GridPane;
import javafx.scene.text.Text;
import javafx.scene.text.TextFlow;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.framework.junit5.ApplicationExtension;

@ExtendWith(ApplicationExtension.class)
class GuideTextTest {

    private static List<Node> blocks(String markdown) {
        return new GuideText(markdown).getChildren();
    }

    private static String words(Node node) {
        return switch (node) {
            case Text text -> text.getText();
            case Parent parent ->
                parent.getChildrenUnmodifiable().stream()
                        .map(GuideTextTest::words)
                        .collect(Collectors.joining());
            default -> "";
        };
    }

    @Test
    void aHeadingIsSetAsItsLevelSays() {
        Node heading = blocks("## Record a posture").getFirst();
        assertThat(words(heading)).isEqualTo("Record a posture");
        assertThat(heading.getStyleClass()).contains("guide-heading-2");
    }

    @Test
    void linesOfAParagraphAreOneAndEmptyLinesPartThem() {
        assertThat(blocks("one\ntwo\n\nthree").stream().map(GuideTextTest::words))
                .containsExactly("one two", "three");
    }

    @Test
    void everyPointOfAListHasItsDot() {
        assertThat(blocks("* shift\n* step\n").stream().map(GuideTextTest::words))
                .containsExactly("•  shift", "•  step");
    }

    @Test
    void keysAndWhatIsStressedAreMarked() {
        TextFlow flow = (TextFlow) blocks("press `Ctrl+K` **now**").getFirst();
        assertThat(flow.getChildren().stream().flatMap(text -> text.getStyleClass().stream()))
                .containsExactly("guide-plain", "guide-code", "guide-plain", "guide-strong");
    }

    @Test
    void aTableHasItsCellsInRows() {
        GridPane table = (GridPane)
                blocks("| key | does |\n|---|---|\n| `F1` | help |\n").getFirst();
        assertThat(table.getRowCount()).isEqualTo(2);
        assertThat(table.getColumnCount()).isEqualTo(2);
        assertThat(table.getChildren().stream().map(GuideTextTest::words)).containsExactly("key", "does", "F1", "help");
    }

    @Test
    void picturesAreLeftOut() {
        assertThat(words(blocks("before ![a room](room.png) after").getFirst())).isEqualTo("before  after");
    }

    @Test
    void theGuideThatShipsIsReadToItsEnd() {
        List<Node> blocks = blocks(About.guide());
        assertThat(words(blocks.getFirst())).isEqualTo("The guide");
        assertThat(blocks).hasSizeGreaterThan(60);
        assertThat(blocks.stream().flatMap(GuideTextTest::all).map(GuideTextTest::words))
                .noneMatch(words -> words.contains("|---") || words.contains("**") || words.startsWith("#"));
    }

    private static Stream<Node> all(Node node) {
        return node instanceof Parent parent
                ? Stream.concat(
                        Stream.of(node),
                        parent.getChildrenUnmodifiable().stream().flatMap(GuideTextTest::all))
                : Stream.of(node);
    }

    @Test
    void theVersionIsANumber() {
        assertThat(About.version()).matches("\\d+\\.\\d+\\.\\d+(-SNAPSHOT)?");
    }
}
