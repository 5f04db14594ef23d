package rustictangle.server.door;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.ByteArrayInputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.security.cert.CertPathValidator;
import java.security.cert.CertPathValidatorException;
import java.security.cert.CertificateFactory;
import java.security.cert.PKIXParameters;
import java.security.cert.TrustAnchor;
import java.security.cert.X509Certificate;
import java.time.Duration;
import java.time.Instant;
import java.util.Date;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The household's own certificates, looked over by the platform's own validator (RFC 5280). */
class HomeCertificateTest {

    private static final Instant NOW = Instant.parse("2026-05-14T09:00:00Z");
    private static final List<String> HOME = List.of("192.168.1.5", "laptop.local");

    @TempDir
    private Path folder;

    private Path data;
    private Path keys;

    @BeforeEach
    void beside() {
        data = folder.resolve("household.db");
        keys = folder.resolve("household.db.home.p12");
    }

    private HomeCertificate of(List<String> names, Instant now) throws Exception {
        return HomeCertificate.of(keys, data, names, now);
    }

    private static void validate(HomeCertificate certificate, Instant at) throws Exception {
        CertificateFactory x509 = CertificateFactory.getInstance("X.509");
        X509Certificate root = (X509Certificate) x509.generateCertificate(new ByteArrayInputStream(certificate.root()));
        // As one of the path, for what it may vouch for is not looked at where it is the anchor itself.
        PKIXParameters trusted =
                new PKIXParameters(Set.of(new TrustAnchor(root.getSubjectX500Principal(), root.getPublicKey(), null)));
        trusted.setRevocationEnabled(false);
        trusted.setDate(Date.from(at));
        CertPathValidator.getInstance("PKIX")
                .validate(
                        x509.generateCertPath(List.of(certificate.store().getCertificate(HomeCertificate.DOOR), root)),
                        trusted);
    }

    @Test
    void aPhoneThatTookInTheRootTrustsTheDoorForAYear() throws Exception {
        HomeCertificate certificate = of(HOME, NOW);
        validate(certificate, NOW);
        validate(certificate, NOW.plus(Duration.ofDays(390)));
        X509Certificate door = (X509Certificate) certificate.store().getCertificate(HomeCertificate.DOOR);
        assertEquals(
                Set.of("192.168.1.5", "laptop.local"),
                Set.of(door.getSubjectAlternativeNames().stream()
                        .map(name -> name.get(1))
                        .toArray()));
        long days = Duration.between(
                        door.getNotBefore().toInstant(), door.getNotAfter().toInstant())
                .toDays();
        assertTrue(days <= 398, days + " days: phones take none for longer");
    }

    @Test
    void theRootVouchesForNoOtherSite() throws Exception {
        for (String elsewhere : List.of("example.org", "8.8.8.8")) {
            Files.deleteIfExists(keys);
            HomeCertificate certificate = of(List.of(elsewhere), NOW);
            assertThrows(CertPathValidatorException.class, () -> validate(certificate, NOW), elsewhere);
        }
    }

    @Test
    void itStaysTheSameUntilItEndsOrTheMachineIsCalledOtherwise() throws Exception {
        HomeCertificate first = of(HOME, NOW);
        assertEquals("rw-------", PosixFilePermissions.toString(Files.getPosixFilePermissions(keys)));
        assertEquals(
                first.fingerprint(), of(HOME, NOW.plus(Duration.ofDays(300))).fingerprint());
        HomeCertificate moved = of(List.of("192.168.1.6", "laptop.local"), NOW);
        assertNotEquals(first.fingerprint(), moved.fingerprint());
        assertEquals(first.root().length, moved.root().length, "the phones keep the root that they took in");
        Instant nearTheEnd = NOW.plus(Duration.ofDays(370));
        assertTrue(moved.endsSoon(nearTheEnd));
        HomeCertificate renewed = of(List.of("192.168.1.6", "laptop.local"), nearTheEnd);
        assertNotEquals(moved.fingerprint(), renewed.fingerprint());
        assertFalse(renewed.endsSoon(nearTheEnd));
        validate(renewed, nearTheEnd);
    }
}
