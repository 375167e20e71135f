package mischung.server.store;

import java.io.BufferedInputStream;
import java.io.BufferedOutputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.math.BigInteger;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.SecureRandom;
import java.util.Date;
import java.util.Iterator;
import java.util.List;
import org.bouncycastle.bcpg.ArmoredOutputStream;
import org.bouncycastle.bcpg.CompressionAlgorithmTags;
import org.bouncycastle.bcpg.HashAlgorithmTags;
import org.bouncycastle.bcpg.PublicKeyAlgorithmTags;
import org.bouncycastle.bcpg.SymmetricKeyAlgorithmTags;
import org.bouncycastle.bcpg.sig.KeyFlags;
import org.bouncycastle.crypto.generators.RSAKeyPairGenerator;
import org.bouncycastle.crypto.params.RSAKeyGenerationParameters;
import org.bouncycastle.openpgp.PGPCompressedData;
import org.bouncycastle.openpgp.PGPCompressedDataGenerator;
import org.bouncycastle.openpgp.PGPEncryptedData;
import org.bouncycastle.openpgp.PGPEncryptedDataGenerator;
import org.bouncycastle.openpgp.PGPEncryptedDataList;
import org.bouncycastle.openpgp.PGPException;
import org.bouncycastle.openpgp.PGPKeyPair;
import org.bouncycastle.openpgp.PGPLiteralData;
import org.bouncycastle.openpgp.PGPLiteralDataGenerator;
import org.bouncycastle.openpgp.PGPPublicKeyEncryptedData;
import org.bouncycastle.openpgp.PGPSecretKey;
import org.bouncycastle.openpgp.PGPSecretKeyRing;
import org.bouncycastle.openpgp.PGPSignature;
import org.bouncycastle.openpgp.PGPSignatureSubpacketGenerator;
import org.bouncycastle.openpgp.PGPUtil;
import org.bouncycastle.openpgp.bc.BcPGPObjectFactory;
import org.bouncycastle.openpgp.operator.PGPDigestCalculator;
import org.bouncycastle.openpgp.operator.bc.BcKeyFingerprintCalculator;
import org.bouncycastle.openpgp.operator.bc.BcPBESecretKeyDecryptorBuilder;
import org.bouncycastle.openpgp.operator.bc.BcPBESecretKeyEncryptorBuilder;
import org.bouncycastle.openpgp.operator.bc.BcPGPContentSignerBuilder;
import org.bouncycastle.openpgp.operator.bc.BcPGPDataEncryptorBuilder;
import org.bouncycastle.openpgp.operator.bc.BcPGPDigestCalculatorProvider;
import org.bouncycastle.openpgp.operator.bc.BcPGPKeyPair;
import org.bouncycastle.openpgp.operator.bc.BcPublicKeyDataDecryptorFactory;
import org.bouncycastle.openpgp.operator.bc.BcPublicKeyKeyEncryptionMethodGenerator;

/**
 * What safety copies are encrypted with: an OpenPGP key (RFC 4880) whose secret half is locked with the salon's passphrase. Copies are
 * made at night without the passphrase, which is kept nowhere; to open one takes the passphrase and this key, here or in any program
 * that knows the format.
 */
final class CopyKey {
    private static final int BITS = 3072;
    private static final int CERTAINTY = 112;
    private static final int BLOCK = 1 << 16;
    /** So often the passphrase is hashed; the most the format knows (RFC 4880, 3.7.1.3): each guess costs. */
    private static final int HASHED = 0xff;

    private static final String OWNER = "Mischung safety copies";

    private final PGPSecretKeyRing ring;

    private CopyKey(PGPSecretKeyRing ring) {
        this.ring = ring;
    }

    static CopyKey made(String passphrase, Date now) {
        try {
            RSAKeyPairGenerator pairs = new RSAKeyPairGenerator();
            pairs.init(
                    new RSAKeyGenerationParameters(BigInteger.valueOf(0x10001), new SecureRandom(), BITS, CERTAINTY));
            PGPKeyPair pair = new BcPGPKeyPair(
                    org.bouncycastle.bcpg.PublicKeyPacket.VERSION_4,
                    PublicKeyAlgorithmTags.RSA_GENERAL,
                    pairs.generateKeyPair(),
                    now);
            PGPSignatureSubpacketGenerator uses = new PGPSignatureSubpacketGenerator();
            uses.setKeyFlags(
                    false,
                    KeyFlags.CERTIFY_OTHER | KeyFlags.SIGN_DATA | KeyFlags.ENCRYPT_COMMS | KeyFlags.ENCRYPT_STORAGE);
            PGPDigestCalculator checksum = new BcPGPDigestCalculatorProvider().get(HashAlgorithmTags.SHA1);
            PGPDigestCalculator hash = new BcPGPDigestCalculatorProvider().get(HashAlgorithmTags.SHA256);
            PGPSecretKey secret = new PGPSecretKey(
                    PGPSignature.POSITIVE_CERTIFICATION,
                    pair,
                    OWNER,
                    checksum,
                    uses.generate(),
                    null,
                    new BcPGPContentSignerBuilder(PublicKeyAlgorithmTags.RSA_GENERAL, HashAlgorithmTags.SHA256),
                    new BcPBESecretKeyEncryptorBuilder(SymmetricKeyAlgorithmTags.AES_256, hash, HASHED)
                            .build(passphrase.toCharArray()));
            return new CopyKey(new PGPSecretKeyRing(List.of(secret)));
        } catch (PGPException e) {
            throw new IllegalStateException("A key can be made", e);
        }
    }

    static CopyKey read(Path file) throws IOException {
        try (InputStream in = PGPUtil.getDecoderStream(new BufferedInputStream(Files.newInputStream(file)))) {
            return new CopyKey(new PGPSecretKeyRing(in, new BcKeyFingerprintCalculator()));
        } catch (PGPException e) {
            throw new IOException("No key: " + file, e);
        }
    }

    /** As it is kept in a file, its secret half locked. */
    String words() {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (OutputStream out = new ArmoredOutputStream(bytes)) {
            ring.encode(out);
        } catch (IOException e) {
            throw new IllegalStateException("Written to memory", e);
        }
        return bytes.toString(StandardCharsets.US_ASCII);
    }

    /** Sixteen figures that name it. */
    String id() {
        return "%016x".formatted(ring.getPublicKey().getKeyID());
    }

    void encrypt(Path plain, Path into) throws IOException {
        PGPEncryptedDataGenerator encrypted =
                new PGPEncryptedDataGenerator(new BcPGPDataEncryptorBuilder(SymmetricKeyAlgorithmTags.AES_256)
                        .setWithIntegrityPacket(true)
                        .setSecureRandom(new SecureRandom()));
        encrypted.addMethod(new BcPublicKeyKeyEncryptionMethodGenerator(ring.getPublicKey()));
        PGPCompressedDataGenerator compressed = new PGPCompressedDataGenerator(CompressionAlgorithmTags.ZLIB);
        PGPLiteralDataGenerator literal = new PGPLiteralDataGenerator();
        try (OutputStream file = new BufferedOutputStream(Files.newOutputStream(into));
                OutputStream locked = encrypted.open(file, new byte[BLOCK]);
                OutputStream small = compressed.open(locked, new byte[BLOCK]);
                OutputStream out = literal.open(
                        small,
                        PGPLiteralData.BINARY,
                        "mischung.db",
                        Date.from(Files.getLastModifiedTime(plain).toInstant()),
                        new byte[BLOCK])) {
            Files.copy(plain, out);
        } catch (PGPException e) {
            throw new IOException("Not encrypted: " + plain, e);
        }
    }

    /**
     * @return whether the passphrase was the right one
     * @throws IOException if it is not for this key, or was cut off or changed
     */
    boolean decrypt(Path locked, String passphrase, Path into) throws IOException {
        try (InputStream in = PGPUtil.getDecoderStream(new BufferedInputStream(Files.newInputStream(locked)))) {
            Object first = new BcPGPObjectFactory(in).nextObject();
            if (!(first instanceof PGPEncryptedDataList list)) {
                throw new IOException("Not encrypted: " + locked);
            }
            PGPPublicKeyEncryptedData data = ours(list);
            PGPSecretKey secret = ring.getSecretKey(data.getKeyIdentifier());
            BcPublicKeyDataDecryptorFactory opener;
            try {
                opener = new BcPublicKeyDataDecryptorFactory(
                        secret.extractPrivateKey(new BcPBESecretKeyDecryptorBuilder(new BcPGPDigestCalculatorProvider())
                                .build(passphrase.toCharArray())));
            } catch (PGPException wrong) {
                return false;
            }
            plain(data, opener, into);
            return true;
        } catch (PGPException | ClassCastException | IllegalStateException | ArithmeticException e) {
            throw new IOException("Not whole: " + locked, e);
        }
    }

    private PGPPublicKeyEncryptedData ours(PGPEncryptedDataList list) throws IOException {
        for (Iterator<PGPEncryptedData> each = list.iterator(); each.hasNext(); ) {
            if (each.next() instanceof PGPPublicKeyEncryptedData data
                    && ring.getSecretKey(data.getKeyIdentifier()) != null) {
                return data;
            }
        }
        throw new IOException("For another key");
    }

    private static void plain(PGPPublicKeyEncryptedData data, BcPublicKeyDataDecryptorFactory opener, Path into)
            throws IOException, PGPException {
        Object inside = new BcPGPObjectFactory(data.getDataStream(opener)).nextObject();
        if (inside instanceof PGPCompressedData small) {
            inside = new BcPGPObjectFactory(small.getDataStream()).nextObject();
        }
        if (!(inside instanceof PGPLiteralData literal)) {
            throw new IOException("Nothing in it");
        }
        try (OutputStream out = Files.newOutputStream(into)) {
            literal.getInputStream().transferTo(out);
        }
        if (!data.isIntegrityProtected() || !data.verify()) {
            throw new IOException("Changed since it was made");
        }
    }
}
