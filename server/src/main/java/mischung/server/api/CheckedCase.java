package mischung.server.api;

import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZonedDateTime;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import mischung.caution.CautionOverride;
import mischung.caution.Cautions;
import mischung.consultation.Consultation;
import mischung.hair.Head;
import mischung.hair.Zone;
import mischung.history.History;
import mischung.history.Service;
import mischung.history.StrandHistory;
import mischung.plan.PlanningContext;
import mischung.plan.Round;
import mischung.product.ProductRange;
import mischung.school.Method;
import mischung.uncertainty.Calibration;
import mischung.wish.Wish;

/** A case in the core's own types: everything in it can be. */
record CheckedCase(
        String clientName,
        LocalDate date,
        LocalTime startTime,
        Head head,
        Wish wish,
        Method method,
        Set<String> notWanted,
        String route,
        List<Round> ownRoute,
        Map<String, Integer> moved,
        Consultation consultation,
        History history,
        List<StrandTestView> strandTests,
        List<CautionOverride> takenOn) {

    /**
     * Everything plans for it are made with.
     *
     * @param range less what is not wanted here
     * @param useFactor of this client and house
     */
    PlanningContext desk(Calibration known, ProductRange range, double useFactor) {
        return new PlanningContext(head, wish, range.without(notWanted), known, history.washesPerWeek(), useFactor);
    }

    /** @param now by the program's clock */
    Cautions cautions(ZonedDateTime now) {
        Set<Service> onTheHair = EnumSet.noneOf(Service.class);
        for (Zone zone : head.zones()) {
            StrandHistory past = StrandHistory.of(history, zone.strand().lengthCm(), date);
            Arrays.stream(Service.values()).filter(past::stillThere).forEach(onTheHair::add);
        }
        return Cautions.forClient(consultation, onTheHair, now);
    }
}
