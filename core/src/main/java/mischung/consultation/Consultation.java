package mischung.consultation;

import java.time.LocalDate;
import java.util.Collections;
import java.util.EnumSet;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Stream;
import mischung.Constants;
import mischung.said.RefusalMessage;
import mischung.said.RefusedInput;
import mischung.said.Unit;

/**
 * What is asked and told before the work, in the order it is asked.
 *
 * <table>
 * <caption>components</caption>
 * <tr><td>wish</td><td>in the client's own words</td><td>up to 2000 characters</td></tr>
 * <tr><td>keeps</td><td>what must stay</td><td></td></tr>
 * <tr><td>trimCm</td><td>what may be cut off</td><td>0–100 cm</td></tr>
 * <tr><td>budget</td><td>in the house's money, 0: not said</td><td>0–100 000</td></tr>
 * <tr><td>hours</td><td>the client has, 0: not said</td><td>0–24</td></tr>
 * <tr><td>upkeepWeeks</td><td>how often the client will come, 0: not said</td><td>0–104</td></tr>
 * <tr><td>earlierReaction</td><td>to hair colour or its like, ever</td><td></td></tr>
 * <tr><td>blackTattoo</td><td>a reaction to a temporary black henna tattoo</td><td></td></tr>
 * <tr><td>guardianAgreed</td><td>for the under-aged, where local law lets a guardian agree</td><td></td></tr>
 * </table>
 */
public record Consultation(
        String wish,
        Set<Keep> keeps,
        double trimCm,
        double budget,
        double hours,
        double upkeepWeeks,
        Answer earlierReaction,
        Answer blackTattoo,
        String allergies,
        Scalp scalp,
        Answer asthma,
        Answer medication,
        String medicationWords,
        Answer pregnant,
        Answer underAge,
        boolean guardianAgreed,
        PatchTest patchTest,
        HomeColour homeColour,
        CutStrand cutStrand) {
    public static final int LONGEST_TEXT = 2000;

    public Consultation {
        wish = text("wish", wish);
        allergies = text("allergies", allergies);
        medicationWords = text("medicationWords", medicationWords);
        EnumSet<Keep> kept = EnumSet.noneOf(Keep.class);
        kept.addAll(keeps);
        keeps = Collections.unmodifiableSet(kept);
        RefusedInput.within("trimCm", trimCm, 0, 100, Unit.CM);
        RefusedInput.within("budget", budget, 0, 100_000, Unit.NONE);
        RefusedInput.within("hours", hours, 0, 24, Unit.HOURS);
        RefusedInput.within("upkeepWeeks", upkeepWeeks, 0, 104, Unit.WEEKS);
    }

    private static String text(String field, String told) {
        if (told.length() > LONGEST_TEXT) {
            throw new RefusedInput(
                    field,
                    told.length(),
                    RefusalMessage.CHARACTERS_AT_MOST
                            .say()
                            .count("most", LONGEST_TEXT)
                            .said());
        }
        for (int i = 0; i < told.length(); i++) {
            char c = told.charAt(i);
            boolean pair = i + 1 < told.length() && Character.isSurrogatePair(c, told.charAt(i + 1));
            if ((Character.isISOControl(c) && c != '\n' && c != '\t') || (Character.isSurrogate(c) && !pair)) {
                throw new RefusedInput(field, String.format(Locale.ROOT, "U+%04X", (int) c), RefusalMessage.CHARACTER);
            }
            i += pair ? 1 : 0;
        }
        return told;
    }

    /** How many of the questions that decide over the work nobody has asked yet, 0–8. */
    public int questionsOpen() {
        long answers = Stream.of(earlierReaction, blackTattoo, asthma, medication, pregnant, underAge)
                .filter(answer -> answer == Answer.NOT_ASKED)
                .count();
        return (int) answers + (scalp == Scalp.NOT_LOOKED_AT ? 1 : 0) + (homeColour == HomeColour.NOT_ASKED ? 1 : 0);
    }

    /** When the client should come again after work done on {@code day}: as accepted, otherwise by R71. */
    public LocalDate comesAgain(LocalDate day) {
        double weeks = upkeepWeeks > 0 ? upkeepWeeks : Constants.in("caution").of("usual upkeep");
        return day.plusDays(Math.round(7 * weeks));
    }

    /** Nothing asked yet. */
    public static Consultation unasked() {
        return new Consultation(
                "",
                Set.of(),
                0,
                0,
                0,
                0,
                Answer.NOT_ASKED,
                Answer.NOT_ASKED,
                "",
                Scalp.NOT_LOOKED_AT,
                Answer.NOT_ASKED,
                Answer.NOT_ASKED,
                "",
                Answer.NOT_ASKED,
                Answer.NOT_ASKED,
                false,
                PatchTest.NONE,
                HomeColour.NOT_ASKED,
                CutStrand.NOT_TESTED);
    }
}
