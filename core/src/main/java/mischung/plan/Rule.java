package mischung.plan;

/** The rules of thumb a plan leans on. Common practice, no source, unless they are computed. */
public enum Rule {
    COMPUTED("Computed", "predicted by the hair model"),
    WISH("Wish", "as the client wishes"),
    R4("R4", "blue cancels orange, violet yellow, green red"),
    R5("R5", "ash on yellow, unfilled hair turns green or grey"),
    R9("R9", "permanent colour lifts a little; when it fades the warmth shows"),
    R10("R10", "three or more levels darker on lightened hair needs a filler"),
    R11("R11", "midpoint: fill halfway, in the warmth that hair would show there"),
    R12("R12", "one lighter: fill one level above the target, short"),
    R13("R13", "two-level steps: never drop more than two levels in one deposit"),
    R14("R14", "at target: orange and gold, then matte, then the target"),
    R15("R15", "warmth in the target: quick, least predictable"),
    R17("R17", "fill only what was lightened, never the natural root"),
    R18("R18", "demi in lightened hair; permanent for grey or to go darker than natural"),
    R19("R19", "porous hair grabs darker and cooler: half to one level lighter"),
    R20("R20", "deposit work: 10 vol at most"),
    R21("R21", "roots first, porous lengths at about half time"),
    R22("R22", "say beforehand that the hair will look orange for a while"),
    R23("R23", "very porous ends grab or refuse: equalise first"),
    R24("R24", "a gentler way: part of the way now, the rest next time"),
    R30("R30", "reducing remover first on dark oxidative colour"),
    R31("R31", "cleanse mix: quick and strong, off the scalp"),
    R32("R32", "volume by the strength of the hair; low and slow"),
    R33("R33", "stay off the scalp until the mids are near"),
    R34("R34", "coloured hair is slow, lightened hair fast and fragile"),
    R35("R35", "band first, until it meets its neighbours"),
    R36("R36", "45–60 min well; then wipe off and apply fresh"),
    R37("R37", "orange to yellow is the slowest stretch"),
    R38("R38", "the first section tells how far it will go"),
    R39("R39", "stretch a wet strand: stop if it does not return"),
    R41("R41", "fine see-through sections for strong lift"),
    R44("R44", "never lift what the target does not need lighter"),
    R45("R45", "hair that must stay: barrier, no overlap"),
    R47("R47", "several products at once: colour between the foils, rinsed together"),
    R50("R50", "violet against yellow, blue on 7–8, blue-green on 5–6"),
    R51("R51", "toners take fast; wet hair dilutes"),
    R53("R53", "pre-tone brassy hair so that lightener works less"),
    R55("R55", "from half grey up: coverage shades with 20 vol"),
    R56("R56", "root tap a few millimetres, melt heights staggered"),
    R57("R57", "light first, dark second when melting wet"),
    R58("R58", "some blue and green direct dyes never leave"),
    R52("R52", "too dark a toner is washed out, at most with a mild lightener wash"),
    R59B("R59b", "kinds of lightener: what a maker promises, and what this hair bears"),
    R59C("R59c", "direct colour covers nothing: a light canvas, no developer, cool rinse"),
    R62("R62", "carry a reserve of a fifth"),
    R70("R70", "roots again in five to six weeks"),
    R71("R71", "gloss in four to six weeks");

    private final String number;
    private final String words;

    Rule(String number, String words) {
        this.number = number;
        this.words = words;
    }

    public String number() {
        return number;
    }

    /** The rule in a few words. */
    public String words() {
        return words;
    }
}
