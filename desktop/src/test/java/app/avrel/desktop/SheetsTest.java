package app.avrel.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.desktop.shell.Sheets;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import javafx.css.CssParser;
import javafx.css.Rule;
import javafx.css.Stylesheet;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class SheetsTest {

    private static final Pattern COLOUR = Pattern.compile("#[0-9A-Fa-f]{3,8}\\b|rgba?\\(|\\b(white|black|red|gray)\\b");
    private static final Pattern ROLE = Pattern.compile("-avrel-[a-z-]+");
    private static final Pattern COMMENT = Pattern.compile("/\\*.*?\\*/", Pattern.DOTALL);

    static List<String> names() {
        return Sheets.NAMES;
    }

    private static String text(String name) throws IOException {
        try (InputStream in = Sheets.class.getResourceAsStream("/app/avrel/desktop/css/" + name + ".css")) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        }
    }

    @ParameterizedTest
    @MethodSource("names")
    void everySheetIsUnderstood(String name) throws IOException {
        CssParser.errorsProperty().clear();
        Stylesheet sheet = new CssParser().parse(text(name));
        assertThat(CssParser.errorsProperty()).isEmpty();
        assertThat(sheet.getRules()).isNotEmpty();
    }

    @ParameterizedTest
    @MethodSource("names")
    void everySelectorStartsAtTheWindow(String name) throws IOException {
        for (Rule rule : new CssParser().parse(text(name)).getRules()) {
            assertThat(rule.getSelectors())
                    .allMatch(selector -> selector.toString().startsWith("*.avrel"));
        }
    }

    @ParameterizedTest
    @MethodSource("names")
    void onlyTheThemeNamesColours(String name) throws IOException {
        boolean names =
                COLOUR.matcher(COMMENT.matcher(text(name)).replaceAll("")).find();
        assertThat(names).isEqualTo(name.equals("theme"));
    }

    @Test
    void lightAndDarkSettleTheSameRolesAndNoOtherRoleIsUsed() throws IOException {
        String theme = text("theme");
        int dark = theme.indexOf(".avrel:dark");
        Set<String> light = settled(theme.substring(0, dark));
        assertThat(settled(theme.substring(dark, theme.indexOf("/* What the base"))))
                .isEqualTo(light);
        for (String name : Sheets.NAMES) {
            Set<String> used = ROLE.matcher(text(name))
                    .results()
                    .map(match -> match.group())
                    .collect(Collectors.toSet());
            assertThat(light).as(name).containsAll(used);
        }
    }

    private static Set<String> settled(String block) {
        return Pattern.compile("(-avrel-[a-z-]+):")
                .matcher(block)
                .results()
                .map(match -> match.group(1))
                .collect(Collectors.toCollection(TreeSet::new));
    }

    /** Small text needs a contrast of 4.5 to 1 on paper, on panels and on raised fields, light and dark. */
    @Test
    void textIsLegibleOnEveryGround() throws IOException {
        String theme = text("theme");
        int dark = theme.indexOf(".avrel:dark");
        for (String block : List.of(theme.substring(0, dark), theme.substring(dark))) {
            for (String words : List.of("ink", "soft", "left-text", "right-text", "accent", "caution")) {
                for (String ground : List.of("paper", "raised")) {
                    assertThat(contrast(colour(block, words), colour(block, ground)))
                            .as("%s on %s", words, ground)
                            .isGreaterThanOrEqualTo(4.5);
                }
            }
            assertThat(contrast(colour(block, "soft"), colour(block, "panel"))).isGreaterThanOrEqualTo(4.5);
        }
    }

    private static int colour(String block, String role) {
        var matcher = Pattern.compile("-avrel-" + role + ": #([0-9A-F]{6});").matcher(block);
        assertThat(matcher.find()).as(role).isTrue();
        return Integer.parseInt(matcher.group(1), 16);
    }

    private static double contrast(int one, int other) {
        double a = luminance(one) + 0.05;
        double b = luminance(other) + 0.05;
        return Math.max(a, b) / Math.min(a, b);
    }

    private static double luminance(int rgb) {
        return 0.2126 * linear(rgb >> 16 & 255) + 0.7152 * linear(rgb >> 8 & 255) + 0.0722 * linear(rgb & 255);
    }

    private static double linear(int channel) {
        double share = channel / 255.0;
        return share <= 0.04045 ? share / 12.92 : Math.pow((share + 0.055) / 1.055, 2.4);
    }
}
