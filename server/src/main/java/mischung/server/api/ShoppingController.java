package mischung.server.api;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.Parameter;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import mischung.mix.Card;
import mischung.mix.Cards;
import mischung.mix.Shopping;
import mischung.plan.Plan;
import mischung.said.RefusedInput;
import mischung.said.Unit;
import mischung.server.store.CaseStore;
import mischung.server.store.Visit;
import mischung.server.words.Catalogue;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What the shelf lacks for the work that is booked. */
@RestController
@RequestMapping(path = "/api/shelf/shopping", produces = MediaType.APPLICATION_JSON_VALUE)
class ShoppingController {
    private static final int MOST_DAYS = 31;
    private static final int MOST_CASES = 60;

    private final Shelves shelves;
    private final CaseStore caseStore;
    private final Cases cases;
    private final Routes routes;
    private final Sequences sequences;
    private final Bowls bowls;

    ShoppingController(
            Shelves shelves, CaseStore caseStore, Cases cases, Routes routes, Sequences sequences, Bowls bowls) {
        this.shelves = shelves;
        this.caseStore = caseStore;
        this.cases = cases;
        this.routes = routes;
        this.sequences = sequences;
        this.bowls = bowls;
    }

    /** What to buy of one product. */
    record ShoppingView(
            String name, String code, double neededGrams, double thereGrams, int packs, double price, boolean known) {}

    /** What to buy. */
    record ShoppingList(
            LocalDate from, LocalDate to, int cases, double price, String currency, List<ShoppingView> lines) {}

    @GetMapping
    @Operation(
            operationId = "shopping",
            summary = "What the plans of the coming days need and the shelf has not, and what is low")
    ShoppingList shopping(
            @RequestParam LocalDate from,
            @Parameter(description = "1–31, the first day counted") @RequestParam(defaultValue = "7") int days) {
        RefusedInput.within("days", days, 1, MOST_DAYS, Unit.DAYS);
        List<Card> cards = new ArrayList<>();
        int counted = 0;
        for (int day = 0; day < days; day++) {
            for (Visit.Summary visit : caseStore.ofDay(from.plusDays(day))) {
                if (!visit.status().equals(CaseFile.Status.DONE.name()) && counted < MOST_CASES) {
                    counted++;
                    cards.addAll(cards(visit.id()));
                }
            }
        }
        List<Shopping> lines = Shopping.of(cards, shelves.inUse());
        return new ShoppingList(
                from,
                from.plusDays(days - 1L),
                counted,
                lines.stream().mapToDouble(Shopping::price).sum(),
                routes.rates().currency(),
                lines.stream()
                        .map(s -> new ShoppingView(
                                Catalogue.spoken().say(s.name()),
                                s.code(),
                                LookView.rounded(s.neededGrams(), 1),
                                LookView.rounded(s.thereGrams(), 1),
                                s.packs(),
                                s.price(),
                                s.known()))
                        .toList());
    }

    /** The bowls of a plan that nobody has begun; later visits are bought for when they are booked. */
    private List<Card> cards(long visit) {
        Cases.Stored stored = cases.get(visit);
        Set<String> begun = bowls.of(visit).keySet();
        Optional<Plan> plan = planned(stored);
        return plan.map(
                        found -> Cards.of(
                                        found,
                                        sequences.of(stored, found),
                                        shelves.inUse(),
                                        routes.learned(stored).factor())
                                .stream()
                                .filter(card -> card.visit() == 1 && !begun.contains(card.key()))
                                .toList())
                .orElse(List.of());
    }

    /** A head that cannot be planned for, for want of shades, needs nothing yet. */
    private Optional<Plan> planned(Cases.Stored stored) {
        try {
            return Optional.of(routes.chosen(stored).plan());
        } catch (RefusedInput noShades) {
            return Optional.empty();
        }
    }
}
