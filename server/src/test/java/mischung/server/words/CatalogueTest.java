package mischung.server.words;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import mischung.caution.CautionMessage;
import mischung.caution.CautionRule;
import mischung.consult.HomeColour;
import mischung.hair.Elasticity;
import mischung.history.Service;
import mischung.said.Figure;
import mischung.said.Message;
import mischung.said.Said;
import org.junit.jupiter.api.Test;

/** Whether every message has its text, with just its figures, and no text is left over. */
class CatalogueTest {
    private final Catalogue english = Catalogue.ENGLISH;

    private static Stream<String> words() {
        return Stream.of(
                        Stream.of(CautionRule.values()).map(rule -> "caution.rule." + rule.name()),
                        Stream.of(HomeColour.values())
                                .filter(HomeColour::suspicious)
                                .map(one -> Figure.Named.of(one).text()),
                        Stream.of(Service.values())
                                .filter(service -> service.family() == Service.Family.DEPOSIT_OF_RISK)
                                .map(one -> Figure.Named.of(one).text()),
                        Stream.of(Elasticity.values())
                                .map(one -> Figure.Named.of(one).text()))
                .flatMap(keys -> keys);
    }

    @Test
    void everyMessageHasItsTextAndNoTextIsLeftOver() {
        Set<String> asked = new TreeSet<>();
        CautionMessage.all().stream().map(Message::key).forEach(asked::add);
        words().forEach(asked::add);
        assertThat(english.keys()).isEqualTo(asked);
        assertThat(asked).allSatisfy(key -> assertThat(english.word(key)).isNotBlank());
    }

    @Test
    void noTextAsksForAFigureThatItsMessageHasNot() {
        assertThat(CautionMessage.all())
                .allSatisfy(message ->
                        assertThat(message.figures()).as(message.key()).containsAll(english.figuresOf(message.key())));
        assertThat(CautionMessage.values())
                .as("every figure is said, in the message or in what clears it")
                .allSatisfy(message -> assertThat(Stream.of(message, message.cleared())
                                .flatMap(one -> english.figuresOf(one.key()).stream()))
                        .containsAll(message.figures()));
        words().forEach(key -> assertThat(english.figuresOf(key)).as(key).isEmpty());
    }

    @Test
    void figuresAreWrittenAsThisLanguageWritesThem() {
        assertThat(english.say(new Said(
                        CautionMessage.PATCH_TOO_OLD,
                        Map.of("day", new Figure.Day(LocalDate.of(2026, 9, 1)), "weeks", new Figure.Count(6)))))
                .isEqualTo("The patch test of 1 September 2026 is more than 6 weeks old; skin changes its mind.");
        assertThat(english.say(Said.of(CautionMessage.MAKER_VOLUME, "volume", new Figure.Count(7.5))))
                .startsWith("7.5 vol is more");
        assertThat(english.say(Said.of(CautionMessage.REACTED_TO, "allergies", new Figure.Typed("{nickel}, 'latex'"))))
                .contains("({nickel}, 'latex')");
        assertThat(english.say(
                        Said.of(CautionMessage.STRENGTH_AFTER, "stretch", Figure.Named.of(Elasticity.STAYS_STRETCHED))))
                .startsWith("By this the hair stays stretched.");
    }
}
