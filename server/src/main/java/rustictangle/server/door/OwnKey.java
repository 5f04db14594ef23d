package rustictangle.server.door;

import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.util.Arrays;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.http.HttpHeaders;
import org.springframework.stereotype.Component;
import rustictangle.server.frame.DataFile;
import rustictangle.server.frame.PrivateFiles;
import rustictangle.server.frame.WayIn;

/**
 * The key of this machine's own door. It stands in a file beside the data that only its owner can read, as an address that
 * lets a browser in; the owner's scripts read it there, too. The demo household is made up, and open.
 */
@Component
public final class OwnKey implements WayIn {

    /** 256 bits: nobody guesses it, so nobody is kept from trying. */
    private static final int BYTES = 32;

    private static final Pattern LINE = Pattern.compile("http://127\\.0\\.0\\.1:\\d+/enter#([A-Za-z0-9_-]{43})\\s*");
    private static final String BEARER = "Bearer ";

    private final Path data;
    private final Path file;
    private final Optional<String> key;

    OwnKey(DataFile data, @Value("${rustictangle.demo}") boolean demo) {
        this.data = data.file();
        file = WayIn.beside(this.data);
        key = demo ? Optional.empty() : Optional.of(kept().orElseGet(() -> Secrets.fresh(BYTES)));
    }

    private Optional<String> kept() {
        try {
            Matcher line = LINE.matcher(Files.exists(file) ? Files.readString(file) : "");
            return line.matches() ? Optional.of(line.group(1)) : Optional.empty();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    @Override
    public String open(int port) {
        String page = "http://127.0.0.1:" + port + "/";
        if (key.isEmpty()) {
            return page;
        }
        String address = page + "enter#" + key.get();
        try {
            PrivateFiles.write(data, file, bytes(address + "\n"));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return address;
    }

    @Override
    public Path file() {
        return file;
    }

    boolean asked() {
        return key.isPresent();
    }

    boolean fits(String given) {
        return key.filter(own -> MessageDigest.isEqual(bytes(own), bytes(given)))
                .isPresent();
    }

    /** Whether the request bears it, as a browser that was let in or as a script. */
    boolean borneBy(HttpServletRequest request) {
        String script = request.getHeader(HttpHeaders.AUTHORIZATION);
        return script != null && script.startsWith(BEARER) && fits(script.substring(BEARER.length()))
                || request.getCookies() != null
                        && Arrays.stream(request.getCookies())
                                .filter(cookie -> cookie.getName().equals(cookieName(request)))
                                .map(Cookie::getValue)
                                .anyMatch(this::fits);
    }

    /** Two instances of one machine share its name, and a browser keeps cookies by name of the machine only. */
    static String cookieName(HttpServletRequest request) {
        return "door-" + request.getLocalPort();
    }

    private static byte[] bytes(String text) {
        return text.getBytes(StandardCharsets.UTF_8);
    }
}
