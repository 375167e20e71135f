package mischung.server.store;

import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.time.LocalTime;
import mischung.RefusedInput;
import mischung.hair.Head;
import mischung.plan.School;
import mischung.plan.Wish;

/** A client's head on a day, what is wished, and how the house wants to fill. */
public record StoredCase(String clientName, LocalDate date, LocalTime startTime, Head head, Wish wish, School school) {
    public static final int LONGEST_NAME = 80;

    public StoredCase {
        clientName = clientName.strip();
        if (clientName.isEmpty()) {
            throw new RefusedInput("clientName", "an empty name", "Give the client a name; a made-up one will do.");
        }
        if (clientName.length() > LONGEST_NAME
                || clientName.chars().anyMatch(Character::isISOControl)
                || !StandardCharsets.UTF_8.newEncoder().canEncode(clientName)) {
            throw new RefusedInput(
                    "clientName", clientName, "Give at most " + LONGEST_NAME + " characters on one line.");
        }
        if (date.getYear() < 1900 || date.getYear() > 2999) {
            throw new RefusedInput("date", date, "Give a day from 1900 to 2999.");
        }
    }

    /** A case as stored: with its number and the version that the next change must name. */
    public record Numbered(long id, long version, StoredCase content) {}
}
