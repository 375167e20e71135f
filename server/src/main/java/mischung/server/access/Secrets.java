package mischung.server.access;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.security.SecureRandom;
import java.util.Base64;
import java.util.HexFormat;

/** What only the device knows that was given it; here stands its digest. */
public final class Secrets {
    private static final SecureRandom RANDOM = new SecureRandom();
    private static final int BYTES = 32;
    private static final int CODES = 1_000_000;

    private Secrets() {}

    /** 256 bits nobody can guess. */
    public static String token() {
        byte[] bytes = new byte[BYTES];
        RANDOM.nextBytes(bytes);
        return Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
    }

    /** Six figures. */
    static String code() {
        return String.format("%06d", RANDOM.nextInt(CODES));
    }

    /** SHA-256; of 256 random bits a slow digest would add nothing. */
    public static String digest(String token) {
        try {
            return HexFormat.of()
                    .formatHex(MessageDigest.getInstance("SHA-256").digest(token.getBytes(StandardCharsets.UTF_8)));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }
}
