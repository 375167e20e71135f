package mischung.plan;

/** The rules of thumb a plan leans on. Common practice, no source, unless they are computed. */
public enum Rule {
    COMPUTED("Computed", "predicted by the hair model"),
    R10("R10", "three or more levels darker on lightened hair needs a filler"),
    R11("R11", "midpoint: fill halfway, in the warmth that hair would show there"),
    R13("R13", "two-level steps: never drop more than two levels in one deposit"),
    R17("R17", "fill only what was lightened, never the natural root"),
    R18("R18", "demi in lightened hair; permanent for grey or to go darker than natural"),
    R19("R19", "porous hair grabs darker and cooler: half to one level lighter"),
    R20("R20", "deposit work: 10 vol at most"),
    R21("R21", "roots first, porous lengths at about half time"),
    R22("R22", "say beforehand that the hair will look orange for a while"),
    R23("R23", "very porous ends grab or refuse: equalise first"),
    R44("R44", "never lift what the target does not need lighter"),
    R55("R55", "from half grey up: coverage shades with 20 vol"),
    R62("R62", "carry a reserve of a fifth");

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
