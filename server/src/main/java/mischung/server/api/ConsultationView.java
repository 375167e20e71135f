package mischung.server.api;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.time.format.DateTimeParseException;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import mischung.consultation.Answer;
import mischung.consultation.Consultation;
import mischung.consultation.CutStrand;
import mischung.consultation.HomeColour;
import mischung.consultation.Keep;
import mischung.consultation.PatchTest;
import mischung.consultation.Scalp;
import mischung.said.RefusedInput;
import mischung.server.words.ProblemMessage;

/** What was asked and told. */
public record ConsultationView(
        @Schema(description = "the wish in the client's own words")
        String wish,

        List<Keep> keeps,

        @Schema(description = "what may be cut off, 0–100 cm")
        double trimCm,

        @Schema(description = "0: not said") double budget,

        @Schema(description = "hours the client has, 0: not said")
        double hours,

        @Schema(description = "weeks between visits the client accepts, 0: not said")
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

        @Schema(description = "when the patch test was laid, as 2026-11-23T17:30; empty: none")
        String patchPlaced,

        @Schema(
                description =
                        "when it was read, as 2026-11-25T18:00; empty: not yet. Left empty beside a result that is new,"
                                + " it is the moment the result was saved")
        String patchRead,

        PatchTest.Result patchResult,
        HomeColour homeColour,
        CutStrand cutStrand) {

    static ConsultationView unasked() {
        return of(Consultation.unasked());
    }

    private static ConsultationView of(Consultation told) {
        return new ConsultationView(
                told.wish(),
                List.copyOf(told.keeps()),
                told.trimCm(),
                told.budget(),
                told.hours(),
                told.upkeepWeeks(),
                told.earlierReaction(),
                told.blackTattoo(),
                told.allergies(),
                told.scalp(),
                told.asthma(),
                told.medication(),
                told.medicationWords(),
                told.pregnant(),
                told.underAge(),
                told.guardianAgreed(),
                told.patchTest().placed().map(ConsultationView::text).orElse(""),
                told.patchTest().read().map(ConsultationView::text).orElse(""),
                told.patchTest().result(),
                told.homeColour(),
                told.cutStrand());
    }

    private static String text(ZonedDateTime at) {
        return at.toLocalDateTime().truncatedTo(ChronoUnit.MINUTES).toString();
    }

    private static Optional<ZonedDateTime> moment(String field, String text) {
        if (text.isEmpty()) {
            return Optional.empty();
        }
        try {
            return Optional.of(LocalDateTime.parse(text).atZone(ZoneId.systemDefault()));
        } catch (DateTimeParseException e) {
            throw new RefusedInput(field, text, ProblemMessage.DAY_AND_HOUR);
        }
    }

    /** Where a result is new and nobody noted when it was read, it was read now. */
    ConsultationView readBy(ConsultationView before, ZonedDateTime now) {
        boolean isNew = patchResult != PatchTest.Result.NOT_READ && before.patchResult != patchResult;
        String read = patchResult == PatchTest.Result.NOT_READ
                ? ""
                : isNew && patchRead.equals(before.patchRead) ? text(now) : patchRead;
        return new ConsultationView(
                wish,
                keeps,
                trimCm,
                budget,
                hours,
                upkeepWeeks,
                earlierReaction,
                blackTattoo,
                allergies,
                scalp,
                asthma,
                medication,
                medicationWords,
                pregnant,
                underAge,
                guardianAgreed,
                patchPlaced,
                read,
                patchResult,
                homeColour,
                cutStrand);
    }

    Consultation checked() {
        Set<Keep> kept = new TreeSet<>(CaseFile.eachOf("keeps", keeps, keep -> keep));
        return new Consultation(
                wish,
                kept,
                trimCm,
                budget,
                hours,
                upkeepWeeks,
                earlierReaction,
                blackTattoo,
                allergies,
                scalp,
                asthma,
                medication,
                medicationWords,
                pregnant,
                underAge,
                guardianAgreed,
                new PatchTest(moment("patchPlaced", patchPlaced), moment("patchRead", patchRead), patchResult),
                homeColour,
                cutStrand);
    }

    /** As the beginning of another visit: what can have changed since is asked again. */
    ConsultationView again() {
        return new ConsultationView(
                "",
                keeps,
                trimCm,
                budget,
                hours,
                upkeepWeeks,
                asAsked(earlierReaction),
                asAsked(blackTattoo),
                allergies,
                Scalp.NOT_LOOKED_AT,
                asAsked(asthma),
                Answer.NOT_ASKED,
                medicationWords,
                Answer.NOT_ASKED,
                asAsked(underAge),
                false,
                "",
                "",
                PatchTest.Result.NOT_READ,
                homeColour.suspicious() ? homeColour : HomeColour.NOT_ASKED,
                CutStrand.NOT_TESTED);
    }

    /** What was once so stays so; what was not may have come since. */
    private static Answer asAsked(Answer answer) {
        return answer == Answer.YES ? Answer.YES : Answer.NOT_ASKED;
    }
}
