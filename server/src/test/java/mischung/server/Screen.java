package mischung.server;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.CookieManager;
import java.net.CookiePolicy;
import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.GeneralSecurityException;
import java.security.KeyStore;
import java.security.cert.CertificateFactory;
import java.security.cert.X509Certificate;
import java.time.Duration;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javax.net.ssl.SSLContext;
import javax.net.ssl.TrustManagerFactory;
import org.jspecify.annotations.Nullable;

/** A browser at the program, with cookies of its own: at the main machine, or at a device of the house that trusts its certificate. */
final class Screen {
    private static final Pattern FIGURES = Pattern.compile("class=\"code\">(\\d{3}) (\\d{3})<");

    private final String address;
    private final CookieManager cookies = new CookieManager(null, CookiePolicy.ACCEPT_ALL);
    private final HttpClient client;

    private Screen(String address, @Nullable SSLContext trust) {
        this.address = address;
        HttpClient.Builder builder =
                HttpClient.newBuilder().version(HttpClient.Version.HTTP_1_1).cookieHandler(cookies);
        this.client =
                trust == null ? builder.build() : builder.sslContext(trust).build();
    }

    static Screen main(Started program) {
        return new Screen(program.address(), null);
    }

    /**
     * @param address of the house's door
     * @param trusted the house's certificate, and no other
     */
    static Screen device(String address, byte[] trusted) {
        return new Screen(address, trust(trusted));
    }

    /**
     * A device of the house's network, which is let in for it; it is not paired yet.
     *
     * @param data the program's folder
     */
    static Screen atTheDoor(Screen main, Path data) {
        String address = main.send("PUT", "/api/devices/network", "{\"on\":true}")
                .json()
                .path("addresses")
                .get(0)
                .asString();
        int port = Integer.parseInt(address.replaceAll(".*:(\\d+)/", "$1"));
        return device("https://localhost:" + port, certificate(data));
    }

    static Screen paired(Screen main, Path data, String name) {
        Screen device = atTheDoor(main, data);
        String pairing = "{\"code\":\"" + device.figures() + "\",\"name\":\"" + name + "\"}";
        Started.Answer taken = main.send("POST", "/api/devices", pairing);
        if (taken.status() != 200 || device.page("/").status() != 303) {
            throw new IllegalStateException("Not let in: " + taken.text());
        }
        return device;
    }

    /** Read from the data folder, as a tablet would get it by hand. */
    private static byte[] certificate(Path data) {
        try (var in = Files.newInputStream(data.resolve("house.p12"))) {
            KeyStore keys = KeyStore.getInstance("PKCS12");
            keys.load(in, "mischung".toCharArray());
            return keys.getCertificate("root").getEncoded();
        } catch (IOException | GeneralSecurityException e) {
            throw new IllegalStateException(e);
        }
    }

    private static SSLContext trust(byte[] certificate) {
        try {
            X509Certificate root = (X509Certificate)
                    CertificateFactory.getInstance("X.509").generateCertificate(new ByteArrayInputStream(certificate));
            KeyStore store = KeyStore.getInstance("PKCS12");
            store.load(null, null);
            store.setCertificateEntry("house", root);
            TrustManagerFactory managers = TrustManagerFactory.getInstance(TrustManagerFactory.getDefaultAlgorithm());
            managers.init(store);
            SSLContext context = SSLContext.getInstance("TLS");
            context.init(null, managers.getTrustManagers(), null);
            return context;
        } catch (GeneralSecurityException | IOException e) {
            throw new IllegalStateException(e);
        }
    }

    Started.Answer send(String method, String path, String body, String... headers) {
        HttpRequest.Builder request =
                HttpRequest.newBuilder(URI.create(address + path)).timeout(Duration.ofMinutes(1));
        if (headers.length > 0) {
            request.headers(headers);
        } else if (!body.isEmpty()) {
            request.header("Content-Type", "application/json");
        }
        request.method(
                method,
                body.isEmpty() ? HttpRequest.BodyPublishers.noBody() : HttpRequest.BodyPublishers.ofString(body));
        try {
            HttpResponse<String> answer = client.send(request.build(), HttpResponse.BodyHandlers.ofString());
            return new Started.Answer(
                    answer.statusCode(),
                    answer.headers().firstValue("Content-Type").orElse(""),
                    answer.body());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }

    Started.Answer get(String path) {
        return send("GET", path, "");
    }

    /** A page as a browser asks for it. */
    Started.Answer page(String path) {
        return send("GET", path, "", "Accept", "text/html");
    }

    /** The six figures it shows. */
    String figures() {
        Matcher found = FIGURES.matcher(page("/").text());
        if (!found.find()) {
            throw new IllegalStateException("No figures are shown");
        }
        return found.group(1) + found.group(2);
    }

    Started.Answer sit(long person, String pin) {
        return send("POST", "/api/people/here", "{\"person\":" + person + ",\"pin\":\"" + pin + "\"}");
    }

    /** What it keeps under this name. */
    String cookie(String name) {
        return cookies.getCookieStore().getCookies().stream()
                .filter(one -> one.getName().equals(name))
                .map(HttpCookie::getValue)
                .findFirst()
                .orElse("");
    }
}
