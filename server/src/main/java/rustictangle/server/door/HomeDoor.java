package rustictangle.server.door;

import java.io.IOException;
import java.net.InetAddress;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.concurrent.TimeUnit;
import java.util.stream.Collectors;
import org.apache.catalina.LifecycleException;
import org.apache.catalina.Service;
import org.apache.catalina.connector.Connector;
import org.apache.coyote.http11.Http11NioProtocol;
import org.apache.tomcat.util.net.SSLHostConfig;
import org.apache.tomcat.util.net.SSLHostConfigCertificate;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.boot.tomcat.TomcatWebServer;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.event.EventListener;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import rustictangle.core.Refused;
import rustictangle.server.frame.DataFile;

/**
 * The second door, to the home: encrypted, on one chosen private address, shut unless its owner opened it. Beside it, one
 * that is not encrypted and only shows the way.
 */
@Component
public final class HomeDoor {

    private static final Logger LOG = LoggerFactory.getLogger("rustictangle");

    private static final int MOST_CONNECTIONS = 60;
    private static final int MOST_WAITING = 20;
    private static final int THREADS = 12;
    /** A phone that is slow to ask, or gone. */
    private static final Duration PATIENCE = Duration.ofSeconds(20);

    private final HomeFile file;
    private final Path data;
    private final int port;
    private final List<String> more;
    private final String atTheStart;
    private final Pairing pairing;
    private final List<Connector> open = new ArrayList<>();
    /** Of this machine's own door: chosen the same, that one stays what it is, and this one shut. */
    private volatile int ownPort;

    private @Nullable Service tomcat;
    private @Nullable HomeCertificate certificate;
    private volatile Set<String> hosts = Set.of();

    /**
     * @param port  of the encrypted door; the other one stands beside it, one further
     * @param names more under which it may be asked for, where a router or a container names it
     * @param atTheStart an address at which it is opened as the application starts; "auto": the only one; empty: as it was
     */
    HomeDoor(
            HomeFile file,
            DataFile data,
            @Value("${rustictangle.home.port}") int port,
            @Value("${rustictangle.home.names}") List<String> names,
            @Value("${rustictangle.home.at}") String atTheStart,
            Pairing pairing) {
        this.file = file;
        this.atTheStart = atTheStart;
        this.pairing = pairing;
        this.data = data.file();
        this.port = port;
        this.more = names.stream().filter(name -> !name.isBlank()).toList();
    }

    @EventListener
    void ready(ApplicationReadyEvent event) {
        if (event.getApplicationContext() instanceof WebServerApplicationContext web
                && web.getWebServer() instanceof TomcatWebServer server) {
            tomcat = server.getTomcat().getService();
            ownPort = server.getPort();
            if (atTheStart.isBlank()) {
                file.address().ifPresent(this::openAgain);
            } else {
                openForTheFirst();
            }
        }
    }

    /** On a machine without a screen the code is said where it was started. */
    private void openForTheFirst() {
        List<String> addresses = Addresses.ofThisMachine();
        if (atTheStart.equals("auto") && addresses.size() != 1) {
            LOG.warn("The door to the home stays shut: say in RUSTIC_TANGLE_HOME which of {} it is.", addresses);
            return;
        }
        String address = atTheStart.equals("auto") ? addresses.get(0) : atTheStart;
        openAgain(address);
        if (isOpen() && file.devices().isEmpty()) {
            Pairing.Offer offer = pairing.offer("first device", Role.OWNERS, Instant.now());
            LOG.info(
                    "To let a device in, open {}/pair there and type {} (good once, for {} minutes)",
                    outerUrl(address),
                    offer.code(),
                    Pairing.GOOD_FOR.toMinutes());
        }
    }

    private void openAgain(String address) {
        try {
            open(address);
            LOG.info("Also in our home: {}", url(address));
        } catch (Refused gone) {
            LOG.warn("The door to the home stays shut: {}", gone.getMessage());
        }
    }

    /** Whether it is a request that came through this door, encrypted or not. */
    boolean isIts(int localPort) {
        return localPort != ownPort && (localPort == port || localPort == port + 1);
    }

    boolean isOpen() {
        return !open.isEmpty();
    }

    /** Where it was opened, and whether the machine still has that address. */
    Optional<String> address() {
        return file.address();
    }

    String url(String host) {
        return "https://" + host + ":" + port;
    }

    /** Under which it is reached, the surest first; none: it is shut. */
    List<String> urls() {
        List<String> names =
                new ArrayList<>(file.address().filter(hosts::contains).stream().toList());
        hosts.stream().filter(host -> !names.contains(host)).sorted().forEach(names::add);
        return names.stream().map(this::url).toList();
    }

    /** As a phone reaches it: by the name that a router or a container has for it, else by the address. */
    String outerUrl(String address) {
        return url(more.isEmpty() ? address : more.get(0));
    }

    /** Under which it may be asked for. */
    Set<String> hosts() {
        return hosts;
    }

    Optional<HomeCertificate> certificate() {
        return Optional.ofNullable(certificate);
    }

    /** @throws Refused when it is no private address of this machine, or cannot be opened there */
    synchronized void open(String address) {
        if (!Addresses.ofThisMachine().contains(address)) {
            throw new Refused("This machine has no address " + address + " in the home now. It has "
                    + Addresses.ofThisMachine().stream().collect(Collectors.joining(", ")) + ".");
        }
        if (ownPort == port || ownPort == port + 1) {
            throw new Refused(
                    "Port " + ownPort + " is this machine’s own door: choose another in RUSTIC_TANGLE_HOME_PORT.");
        }
        shutConnectors();
        try {
            Set<String> names = new TreeSet<>(more);
            names.add(address);
            Addresses.localName().ifPresent(names::add);
            certificate = certificateFor(names);
            hosts = Set.copyOf(names);
            start(encrypted(address, certificate));
            start(plain(address));
        } catch (IOException | LifecycleException e) {
            shutConnectors();
            throw new Refused("The door cannot be opened at " + address + ": is port " + port + " or " + (port + 1)
                    + " in use by another program?");
        }
        file.stands(address);
    }

    /** At once, whoever is within. */
    synchronized void shut() {
        file.stands(null);
        shutConnectors();
    }

    /** The address may be gone, with the cable or the home itself; the certificate may end. */
    @Scheduled(fixedDelay = 5, initialDelay = 5, timeUnit = TimeUnit.SECONDS)
    synchronized void look() {
        Optional<String> address = file.address();
        if (tomcat == null || address.isEmpty()) {
            return;
        }
        boolean there = Addresses.ofThisMachine().contains(address.get());
        if (isOpen() && !there) {
            LOG.warn("The address {} is gone: the door to the home is shut until it is back.", address.get());
            shutConnectors();
        } else if (there && (!isOpen() || certificate != null && certificate.endsSoon(Instant.now()))) {
            openAgain(address.get());
        }
    }

    private HomeCertificate certificateFor(Set<String> names) throws IOException {
        return HomeCertificate.of(data.resolveSibling(data.getFileName() + ".home.p12"), data, names, Instant.now());
    }

    private void start(Connector connector) throws LifecycleException {
        if (tomcat == null) {
            throw new LifecycleException("there is no server");
        }
        open.add(connector);
        tomcat.addConnector(connector);
        if (!connector.getState().isAvailable()) {
            throw new LifecycleException("not started");
        }
    }

    private void shutConnectors() {
        hosts = Set.of();
        for (Connector connector : open) {
            try {
                if (tomcat != null) {
                    tomcat.removeConnector(connector);
                }
                connector.destroy();
            } catch (LifecycleException e) {
                LOG.warn("A door did not shut well: {}", e.getMessage());
            }
        }
        open.clear();
    }

    private Connector encrypted(String address, HomeCertificate certificate) throws IOException {
        Connector connector = connector(address, port);
        connector.setSecure(true);
        connector.setScheme("https");
        Http11NioProtocol protocol = (Http11NioProtocol) connector.getProtocolHandler();
        protocol.setSSLEnabled(true);
        SSLHostConfig host = new SSLHostConfig();
        host.setProtocols("TLSv1.2+TLSv1.3");
        SSLHostConfigCertificate own = new SSLHostConfigCertificate(host, SSLHostConfigCertificate.Type.EC);
        own.setCertificateKeystore(certificate.store());
        own.setCertificateKeyAlias(HomeCertificate.DOOR);
        own.setCertificateKeyPassword(String.valueOf(HomeCertificate.WORD));
        host.addCertificate(own);
        protocol.addSslHostConfig(host);
        return connector;
    }

    private Connector plain(String address) throws IOException {
        Connector connector = connector(address, port + 1);
        connector.setRedirectPort(port);
        return connector;
    }

    private static Connector connector(String address, int port) throws IOException {
        Connector connector = new Connector(Http11NioProtocol.class.getName());
        connector.setPort(port);
        connector.setXpoweredBy(false);
        Http11NioProtocol protocol = (Http11NioProtocol) connector.getProtocolHandler();
        protocol.setAddress(InetAddress.getByName(address));
        protocol.setMaxConnections(MOST_CONNECTIONS);
        protocol.setAcceptCount(MOST_WAITING);
        protocol.setMaxThreads(THREADS);
        protocol.setConnectionTimeout((int) PATIENCE.toMillis());
        protocol.setConnectionUploadTimeout((int) PATIENCE.toMillis());
        protocol.setDisableUploadTimeout(false);
        protocol.setCompression("on");
        return connector;
    }
}
