package app.avrel.words.say;

import app.avrel.label.Language;
import app.avrel.posture.count.Breath;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.IntStream;

/** What is called beside the moves: numbers, ordinals, the breath, the other side. */
public final class Calling {

    private final PhraseBook book;

    public Calling(Language language) {
        book = PhraseBook.of(language);
    }

    /** {@return the number of a count, from 1} */
    public String number(int number) {
        return spoken("numbers", number);
    }

    /** {@return such as {@code third time}, from 1} */
    public String time(int nth) {
        return book.say(Register.CALL, "time", Slots.none().text("nth", spoken("ordinals", nth)));
    }

    /** {@return the number that a word says, from 1} */
    public OptionalInt numberSaid(String word) {
        if (word.matches("\\d{1,2}")) {
            return OptionalInt.of(Integer.parseInt(word));
        }
        int at = List.of(book.say(Register.CALL, "numbers").split(" ")).indexOf(word);
        return at < 0 ? OptionalInt.empty() : OptionalInt.of(at + 1);
    }

    /** {@return which time some words say it is, such as {@code third time}} */
    public OptionalInt timeSaid(String words) {
        int most = book.say(Register.CALL, "ordinals").split(" ").length;
        return IntStream.rangeClosed(1, most)
                .filter(nth -> time(nth).equals(words))
                .findFirst();
    }

    /** {@return what is called where nothing moves} */
    public String stay() {
        return book.say(Register.CALL, "stay");
    }

    public String otherSide() {
        return book.say(Register.CALL, "other_side");
    }

    private String spoken(String list, int number) {
        String[] words = book.say(Register.CALL, list).split(" ");
        return number <= words.length ? words[number - 1] : Integer.toString(number);
    }

    /** {@return what is said of a breath; nothing where it is free} */
    public Optional<String> breath(Breath breath, boolean briefly) {
        return breath == Breath.FREE
                ? Optional.empty()
                : Optional.of(book.say(
                        briefly ? Register.CALL : Register.GUIDE,
                        "breath." + breath.name().toLowerCase(Locale.ROOT)));
    }
}
