package mischung.process;

/** Where along the strand a product works; the scalp warms the first one or two centimetres (rule R33). */
public enum Place {
    SCALP("scalp"),
    MIDS("mids");

    private final String words;

    Place(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
