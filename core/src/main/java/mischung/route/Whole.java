package mischung.route;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import mischung.hair.BandRef;
import mischung.hair.Canvas;
import mischung.hair.LevelScale;
import mischung.hair.Look;
import mischung.hair.ZonePlace;
import mischung.light.Spectrum;
import mischung.plan.Plan;
import mischung.product.HairAmount;
import mischung.said.Figure;
import mischung.said.Said;
import mischung.wish.WorkedHead;

/**
 * How a head reads as a whole from one side (R8): the mean of the reflectances of its hair, by how much of each is seen from there.
 *
 * @param look of that mean
 * @param shares of the hair that is seen, by its level in halves, the most first
 */
public record Whole(Side side, Look look, List<Share> shares) {
    /** Less of the hair is not seen as a depth of its own. */
    private static final double SEEN = 0.05;

    /** From where the head is looked at. */
    public enum Side {
        FRONT("from the front"),
        LEFT("from the left"),
        RIGHT("from the right"),
        BACK("from the back"),
        ROUND("all round");

        private final String words;

        Side(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }

        /** How much of a zone's hair is seen from here, 0–1; from memory. */
        double sees(ZonePlace place) {
            ZonePlace whole = place.whole().orElse(place);
            boolean left = !place.halves().isEmpty() || isLeft(place);
            boolean right = !place.halves().isEmpty() || isRight(place);
            boolean middle = !isLeft(place) && !isRight(place);
            return switch (this) {
                case ROUND -> 1;
                case FRONT ->
                    switch (whole) {
                        case FRINGE, HAIRLINE, PARTING -> 1;
                        case SIDES -> 0.8;
                        case CROWN -> 0.3;
                        default -> 0.1;
                    };
                case BACK ->
                    switch (whole) {
                        case BACK, NAPE -> 1;
                        case CROWN -> 0.8;
                        case SIDES -> 0.15;
                        default -> 0;
                    };
                case LEFT, RIGHT ->
                    (middle ? 0.5 : (this == LEFT ? left : right) ? 1 : 0)
                            * switch (whole) {
                                case SIDES -> 1;
                                case FRINGE, HAIRLINE, CROWN -> 0.5;
                                case BACK -> 0.5;
                                case PARTING -> 0.4;
                                default -> 0.3;
                            };
            };
        }

        private static boolean isLeft(ZonePlace place) {
            return place.whole().filter(whole -> whole.halves().get(0) == place).isPresent();
        }

        private static boolean isRight(ZonePlace place) {
            return place.whole().filter(whole -> whole.halves().get(1) == place).isPresent();
        }
    }

    /** @param of all that is seen, 0–1 */
    public record Share(double level, double of) {}

    public Whole {
        shares = List.copyOf(shares);
    }

    /** When all of the plan is done. */
    public static Whole of(Plan plan, Side side) {
        WorkedHead head = plan.head();
        double[] mean = new double[Spectrum.SAMPLES];
        Map<Double, Double> byLevel = new TreeMap<>();
        double seen = 0;
        for (BandRef at : head.bands()) {
            if (plan.end(at).cut()) {
                continue;
            }
            double mass = side.sees(head.place(at))
                    * HairAmount.share(head.read(), head.read().zones().get(at.zone()))
                    * head.band(at).lengthCm()
                    * head.at(at).share();
            Canvas canvas = plan.end(at).hair().canvas();
            Spectrum reflectance = canvas.reflectance();
            for (int i = 0; i < mean.length; i++) {
                mean[i] += mass * reflectance.at(i);
            }
            byLevel.merge(LevelScale.inHalves(canvas.level()), mass, Double::sum);
            seen += mass;
        }
        double all = Math.max(seen, Double.MIN_NORMAL);
        for (int i = 0; i < mean.length; i++) {
            mean[i] /= all;
        }
        List<Share> shares = new ArrayList<>();
        byLevel.forEach((level, mass) -> shares.add(new Share(level, mass / all)));
        shares.sort(Comparator.comparingDouble(Share::of).reversed());
        return new Whole(side, Look.of(Spectrum.of(mean)), shares);
    }

    /** Whether hair of several depths lies beside each other, so that the whole is none of them. */
    public boolean mixed() {
        return shares.stream().filter(share -> share.of >= SEEN).count() > 1;
    }

    /** "8½ beige from the front: 40 % at 10, 35 % at 7". */
    public Said said() {
        List<Said> parts = shares.stream()
                .limit(4)
                .filter(share -> share.of >= SEEN)
                .map(share -> RouteMessage.SHARE_AT
                        .say()
                        .share("share", share.of)
                        .level("level", share.level)
                        .said())
                .toList();
        return parts.isEmpty()
                ? RouteMessage.WHOLE
                        .say()
                        .part("look", look.said())
                        .thing("side", side)
                        .said()
                : RouteMessage.WHOLE_OF
                        .say()
                        .part("look", look.said())
                        .thing("side", side)
                        .all("parts", Figure.Joint.COMMA, parts)
                        .said();
    }
}
