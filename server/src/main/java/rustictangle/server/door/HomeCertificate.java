package rustictangle.server.door;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.math.BigInteger;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.GeneralSecurityException;
import java.security.KeyPair;
import java.security.KeyPairGenerator;
import java.security.KeyStore;
import java.security.MessageDigest;
import java.security.PrivateKey;
import java.security.SecureRandom;
import java.security.cert.Certificate;
import java.security.cert.X509Certificate;
import java.security.spec.ECGenParameterSpec;
import java.time.Duration;
import java.time.Instant;
import java.util.Collection;
import java.util.Date;
import java.util.HexFormat;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import org.bouncycastle.asn1.x500.X500Name;
import org.bouncycastle.asn1.x509.BasicConstraints;
import org.bouncycastle.asn1.x509.ExtendedKeyUsage;
import org.bouncycastle.asn1.x509.Extension;
import org.bouncycastle.asn1.x509.GeneralName;
import org.bouncycastle.asn1.x509.GeneralNames;
import org.bouncycastle.asn1.x509.GeneralSubtree;
import org.bouncycastle.asn1.x509.KeyPurposeId;
import org.bouncycastle.asn1.x509.KeyUsage;
import org.bouncycastle.asn1.x509.NameConstraints;
import org.bouncycastle.cert.X509v3CertificateBuilder;
import org.bouncycastle.cert.jcajce.JcaX509CertificateConverter;
import org.bouncycastle.cert.jcajce.JcaX509ExtensionUtils;
import org.bouncycastle.cert.jcajce.JcaX509v3CertificateBuilder;
import org.bouncycastle.operator.OperatorCreationException;
import org.bouncycastle.operator.jcajce.JcaContentSignerBuilder;
import rustictangle.server.frame.PrivateFiles;

/**
 * The household's own certificates (RFC 5280): a root, which a phone may take in, and one for the door, signed by it. The
 * root vouches for private addresses and names of a home only, so nobody who stole it could pretend to be another site.
 */
final class HomeCertificate {

    static final String DOOR = "door";
    /** The file is for its owner's eyes only; the library wants a word all the same. */
    static final char[] WORD = "rustic-tangle".toCharArray();

    private static final String ROOT = "root";
    private static final Duration ROOT_LASTS = Duration.ofDays(3650);
    /** Phones take no longer one for a site. */
    private static final Duration DOOR_LASTS = Duration.ofDays(397);

    private static final Duration RENEWED_BEFORE = Duration.ofDays(30);
    private static final int SERIAL_BITS = 127;
    private static final List<String> HOMES = List.of(
            "10.0.0.0/255.0.0.0",
            "172.16.0.0/255.240.0.0",
            "192.168.0.0/255.255.0.0",
            "169.254.0.0/255.255.0.0",
            "fc00::/fe00::",
            "fe80::/ffc0::");
    private static final List<String> HOME_NAMES = List.of("local", "lan", "home", "internal", "home.arpa");

    private final KeyStore store;

    private HomeCertificate(KeyStore store) {
        this.store = store;
    }

    /**
     * What is kept, made anew where there is none, where it ends soon, or where the machine has another address or name.
     *
     * @param file      of the keys, readable by its owner only
     * @param data      beside which it lies
     * @param addresses and names under which the door is reached
     * @param now       by the real clock: browsers go by theirs
     */
    static HomeCertificate of(Path file, Path data, Collection<String> addresses, Instant now) throws IOException {
        try {
            KeyStore store = KeyStore.getInstance("PKCS12");
            if (Files.exists(file)) {
                try (InputStream kept = Files.newInputStream(file)) {
                    store.load(kept, WORD);
                }
            } else {
                store.load(null, WORD);
            }
            boolean changed = false;
            if (ends(store, ROOT).isBefore(now.plus(DOOR_LASTS))) {
                makeRoot(store, now);
                changed = true;
            }
            if (changed
                    || ends(store, DOOR).isBefore(now.plus(RENEWED_BEFORE))
                    || !names(store).equals(new TreeSet<>(addresses))) {
                makeDoor(store, addresses, now);
                changed = true;
            }
            if (changed) {
                ByteArrayOutputStream out = new ByteArrayOutputStream();
                store.store(out, WORD);
                PrivateFiles.write(data, file, out.toByteArray());
            }
            return new HomeCertificate(store);
        } catch (GeneralSecurityException | OperatorCreationException e) {
            throw new IOException(e);
        }
    }

    KeyStore store() {
        return store;
    }

    /** Whether it is time for a new one. */
    boolean endsSoon(Instant now) {
        try {
            return ends(store, DOOR).isBefore(now.plus(RENEWED_BEFORE));
        } catch (GeneralSecurityException e) {
            throw new IllegalStateException(e);
        }
    }

    /** SHA-256 of the door's certificate, in pairs of digits, as browsers show it. */
    String fingerprint() {
        try {
            byte[] digest = MessageDigest.getInstance("SHA-256")
                    .digest(store.getCertificate(DOOR).getEncoded());
            return HexFormat.ofDelimiter(":").withUpperCase().formatHex(digest);
        } catch (GeneralSecurityException e) {
            throw new IllegalStateException(e);
        }
    }

    /** The root, for a phone to take in, in DER. */
    byte[] root() {
        try {
            return store.getCertificate(ROOT).getEncoded();
        } catch (GeneralSecurityException e) {
            throw new IllegalStateException(e);
        }
    }

    private static Instant ends(KeyStore store, String which) throws GeneralSecurityException {
        return store.getCertificate(which) instanceof X509Certificate kept
                ? kept.getNotAfter().toInstant()
                : Instant.MIN;
    }

    private static Set<String> names(KeyStore store) throws GeneralSecurityException {
        Set<String> names = new TreeSet<>();
        if (store.getCertificate(DOOR) instanceof X509Certificate door && door.getSubjectAlternativeNames() != null) {
            door.getSubjectAlternativeNames().forEach(name -> names.add(String.valueOf(name.get(1))));
        }
        return names;
    }

    private static void makeRoot(KeyStore store, Instant now)
            throws GeneralSecurityException, OperatorCreationException, IOException {
        KeyPair keys = keys();
        X500Name name = new X500Name("CN=Rustic Tangle of this household");
        X509v3CertificateBuilder root = builder(name, name, keys, now, ROOT_LASTS);
        root.addExtension(Extension.basicConstraints, true, new BasicConstraints(0));
        root.addExtension(Extension.keyUsage, true, new KeyUsage(KeyUsage.keyCertSign | KeyUsage.cRLSign));
        root.addExtension(
                Extension.nameConstraints,
                true,
                new NameConstraints(
                        Stream.concat(
                                        HOMES.stream().map(range -> new GeneralName(GeneralName.iPAddress, range)),
                                        HOME_NAMES.stream().map(end -> new GeneralName(GeneralName.dNSName, end)))
                                .map(GeneralSubtree::new)
                                .toArray(GeneralSubtree[]::new),
                        null));
        store.setKeyEntry(ROOT, keys.getPrivate(), WORD, new Certificate[] {signed(root, keys.getPrivate())});
    }

    private static void makeDoor(KeyStore store, Collection<String> addresses, Instant now)
            throws GeneralSecurityException, OperatorCreationException, IOException {
        KeyPair keys = keys();
        X509Certificate root = (X509Certificate) store.getCertificate(ROOT);
        X509v3CertificateBuilder door = builder(
                new X500Name(root.getSubjectX500Principal().getName()),
                new X500Name("CN=Rustic Tangle"),
                keys,
                now,
                DOOR_LASTS);
        door.addExtension(Extension.basicConstraints, true, new BasicConstraints(false));
        door.addExtension(Extension.keyUsage, true, new KeyUsage(KeyUsage.digitalSignature));
        door.addExtension(Extension.extendedKeyUsage, false, new ExtendedKeyUsage(KeyPurposeId.id_kp_serverAuth));
        door.addExtension(
                Extension.authorityKeyIdentifier,
                false,
                new JcaX509ExtensionUtils().createAuthorityKeyIdentifier(root));
        door.addExtension(
                Extension.subjectAlternativeName,
                false,
                new GeneralNames(addresses.stream()
                        .map(address -> new GeneralName(
                                Addresses.literal(address) ? GeneralName.iPAddress : GeneralName.dNSName, address))
                        .toArray(GeneralName[]::new)));
        X509Certificate signed = signed(door, (PrivateKey) store.getKey(ROOT, WORD));
        store.setKeyEntry(DOOR, keys.getPrivate(), WORD, new Certificate[] {signed, root});
    }

    private static KeyPair keys() throws GeneralSecurityException {
        KeyPairGenerator maker = KeyPairGenerator.getInstance("EC");
        maker.initialize(new ECGenParameterSpec("secp256r1"));
        return maker.generateKeyPair();
    }

    private static X509v3CertificateBuilder builder(
            X500Name issuer, X500Name subject, KeyPair keys, Instant now, Duration lasts)
            throws GeneralSecurityException, IOException {
        X509v3CertificateBuilder builder = new JcaX509v3CertificateBuilder(
                issuer,
                new BigInteger(SERIAL_BITS, new SecureRandom()),
                // A phone's clock may be behind.
                Date.from(now.minus(Duration.ofDays(1))),
                Date.from(now.plus(lasts).minus(Duration.ofDays(1))),
                subject,
                keys.getPublic());
        builder.addExtension(
                Extension.subjectKeyIdentifier,
                false,
                new JcaX509ExtensionUtils().createSubjectKeyIdentifier(keys.getPublic()));
        return builder;
    }

    private static X509Certificate signed(X509v3CertificateBuilder certificate, PrivateKey by)
            throws GeneralSecurityException, OperatorCreationException {
        return new JcaX509CertificateConverter()
                .getCertificate(certificate.build(new JcaContentSignerBuilder("SHA256withECDSA").build(by)));
    }
}
