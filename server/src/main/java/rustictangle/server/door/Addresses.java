package rustictangle.server.door;

import java.io.UncheckedIOException;
import java.net.Inet4Address;
import java.net.Inet6Address;
import java.net.InetAddress;
import java.net.NetworkInterface;
import java.net.SocketException;
import java.net.UnknownHostException;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;

/** Where this machine stands in the home. */
final class Addresses {

    private static final Pattern LITERAL = Pattern.compile("[0-9.]+|[0-9a-fA-F:]*:[0-9a-fA-F:.]*");
    private static final int UNIQUE_LOCAL = 0xFC;
    private static final int UNIQUE_LOCAL_BITS = 0xFE;

    private Addresses() {}

    /** Whether it is an address and no name. */
    static boolean literal(String host) {
        return LITERAL.matcher(host).matches();
    }

    /** Whether it belongs to a home (RFC 1918, RFC 3927, RFC 4193), not to the world outside. */
    static boolean isPrivate(InetAddress address) {
        return address.isSiteLocalAddress()
                || address.isLinkLocalAddress()
                || address instanceof Inet6Address && (address.getAddress()[0] & UNIQUE_LOCAL_BITS) == UNIQUE_LOCAL;
    }

    /** Those of this machine that a phone at home reaches. */
    static List<String> ofThisMachine() {
        try {
            return NetworkInterface.networkInterfaces()
                    .filter(Addresses::isUp)
                    .flatMap(NetworkInterface::inetAddresses)
                    .filter(address -> address instanceof Inet4Address && address.isSiteLocalAddress())
                    .map(InetAddress::getHostAddress)
                    .sorted()
                    .toList();
        } catch (SocketException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static boolean isUp(NetworkInterface one) {
        try {
            return one.isUp() && !one.isLoopback();
        } catch (SocketException gone) {
            return false;
        }
    }

    /** As the home's own naming calls it; empty: it has no name. */
    static Optional<String> localName() {
        try {
            String name = InetAddress.getLocalHost()
                    .getHostName()
                    .toLowerCase(Locale.ROOT)
                    .split("\\.")[0];
            return name.equals("localhost") || !name.matches("[a-z0-9-]+")
                    ? Optional.empty()
                    : Optional.of(name + ".local");
        } catch (UnknownHostException unnamed) {
            return Optional.empty();
        }
    }
}
