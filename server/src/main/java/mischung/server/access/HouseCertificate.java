package mischung.server.access;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.math.BigInteger;
import java.net.InetAddress;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.security.GeneralSecurityException;
import java.security.KeyPair;
import java.security.KeyPairGenerator;
import java.security.KeyStore;
import java.security.PrivateKey;
import java.security.SecureRandom;
import java.security.cert.Certificate;
import java.security.cert.X509Certificate;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Date;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import org.bouncycastle.asn1.x500.X500Name;
import org.bouncycastle.asn1.x509.BasicConstraints;
import org.bouncycastle.asn1.x509.ExtendedKeyUsage;
import org.bouncycastle.asn1.x509.Extension;
import org.bouncycastle.asn1.x509.GeneralName;
import org.bouncycastle.asn1.x509.GeneralNames;
import org.bouncycastle.asn1.x509.KeyPurposeId;
import org.bouncycastle.asn1.x509.KeyUsage;
import org.bouncycastle.cert.X509v3CertificateBuilder;
import org.bouncycastle.cert.jcajce.JcaX509CertificateConverter;
import org.bouncycastle.cert.jcajce.JcaX509v3CertificateBuilder;
import org.bouncycastle.operator.OperatorCreationException;
import org.bouncycastle.operator.jcajce.JcaContentSignerBuilder;
import org.jspecify.annotations.Nullable;

/**
 * The house's own certificate. A root that a tablet is told to trust once, and below it one for this machine's addresses that is
 * made anew when they change or its year is nearly over (TLS 1.2 and up; names as RFC 5280, 4.2.1.6; no longer than the 398 days
 * that makers of tablets take, from memory). The keys lie in the data folder, for its owner alone.
 */
final class HouseCertificate {
    static final String MACHINE = "machine";
    private static final String ROOT = "root";
    private static final String SIGNED = "SHA256withECDSA";
    private static final Duration ROOT_LASTS = Duration.ofDays(3652);
    private static final Duration LASTS = Duration.ofDays(397);
    private static final Duration NEARLY_OVER = Duration.ofDays(30);
    private static final int SERIAL_BITS = 120;
    private static final int DNS = 2;
    private static final int IP = 7;

    // The file's permissions keep it; PKCS #12 wants some word all the same.
    static final char[] WORD = "mischung".toCharArray();

    private final Path file;
    private final Clock clock;

    HouseCertificate(Path file, Clock clock) {
        this.file = file;
        this.clock = clock;
    }

    /** Both certificates with the machine's key, good for these names and addresses. */
    KeyStore keys(Collection<String> names, Collection<InetAddress> addresses) {
        try {
            KeyStore keys = KeyStore.getInstance("PKCS12");
            try (InputStream in = Files.exists(file) ? Files.newInputStream(file) : null) {
                keys.load(in, WORD);
            }
            Set<String> wanted = new TreeSet<>(names);
            addresses.forEach(one -> wanted.add(one.getHostAddress()));
            if (keys.getCertificate(ROOT) == null || over(keys, ROOT)) {
                KeyPair root = pair();
                X509Certificate made = root(root);
                keys.setKeyEntry(ROOT, root.getPrivate(), WORD, new Certificate[] {made});
                keys.deleteEntry(MACHINE);
            }
            if (over(keys, MACHINE) || !wanted.equals(namesIn(keys))) {
                X509Certificate root = (X509Certificate) keys.getCertificate(ROOT);
                PrivateKey signs = (PrivateKey) keys.getKey(ROOT, WORD);
                KeyPair machine = pair();
                X509Certificate made = machine(machine, root, signs, names, addresses);
                keys.setKeyEntry(MACHINE, machine.getPrivate(), WORD, new Certificate[] {made, root});
                write(keys);
            }
            return keys;
        } catch (GeneralSecurityException | OperatorCreationException | IOException e) {
            throw new IllegalStateException("No certificate can be made in " + file, e);
        }
    }

    /** What a tablet is told to trust, as DER. */
    static byte[] root(KeyStore keys) {
        try {
            return keys.getCertificate(ROOT).getEncoded();
        } catch (GeneralSecurityException e) {
            throw new IllegalStateException(e);
        }
    }

    private boolean over(KeyStore keys, String which) throws GeneralSecurityException {
        @Nullable X509Certificate there = (X509Certificate) keys.getCertificate(which);
        return there == null
                || there.getNotAfter().toInstant().isBefore(clock.instant().plus(NEARLY_OVER));
    }

    private static Set<String> namesIn(KeyStore keys) throws GeneralSecurityException {
        Set<String> names = new TreeSet<>();
        for (List<?> name : ((X509Certificate) keys.getCertificate(MACHINE)).getSubjectAlternativeNames()) {
            names.add((String) name.get(1));
        }
        return names;
    }

    private static KeyPair pair() throws GeneralSecurityException {
        KeyPairGenerator generator = KeyPairGenerator.getInstance("EC");
        generator.initialize(256);
        return generator.generateKeyPair();
    }

    private X509Certificate root(KeyPair pair) throws GeneralSecurityException, OperatorCreationException, IOException {
        X500Name name = new X500Name("CN=Mischung of this salon");
        X509v3CertificateBuilder builder = builder(name, ROOT_LASTS, name, pair);
        builder.addExtension(Extension.basicConstraints, true, new BasicConstraints(0));
        builder.addExtension(Extension.keyUsage, true, new KeyUsage(KeyUsage.keyCertSign));
        return signed(builder, pair.getPrivate());
    }

    private X509Certificate machine(
            KeyPair pair,
            X509Certificate root,
            PrivateKey signs,
            Collection<String> names,
            Collection<InetAddress> addresses)
            throws GeneralSecurityException, OperatorCreationException, IOException {
        X509v3CertificateBuilder builder = builder(
                new X500Name(root.getSubjectX500Principal().getName()), LASTS, new X500Name("CN=Mischung"), pair);
        List<GeneralName> all = new ArrayList<>();
        names.forEach(one -> all.add(new GeneralName(DNS, one)));
        addresses.forEach(one -> all.add(new GeneralName(IP, one.getHostAddress())));
        builder.addExtension(
                Extension.subjectAlternativeName, false, new GeneralNames(all.toArray(GeneralName[]::new)));
        builder.addExtension(Extension.basicConstraints, true, new BasicConstraints(false));
        builder.addExtension(Extension.extendedKeyUsage, false, new ExtendedKeyUsage(KeyPurposeId.id_kp_serverAuth));
        return signed(builder, signs);
    }

    private X509v3CertificateBuilder builder(X500Name issuer, Duration lasts, X500Name of, KeyPair pair) {
        Instant now = clock.instant();
        return new JcaX509v3CertificateBuilder(
                issuer,
                new BigInteger(SERIAL_BITS, new SecureRandom()),
                Date.from(now.minus(Duration.ofDays(1))),
                Date.from(now.plus(lasts)),
                of,
                pair.getPublic());
    }

    private static X509Certificate signed(X509v3CertificateBuilder builder, PrivateKey by)
            throws GeneralSecurityException, OperatorCreationException {
        return new JcaX509CertificateConverter()
                .getCertificate(builder.build(new JcaContentSignerBuilder(SIGNED).build(by)));
    }

    private void write(KeyStore keys) throws GeneralSecurityException, IOException {
        Files.deleteIfExists(file);
        if (file.getFileSystem().supportedFileAttributeViews().contains("posix")) {
            Files.createFile(file, PosixFilePermissions.asFileAttribute(PosixFilePermissions.fromString("rw-------")));
        }
        try (OutputStream out = Files.newOutputStream(file)) {
            keys.store(out, WORD);
        }
    }
}
