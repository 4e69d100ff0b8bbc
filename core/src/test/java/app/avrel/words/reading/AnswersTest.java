package app.avrel.words.reading;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.body.Body;
import app.avrel.floor.Directions;
import app.avrel.floor.Heading;
import app.avrel.house.HouseRules;
import app.avrel.label.Language;
import app.avrel.motion.Starting;
import app.avrel.posture.StartPose;
import app.avrel.words.Wording;
import app.avrel.words.reading.frame.Question;
import java.util.Locale;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What could mean two things asks in the language of the line, and every answer settles it. */
class AnswersTest {

    private static final Body BODY = Body.ofStature(1.7);
    private static final Wording WORDING = new Wording(Directions.CLOCK, Heading.FRONT, HouseRules.LARGE_FRAME);

    private static LineReading read(Language language, String line) {
        return new Line(language, WORDING, BODY).read(line, Starting.of(StartPose.SHOULDER_WIDE, BODY));
    }

    @ParameterizedTest(name = "{1}")
    @CsvSource(
            delimiter = '|',
            value = {
                "ENGLISH|turn left|How far to the left?",
                "ENGLISH|turn the foot|Which foot?",
                "ENGLISH|palm up|Which hand?",
                "ENGLISH|turn 90|Which way round?",
                "ENGLISH|hold a ball at the chest|Which hand is above?",
                "ENGLISH|hands stacked|Which hand is above?",
                "SPANISH|gira a la izquierda|¿Cuánto a la izquierda?",
                "SPANISH|gira la cintura a la derecha|¿Cuánto a la derecha?",
                "SPANISH|gira el pie|¿Qué pie?",
                "SPANISH|palma arriba|¿Qué mano?",
                "SPANISH|sostén una pelota|¿Qué mano está arriba?",
                "SPANISH|manos una sobre otra|¿Qué mano está arriba?",
                "CHINESE|左转|向左转多少？",
                "CHINESE|腰向右转|向右转多少？",
                "CHINESE|掌心向上|哪只手？",
                "CHINESE|抱球|哪只手在上？",
                "CHINESE|两手上下相叠|哪只手在上？"
            })
    void everyAnswerSettlesTheQuestion(Language language, String line, String question) {
        LineReading asked = read(language, line);
        assertThat(asked.questions()).extracting(Question::question).containsExactly(question);
        Question one = asked.questions().getFirst();
        for (Question.Choice choice : one.choices()) {
            int at = line.toLowerCase(Locale.ROOT).indexOf(one.word());
            String answered = line.substring(0, at) + choice.add() + line.substring(at);
            LineReading settled = read(language, answered);
            assertThat(settled.questions()).as(answered).isEmpty();
            assertThat(settled.moves()).as(answered).isNotEmpty();
        }
    }

    @ParameterizedTest(name = "{1}")
    @CsvSource(
            delimiter = '|',
            value = {
                "ENGLISH|right hel out|Did you mean “heel”?",
                "SPANISH|sube el pie zurdísimo|no es una palabra que conozca",
                "CHINESE|左脚向前飞|不认识"
            })
    void whatIsNotKnownIsToldInTheLanguageOfTheLine(Language language, String line, String told) {
        assertThat(read(language, line).refusals())
                .anyMatch(refusal -> refusal.message().contains(told));
    }
}
