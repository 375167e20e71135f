package mischung.server.words;

import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import mischung.caution.CautionMessage;
import mischung.caution.CautionRule;
import mischung.hair.Elasticity;
import mischung.hair.ToneName;
import mischung.hair.ZonePlace;
import mischung.said.Figure;
import mischung.said.Message;
import mischung.said.Said;
import mischung.said.Unit;
import mischung.sequence.Durations;
import mischung.validation.Check;
import mischung.validation.Checks;
import mischung.wish.Weave;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.springframework.context.i18n.LocaleContextHolder;

/** Whether every message and every thing has its text in every language, with just its figures, and no text is left over. */
class CatalogueTest {
    /** Read once: it takes seconds. */
    private static final JavaClasses PROGRAM = new ClassFileImporter()
            .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
            .importPackages("mischung");

    private final Catalogue english = Catalogue.of(Language.EN);
    private final Catalogue german = Catalogue.of(Language.DE);

    /** Things with a word: every list that has one. */
    private static Set<String> things() {
        Set<String> keys = new TreeSet<>();
        PROGRAM.stream()
                .filter(JavaClass::isEnum)
                .filter(one -> one.tryGetMethod("words").isPresent())
                .forEach(one -> {
                    boolean choice = one.tryGetMethod("why").isPresent();
                    for (Object value : one.reflect().getEnumConstants()) {
                        String key = Figure.Named.of((Enum<?>) value).text();
                        keys.add(key);
                        if (choice) {
                            keys.add(key + ".why");
                        }
                    }
                });
        Durations.names().stream()
                .map(name -> "duration." + name.replace(' ', '_'))
                .forEach(key -> keys.addAll(List.of(key, key + ".unit")));
        Stream.concat(Stream.of(Check.Basis.values()), Stream.of(Unit.values()))
                .filter(one -> one != Unit.NONE)
                .forEach(one -> keys.add(Figure.Named.of(one).text()));
        Checks.notModelled()
                .forEach(rule -> keys.addAll(List.of("notModelled." + rule, "notModelled." + rule + ".why")));
        Checks.all().stream()
                .map(Check::rule)
                .filter(rule -> !rule.matches("R\\d+"))
                .forEach(part -> keys.add("modelPart." + part));
        ToneName.all().forEach(name -> keys.add("toneName." + name.replace(' ', '_')));
        // All hair has no name beside its parts.
        keys.remove(Figure.Named.of(Weave.ALL).text());
        return keys;
    }

    private static Set<Message> messages() {
        Set<Message> all = new HashSet<>(CautionMessage.all());
        PROGRAM.stream()
                .filter(one -> one.isEnum() && one.isAssignableTo(Message.class))
                .filter(one -> !one.isEquivalentTo(CautionMessage.class))
                .forEach(one ->
                        Stream.of(one.reflect().getEnumConstants()).forEach(message -> all.add((Message) message)));
        return all;
    }

    @Test
    void whatIsKeptIsFoundAgainByItsKey() {
        assertThat(Messages.all()).isEqualTo(messages());
    }

    private static Stream<String> rules() {
        return Stream.of(CautionRule.values()).map(rule -> "caution.rule." + rule.name());
    }

    @ParameterizedTest
    @EnumSource
    void everyMessageAndEveryThingHasItsTextAndNoTextIsLeftOver(Language language) {
        Set<String> asked = things();
        messages().stream().map(Message::key).forEach(asked::add);
        rules().forEach(asked::add);
        Catalogue catalogue = Catalogue.of(language);
        assertThat(catalogue.keys()).isEqualTo(asked);
        assertThat(asked).allSatisfy(key -> assertThat(catalogue.word(key)).isNotBlank());
    }

    @ParameterizedTest
    @EnumSource
    void noTextAsksForAFigureThatItsMessageHasNot(Language language) {
        Catalogue catalogue = Catalogue.of(language);
        assertThat(messages())
                .allSatisfy(message -> assertThat(message.figures())
                        .as(message.key())
                        .containsAll(catalogue.figuresOf(message.key())));
        assertThat(CautionMessage.values())
                .as("every figure is said, in the message or in what clears it")
                .allSatisfy(message -> assertThat(Stream.of(message, message.cleared())
                                .flatMap(one -> catalogue.figuresOf(one.key()).stream()))
                        .containsAll(message.figures()));
        assertThat(messages())
                .filteredOn(message -> !CautionMessage.all().contains(message))
                .allSatisfy(message -> assertThat(catalogue.figuresOf(message.key()))
                        .as(message.key())
                        .isEqualTo(message.figures()));
        Stream.concat(rules(), things().stream())
                .forEach(key -> assertThat(catalogue.figuresOf(key)).as(key).isEmpty());
    }

    @Test
    void aLanguageSaysNothingInAnothersWords() {
        assertThat(messages().stream()
                        .map(Message::key)
                        .filter(key -> english.word(key)
                                .replaceAll("\\{[^{}]*}", "")
                                .replaceAll("\\b(cm|mm|min|vol|in)\\b", "")
                                .chars()
                                .anyMatch(Character::isLetter)))
                .allSatisfy(key -> assertThat(german.word(key)).isNotEqualTo(english.word(key)));
    }

    @Test
    void whatTheModelLeavesOutIsInTheDocumentWithItsReason() throws IOException {
        String document = Files.readString(Path.of("..", "docs", "model.md")).replaceAll("\\s+", " ");
        assertThat(Checks.notModelled())
                .allSatisfy(rule -> assertThat(document)
                        .contains(rule + " | " + english.word("notModelled." + rule) + " | "
                                + english.word("notModelled." + rule + ".why")));
    }

    @Test
    void whoeverAsksIsAnsweredInTheLanguageOfTheRequest() {
        assertThat(Catalogue.spoken()).isSameAs(english);
        LocaleContextHolder.setLocale(Locale.GERMANY);
        try {
            assertThat(Catalogue.spoken().word(ZonePlace.NAPE)).isEqualTo("Nacken");
        } finally {
            LocaleContextHolder.resetLocaleContext();
        }
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
        assertThat(german.say(new Said(
                        CautionMessage.PATCH_TOO_OLD,
                        Map.of("day", new Figure.Day(LocalDate.of(2026, 9, 1)), "weeks", new Figure.Count(6)))))
                .startsWith("Der Verträglichkeitstest vom 1. September 2026 ist mehr als 6 Wochen alt");
        assertThat(german.say(Said.of(CautionMessage.MAKER_VOLUME, "volume", new Figure.Count(7.5))))
                .startsWith("7,5 vol sind mehr");
    }
}
