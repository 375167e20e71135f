package mischung.route;

import mischung.said.RefusalMessage;
import mischung.said.RefusedInput;
import mischung.said.Unit;

/**
 * What the house charges (R65: by the hour plus product).
 *
 * @param anHour for one pair of hands, 0–10 000
 * @param colourGram colour and developer together, for each gram, 0–1000
 * @param lightenerGram powder and developer together, for each gram
 * @param treatmentGram remover, equaliser, bond, for each gram
 * @param currency up to 8 characters, such as EUR
 */
public record Rates(double anHour, double colourGram, double lightenerGram, double treatmentGram, String currency) {
    /** Made-up figures to begin with. */
    public static final Rates USUAL = new Rates(60, 0.12, 0.08, 0.15, "EUR");

    public Rates {
        RefusedInput.within("anHour", anHour, 0, 10_000, Unit.NONE);
        RefusedInput.within("colourGram", colourGram, 0, 1000, Unit.NONE);
        RefusedInput.within("lightenerGram", lightenerGram, 0, 1000, Unit.NONE);
        RefusedInput.within("treatmentGram", treatmentGram, 0, 1000, Unit.NONE);
        if (currency.length() > 8 || currency.chars().anyMatch(Character::isISOControl)) {
            throw new RefusedInput("currency", currency, RefusalMessage.CURRENCY);
        }
    }
}
