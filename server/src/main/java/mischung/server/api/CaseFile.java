package mischung.server.api;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.function.Supplier;
import mischung.caution.CautionOverride;
import mischung.consultation.Consultation;
import mischung.hair.Band;
import mischung.hair.BandDetail;
import mischung.hair.BandKind;
import mischung.hair.Density;
import mischung.hair.Elasticity;
import mischung.hair.Head;
import mischung.hair.Measured;
import mischung.hair.Porosity;
import mischung.hair.Strand;
import mischung.hair.Thickness;
import mischung.hair.Tone;
import mischung.hair.Zone;
import mischung.hair.ZonePlace;
import mischung.history.History;
import mischung.light.Lab;
import mischung.plan.Round;
import mischung.said.RefusalMessage;
import mischung.said.RefusedInput;
import mischung.said.Unit;
import mischung.server.store.ClientStore;
import mischung.wish.Wish;
import mischung.wish.WorkedHead;
import org.jspecify.annotations.Nullable;

/** A case as it travels: what the screens edit, what is kept, and what a file holds. */
public record CaseFile(
        @Schema(description = "Made-up or real, 1–80 characters", example = "Mira Tannhof")
        String clientName,

        @Schema(description = "Day of the work") LocalDate date,

        @Schema(
                type = "string",
                pattern = "^\\d{2}:\\d{2}(:\\d{2})?$",
                description = "When the work begins",
                example = "09:00")
        LocalTime startTime,

        @Schema(description = "expected length, 5–1440 minutes")
        int minutes,

        @Schema(description = "where, up to 40 characters; empty: not said")
        String chair,

        Status status,
        Density density,
        Thickness thickness,
        WishView wish,
        MethodView method,

        @Schema(description = "codes of shades that are out or not wanted, up to 200")
        List<String> notWanted,

        @Schema(description = "key of the chosen route; empty: the first that is offered")
        String route,

        @Schema(description = "the colourist's own route; empty: none")
        List<RoundView> ownRoute,

        @Schema(description = "tasks moved by hand in the order of work, up to 100")
        List<MovedView> moved,

        ConsultationView consultation,
        HistoryView history,
        List<ZoneView> zones,
        List<StrandTestView> strandTests,
        List<TakenOnView> takenOn) {

    private static final int MOST_TESTS = 40;
    private static final int MOST_NOT_WANTED = 200;
    private static final int MOST_TAKEN_ON = 100;
    private static final int MOST_MOVED = 100;
    private static final int LONGEST_KEY = 200;

    CaseFile withStatus(Status other) {
        return with(clientName, other, zones);
    }

    CaseFile named(String name) {
        return with(name, status, zones);
    }

    CaseFile readThroughout() {
        return with(
                clientName,
                status,
                zones.stream()
                        .map(zone -> new ZoneView(zone.place, zone.bands, true))
                        .toList());
    }

    private CaseFile with(String name, Status far, List<ZoneView> hair) {
        return new CaseFile(
                name,
                date,
                startTime,
                minutes,
                chair,
                far,
                density,
                thickness,
                wish,
                method,
                notWanted,
                route,
                ownRoute,
                moved,
                consultation,
                history,
                hair,
                strandTests,
                takenOn);
    }

    /**
     * With the moments the program's own clock says for what is new since {@code before}, and as far as that was: how far a visit
     * is has an operation of its own, so that nobody who has it open sets it back.
     */
    CaseFile stamped(CaseFile before, Instant now, Optional<String> person) {
        return new CaseFile(
                clientName,
                date,
                startTime,
                minutes,
                chair,
                before.status,
                density,
                thickness,
                wish,
                method,
                notWanted,
                route,
                ownRoute,
                moved,
                consultation.readBy(before.consultation, now.atZone(ZoneId.systemDefault())),
                history,
                eachOf("zones", zones, zone -> zone.readSince(before.zones)),
                eachOf("strandTests", strandTests, test -> test.startedBy(before.strandTests, now)),
                eachOf("takenOn", takenOn, taken -> taken.signed(before.takenOn, now, person)));
    }

    /** How far the visit is. */
    public enum Status {
        BOOKED("booked"),
        WAITING("waiting"),
        RUNNING("running"),
        DONE("done");

        private final String words;

        Status(String words) {
            this.words = words;
        }

        String words() {
            return words;
        }

        /** Whether work on the hair has begun. */
        boolean begun() {
            return this == RUNNING || this == DONE;
        }
    }

    /** A task that shall not begin before a minute of its visit. */
    public record MovedView(
            @Schema(description = "its key in the order of work, 1–200 characters")
            String key,

            @Schema(description = "0–1440") int minute) {
        MovedView checked() {
            if (key.isBlank() || key.length() > LONGEST_KEY) {
                throw new RefusedInput(
                        "key",
                        key,
                        RefusalMessage.CHARACTERS
                                .say()
                                .count("least", 1)
                                .count("most", LONGEST_KEY)
                                .said());
            }
            RefusedInput.within("minute", minute, 0, 1440, Unit.MIN);
            return this;
        }
    }

    /** An area of the head with its strand from scalp to ends. */
    public record ZoneView(
            ZonePlace place,
            List<BandView> bands,

            @Schema(
                    description =
                            "whether somebody has read this hair; a zone is read as soon as more than its length is said")
            boolean read) {

        private ZoneView readSince(List<ZoneView> before) {
            boolean changed = before.stream().anyMatch(one -> one.place == place && !readsAs(one));
            return changed ? new ZoneView(place, bands, true) : this;
        }

        /** Strands may be longer or shorter than they were said to be, and still unread. */
        private boolean readsAs(ZoneView other) {
            return readings().equals(other.readings());
        }

        private List<BandView> readings() {
            return bands.stream().map(band -> band.over(0, 1)).toList();
        }
    }

    /** How many zones nobody has read yet. */
    int unread() {
        return (int) zones.stream().filter(zone -> !zone.read).count();
    }

    /** Level at which the hair grows on average, where natural stretches were read. */
    OptionalDouble grown() {
        return zones.stream()
                .flatMapToDouble(zone -> strand(zone.bands).grown().stream())
                .average();
    }

    /** A stretch of a strand; bands follow one another without gap from 0 cm. */
    public record BandView(
            @Schema(description = "cm from the scalp, 0–150")
            double fromCm,

            @Schema(description = "cm from the scalp, at least 0.5 more than fromCm")
            double toCm,

            BandKind kind,
            @Schema(description = "1–12 in halves") double level,
            Tone tone,
            Porosity porosity,

            @Schema(description = "share of white fibres, 0–1")
            double greyShare,

            DetailView detail) {

        private BandView over(double from, double to) {
            return new BandView(from, to, kind, level, tone, porosity, greyShare, detail);
        }

        static BandView of(Band band) {
            return new BandView(
                    band.fromCm(),
                    band.toCm(),
                    band.kind(),
                    band.level(),
                    band.tone(),
                    band.porosity(),
                    band.greyShare(),
                    DetailView.of(band.detail()));
        }

        Band checked() {
            BandDetail known = at("detail", detail::checked);
            return new Band(fromCm, toCm, kind, level, tone, porosity, greyShare, known);
        }
    }

    /** What is known of a band beyond what the eye reads at first. */
    public record DetailView(
            Stretched stretch,
            DensityRead density,
            ThicknessRead thickness,

            @Schema(description = "oxidative colour laid over it so far, 0–50")
            double layers,

            @Schema(description = "lowest level that may lie under the dye, 1–12")
            double underFrom,

            @Schema(description = "highest level that may lie under the dye, 1–12")
            double underTo,

            @Schema(description = "a tone seen beside the first: none or one")
            List<SecondToneView> second,

            @Schema(description = "measurements that replace level and tone, up to 20")
            List<MeasuredView> measured) {

        static DetailView of(BandDetail detail) {
            return new DetailView(
                    detail.stretch().map(Enum::name).map(Stretched::valueOf).orElse(Stretched.NOT_TRIED),
                    detail.density().map(Enum::name).map(DensityRead::valueOf).orElse(DensityRead.AS_HEAD),
                    detail.thickness()
                            .map(Enum::name)
                            .map(ThicknessRead::valueOf)
                            .orElse(ThicknessRead.AS_HEAD),
                    detail.layers(),
                    detail.underFrom(),
                    detail.underTo(),
                    SecondToneView.of(detail.second()),
                    detail.measured().stream().map(MeasuredView::of).toList());
        }

        BandDetail checked() {
            List<Measured> readings = eachOf("measured", measured, MeasuredView::checked);
            return new BandDetail(
                    Choices.other(stretch, Stretched.NOT_TRIED, Elasticity.class),
                    Choices.other(density, DensityRead.AS_HEAD, Density.class),
                    Choices.other(thickness, ThicknessRead.AS_HEAD, Thickness.class),
                    layers,
                    underFrom,
                    underTo,
                    SecondToneView.checked(second),
                    readings);
        }
    }

    /** What a wet strand did. */
    public enum Stretched {
        NOT_TRIED,
        SPRINGS_BACK,
        RETURNS_SLOWLY,
        STAYS_STRETCHED,
        BREAKS
    }

    /** How many hairs, on this band. */
    public enum DensityRead {
        AS_HEAD,
        THIN,
        NORMAL,
        DENSE
    }

    /** How thick the single hair, on this band. */
    public enum ThicknessRead {
        AS_HEAD,
        FINE,
        NORMAL,
        COARSE
    }

    /** One measurement. */
    public record MeasuredView(
            Measured.By by,
            @Schema(description = "L* under D65, 5–95") double l,
            double a,
            double b,

            @Schema(description = "standard deviation the measurement states, 0.05–15")
            double spread) {
        static MeasuredView of(Measured measured) {
            return new MeasuredView(
                    measured.by(),
                    LookView.rounded(measured.lab().l(), 100),
                    LookView.rounded(measured.lab().a(), 100),
                    LookView.rounded(measured.lab().b(), 100),
                    LookView.rounded(measured.spread(), 100));
        }

        Measured checked() {
            return new Measured(by, Lab.d65(l, a, b), spread);
        }
    }

    /**
     * @param shades that a mix fixed by hand may name
     * @throws RefusedInput naming the first field that cannot be, by its path in this file
     */
    CheckedCase checked(Shades shades) {
        if (zones.size() > ZonePlace.values().length) {
            throw new RefusedInput("zones", zones.size(), RefusalMessage.PLACE_ONCE);
        }
        List<Zone> checkedZones = eachOf("zones", zones, zone -> new Zone(zone.place, strand(zone.bands)));
        Head head = new Head(checkedZones, density, thickness);
        Consultation told = at("consultation", consultation::checked);
        Wish wished = at("wish", () -> wish.checked(told));
        if (notWanted.size() > MOST_NOT_WANTED || route.length() > 80) {
            throw new RefusedInput(
                    "notWanted",
                    notWanted.size(),
                    RefusalMessage.AT_MOST.say().count("most", MOST_NOT_WANTED).said());
        }
        List<String> out = eachOf("notWanted", notWanted, code -> code);
        List<Round> own = at("ownRoute", () -> RoundView.checked(ownRoute, WorkedHead.of(head, wished), shades));
        RefusedInput.within("minutes", minutes, 5, 1440, Unit.MIN);
        if (chair.length() > 40 || chair.chars().anyMatch(Character::isISOControl)) {
            throw new RefusedInput(
                    "chair",
                    chair,
                    RefusalMessage.ONE_LINE
                            .say()
                            .count("least", 0)
                            .count("most", 40)
                            .said());
        }
        if (date.getYear() < 1900 || date.getYear() > 2999) {
            throw new RefusedInput(
                    "date",
                    date,
                    RefusalMessage.DAY_FROM_TO
                            .say()
                            .typed("from", "1900")
                            .typed("to", "2999")
                            .said());
        }
        if (strandTests.size() > MOST_TESTS) {
            throw new RefusedInput(
                    "strandTests",
                    strandTests.size(),
                    RefusalMessage.AT_MOST.say().count("most", MOST_TESTS).said());
        }
        if (takenOn.size() > MOST_TAKEN_ON) {
            throw new RefusedInput(
                    "takenOn",
                    takenOn.size(),
                    RefusalMessage.AT_MOST.say().count("most", MOST_TAKEN_ON).said());
        }
        if (moved.size() > MOST_MOVED) {
            throw new RefusedInput(
                    "moved",
                    moved.size(),
                    RefusalMessage.AT_MOST.say().count("most", MOST_MOVED).said());
        }
        Map<String, Integer> pins = new TreeMap<>();
        eachOf("moved", moved, MovedView::checked).forEach(one -> pins.put(one.key(), one.minute()));
        History past = at("history", () -> history.checked(date));
        List<CautionOverride> taken = eachOf("takenOn", takenOn, TakenOnView::checked);
        eachOf("strandTests", strandTests, StrandTestView::checked);
        return new CheckedCase(
                ClientStore.checkedName("clientName", clientName),
                date,
                startTime,
                head,
                wished,
                method.checked(),
                Set.copyOf(out),
                route,
                own,
                pins,
                told,
                past,
                strandTests,
                taken);
    }

    static Strand strand(List<BandView> views) {
        return new Strand(eachOf("bands", views, BandView::checked));
    }

    /** Lists in a file can hold null, whatever the types here say. */
    static <V, T> List<T> eachOf(String field, List<V> views, Function<V, T> checked) {
        List<T> all = new ArrayList<>();
        for (int i = 0; i < views.size(); i++) {
            String path = field + "[" + i + "]";
            V view = present(path, views.get(i));
            all.add(at(path, () -> checked.apply(view)));
        }
        return all;
    }

    private static <T> T present(String path, @Nullable T element) {
        if (element == null) {
            throw new RefusedInput(path, "null", RefusalMessage.LEFT_OUT_OR_FILLED);
        }
        return element;
    }

    static <T> T at(String path, Supplier<T> made) {
        try {
            return made.get();
        } catch (RefusedInput refused) {
            throw refused.at(path);
        }
    }
}
