package mischung.product;

import java.util.Collection;
import java.util.EnumMap;
import java.util.Map;
import mischung.DataFile;
import mischung.hair.Band;
import mischung.hair.BandRef;
import mischung.hair.Density;
import mischung.hair.Head;
import mischung.hair.Porosity;
import mischung.hair.Thickness;
import mischung.hair.Zone;
import mischung.hair.ZonePlace;

/** How many grams it takes to saturate bands of a head, from length, density, thickness and zone. */
public final class HairAmount {
    private static final Map<String, Double> FIGURES =
            DataFile.of(HairAmount.class, "amounts.csv").figures();

    private static final Map<ZonePlace, Double> SHARES = shares();

    private HairAmount() {}

    /** Colour and developer together, without reserve. */
    public static double mixGrams(Head head, Collection<BandRef> bands) {
        return grams(head, bands, FIGURES.get("mix per cm"));
    }

    /** Equaliser or other treatment cream, without reserve. */
    public static double treatmentGrams(Head head, Collection<BandRef> bands) {
        return grams(head, bands, FIGURES.get("treatment per cm"));
    }

    /** R62: what is carried beyond the need, as a share of it. */
    public static double reserve() {
        return FIGURES.get("reserve");
    }

    /** What stays on the bowl and the brush of each mix, in grams. */
    public static double waste() {
        return FIGURES.get("waste");
    }

    /** Of a bowl or a batch of it, everything together, in grams. */
    public static double leastBatchGrams() {
        return FIGURES.get("least batch");
    }

    static double leastColourGrams() {
        return FIGURES.get("least colour");
    }

    /** Share of the head's hair that grows in this zone, 0–1; the head's zones together make 1. */
    public static double share(Head head, Zone zone) {
        double all = head.zones().stream().mapToDouble(HairAmount::shareOf).sum();
        return shareOf(zone) / all;
    }

    /** The same for a stretch of one zone of the head. */
    public static double mixGrams(Head head, int zone, Band worked) {
        return headCm(head, zone, worked) * FIGURES.get("mix per cm");
    }

    /** The same for a stretch of one zone of the head. */
    public static double treatmentGrams(Head head, int zone, Band worked) {
        return headCm(head, zone, worked) * FIGURES.get("treatment per cm");
    }

    private static double grams(Head head, Collection<BandRef> bands, double perCm) {
        return bands.stream()
                        .mapToDouble(band -> headCm(head, band.zone(), head.band(band)))
                        .sum()
                * perCm;
    }

    private static double headCm(Head head, int zone, Band worked) {
        return share(head, head.zones().get(zone))
                * worked.lengthCm()
                * factor(worked.detail().density().orElse(head.density()))
                * factor(worked.detail().thickness().orElse(head.thickness()))
                * saturation(worked.porosity());
    }

    private static double shareOf(Zone zone) {
        return SHARES.get(zone.place());
    }

    private static Map<ZonePlace, Double> shares() {
        Map<ZonePlace, Double> shares = new EnumMap<>(ZonePlace.class);
        for (ZonePlace place : ZonePlace.values()) {
            ZonePlace whole = place.whole().orElse(place);
            Double share = FIGURES.get("share of " + whole.words());
            if (share == null) {
                throw new IllegalStateException("amounts.csv lacks the share of " + whole);
            }
            int parts = whole == place ? 1 : whole.halves().size();
            shares.put(place, share / parts);
        }
        return shares;
    }

    private static double saturation(Porosity porosity) {
        Double factor = FIGURES.get(porosity.words() + " porosity");
        if (factor == null) {
            throw new IllegalStateException("amounts.csv lacks the porosity " + porosity);
        }
        return factor;
    }

    /** How much more or less there is to work on such hair than on a normal head. */
    public static double factor(Density density) {
        return density == Density.NORMAL ? FIGURES.get("normal density") : FIGURES.get(density.words());
    }

    private static double factor(Thickness thickness) {
        return thickness == Thickness.NORMAL ? FIGURES.get("normal thickness") : FIGURES.get(thickness.words());
    }
}
