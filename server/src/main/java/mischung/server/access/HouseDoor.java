package mischung.server.access;

import java.net.InetAddress;
import java.net.NetworkInterface;
import java.net.SocketException;
import java.net.UnknownHostException;
import java.security.KeyStore;
import java.time.Clock;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import mischung.said.RefusedInput;
import mischung.server.Settings;
import mischung.server.store.AccessStore;
import mischung.server.words.ProblemMessage;
import org.apache.catalina.LifecycleException;
import org.apache.catalina.connector.Connector;
import org.apache.tomcat.util.net.SSLHostConfig;
import org.apache.tomcat.util.net.SSLHostConfigCertificate;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.boot.tomcat.TomcatWebServer;
import org.springframework.boot.web.server.servlet.context.ServletWebServerApplicationContext;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** The door to the house's network: shut until it is opened, and encrypted always. What comes in by it is never the main machine. */
@Component
public class HouseDoor {
    private final ServletWebServerApplicationContext server;
    private final AccessStore store;
    private final Settings settings;
    private final HouseCertificate certificate;

    private @Nullable Connector open;
    private byte[] root = new byte[0];
    private Set<String> names = Set.of();

    public HouseDoor(ServletWebServerApplicationContext server, AccessStore store, Settings settings, Clock clock) {
        this.server = server;
        this.store = store;
        this.settings = settings;
        this.certificate = new HouseCertificate(settings.data().resolve("house.p12"), clock);
    }

    @EventListener(ApplicationReadyEvent.class)
    void started() {
        if (store.switches().network()) {
            open();
        }
    }

    /** @throws RefusedInput if something else listens there */
    public synchronized void set(boolean on) {
        if (on) {
            open();
        } else {
            shut();
        }
        store.network(on);
    }

    /** Whether a request at this port came by this door. */
    public synchronized boolean is(int port) {
        return open != null && open.getLocalPort() == port;
    }

    public synchronized boolean isOpen() {
        return open != null;
    }

    /** Where devices of the house reach it. */
    public synchronized List<String> addresses() {
        Connector door = open;
        return door == null
                ? List.of()
                : names.stream()
                        .filter(one -> !LOOPBACK.contains(one))
                        .map(one -> "https://" + one + ":" + door.getLocalPort() + "/")
                        .toList();
    }

    /** By which names it may be asked for. */
    public synchronized boolean answersTo(String name) {
        return names.contains(name.toLowerCase(Locale.ROOT));
    }

    /** The certificate that a device is told to trust, as DER; empty where one was given by file. */
    public synchronized byte[] root() {
        return root.clone();
    }

    private static final Set<String> LOOPBACK = Set.of("localhost", "127.0.0.1");

    private synchronized void open() {
        if (open != null) {
            return;
        }
        List<InetAddress> addresses = ownAddresses();
        List<String> called = ownNames();
        Set<String> all = new LinkedHashSet<>();
        addresses.forEach(one -> all.add(one.getHostAddress()));
        all.addAll(called);
        Connector door = new Connector("org.apache.coyote.http11.Http11NioProtocol");
        door.setPort(settings.housePort());
        door.setScheme("https");
        door.setSecure(true);
        door.setProperty("SSLEnabled", "true");
        door.setProperty("maxSwallowSize", "-1");
        door.setProperty("compression", "on");
        SSLHostConfig tls = new SSLHostConfig();
        tls.setProtocols("TLSv1.2+TLSv1.3");
        SSLHostConfigCertificate shown = new SSLHostConfigCertificate(tls, SSLHostConfigCertificate.Type.UNDEFINED);
        if (settings.certificate().isEmpty()) {
            KeyStore keys = certificate.keys(called, addresses);
            shown.setCertificateKeystore(keys);
            shown.setCertificateKeyAlias(HouseCertificate.MACHINE);
            shown.setCertificateKeyPassword(new String(HouseCertificate.WORD));
            root = HouseCertificate.root(keys);
        } else {
            shown.setCertificateFile(settings.certificate());
            shown.setCertificateKeyFile(settings.certificateKey());
        }
        tls.addCertificate(shown);
        door.addSslHostConfig(tls);
        var service = ((TomcatWebServer) server.getWebServer()).getTomcat().getService();
        service.addConnector(door);
        if (door.getLocalPort() <= 0) {
            service.removeConnector(door);
            throw new RefusedInput("port", settings.housePort(), ProblemMessage.PORT_IS_TAKEN);
        }
        names = all;
        open = door;
    }

    private synchronized void shut() {
        Connector door = open;
        if (door == null) {
            return;
        }
        open = null;
        var service = ((TomcatWebServer) server.getWebServer()).getTomcat().getService();
        service.removeConnector(door);
        try {
            door.destroy();
        } catch (LifecycleException e) {
            throw new IllegalStateException("The door to the house's network does not shut", e);
        }
    }

    /** IPv4, as it is typed by hand. */
    private static List<InetAddress> ownAddresses() {
        try {
            List<InetAddress> all = new ArrayList<>();
            for (NetworkInterface one : Collections.list(NetworkInterface.getNetworkInterfaces())) {
                if (one.isUp()) {
                    one.inetAddresses()
                            .filter(address -> address.getAddress().length == 4)
                            .forEach(all::add);
                }
            }
            return all;
        } catch (SocketException e) {
            throw new IllegalStateException("This machine's addresses cannot be read", e);
        }
    }

    private static List<String> ownNames() {
        List<String> all = new ArrayList<>(List.of("localhost"));
        try {
            String name = InetAddress.getLocalHost().getHostName().toLowerCase(Locale.ROOT);
            if (name.matches("[a-z0-9-]+") && !name.equals("localhost")) {
                all.add(name);
                all.add(name + ".local");
            }
        } catch (UnknownHostException e) {
            // A machine without a name is reached by its address.
        }
        return all;
    }
}
