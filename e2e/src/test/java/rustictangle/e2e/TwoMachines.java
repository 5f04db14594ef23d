package rustictangle.e2e;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.ArrayList;
import java.util.List;

/**
 * A second machine in the home: a network namespace of its own (Linux), joined to this one by a cable. Needs the rights of
 * root, as bin/test has them where it may install the browser.
 */
final class TwoMachines implements AutoCloseable {

    /** Of this machine, in their home. */
    static final String HERE = "10.77.3.1";

    private static final String THERE = "10.77.3.2";
    /** The second machine's other address, from which somebody guesses. */
    static final String GUESSER = "10.77.3.9";

    private static final String NAME = "rt-phone";
    private static final String CABLE = "rt-home";

    private TwoMachines() {}

    static TwoMachines joined() throws IOException, InterruptedException {
        TwoMachines both = new TwoMachines();
        both.close();
        run("ip", "netns", "add", NAME);
        run("ip", "link", "add", CABLE, "type", "veth", "peer", "name", "rt-away", "netns", NAME);
        run("ip", "addr", "add", HERE + "/24", "dev", CABLE);
        run("ip", "link", "set", CABLE, "up");
        run(there("ip", "addr", "add", THERE + "/24", "dev", "rt-away"));
        run(there("ip", "addr", "add", GUESSER + "/24", "dev", "rt-away"));
        run(there("ip", "link", "set", "rt-away", "up"));
        run(there("ip", "link", "set", "lo", "up"));
        return both;
    }

    /** The signal drops, or is back. */
    void signal(boolean on) throws IOException, InterruptedException {
        run(there("ip", "route", on ? "del" : "add", "blackhole", HERE + "/32"));
    }

    /** The browser of the second machine, to be started like any. */
    static Path browser(Path folder) throws IOException {
        Path script = folder.resolve("browser-there");
        Files.writeString(
                script, "#!/bin/sh\nexec ip netns exec " + NAME + " /usr/bin/chromium-headless-shell \"$@\"\n");
        return Files.setPosixFilePermissions(script, PosixFilePermissions.fromString("rwx------"));
    }

    /**
     * What is answered to the second machine.
     *
     * @param arguments of curl
     * @return the body, and after a space the status; 000: nobody answers
     */
    static String asks(String... arguments) throws IOException, InterruptedException {
        return asked(there("curl"), arguments);
    }

    /** The same, to this machine at its address in the home. */
    static String asksFromHere(String... arguments) throws IOException, InterruptedException {
        return asked(new String[] {"curl"}, arguments);
    }

    private static String asked(String[] curl, String... arguments) throws IOException, InterruptedException {
        List<String> command = new ArrayList<>(List.of(curl));
        command.addAll(List.of("-sk", "--max-time", "20", "-w", " %{http_code}"));
        command.addAll(List.of(arguments));
        Process asked = new ProcessBuilder(command).start();
        String said = new String(asked.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        asked.waitFor();
        return said;
    }

    private static String[] there(String... command) {
        List<String> whole = new ArrayList<>(List.of("ip", "netns", "exec", NAME));
        whole.addAll(List.of(command));
        return whole.toArray(String[]::new);
    }

    private static void run(String... command) throws IOException, InterruptedException {
        Process process = new ProcessBuilder(command).redirectErrorStream(true).start();
        String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        if (process.waitFor() != 0) {
            throw new IOException(String.join(" ", command) + ": " + said);
        }
    }

    /** The cable goes with the second machine. */
    @Override
    public void close() throws IOException, InterruptedException {
        new ProcessBuilder("ip", "netns", "del", NAME)
                .redirectErrorStream(true)
                .start()
                .waitFor();
        new ProcessBuilder("ip", "link", "del", CABLE)
                .redirectErrorStream(true)
                .start()
                .waitFor();
    }
}
