package org.civitane.server.documents;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.math.BigInteger;
import java.security.GeneralSecurityException;
import java.security.KeyFactory;
import java.security.KeyPair;
import java.security.KeyPairGenerator;
import java.security.PrivateKey;
import java.security.SecureRandom;
import java.security.cert.CertificateFactory;
import java.security.cert.X509Certificate;
import java.security.spec.PKCS8EncodedKeySpec;
import java.sql.Timestamp;
import java.time.temporal.ChronoUnit;
import java.util.Date;
import java.util.Optional;
import java.util.UUID;
import org.bouncycastle.asn1.x500.X500Name;
import org.bouncycastle.cert.X509CertificateHolder;
import org.bouncycastle.cert.jcajce.JcaX509v3CertificateBuilder;
import org.bouncycastle.operator.OperatorCreationException;
import org.bouncycastle.operator.jcajce.JcaContentSignerBuilder;
import org.civitane.server.platform.AgencyClock;
import org.civitane.server.platform.Sealing;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/**
 * The key with which documents are signed. Whichever server needs it first makes it, under a lock, so that there is one;
 * its private half lies in the database sealed with a secret that does not.
 */
@Component
class SigningKeys {
    static final String SIGNED = "SHA256withRSA";

    private static final long ONE_SERVER = 8_420_017;
    private static final X500Name AGENCY = new X500Name("CN=Halvern Household Services,O=Isles of Halvern");
    private static final int YEARS = 20;
    private static final int SERIAL_BITS = 128;
    private static final SecureRandom RANDOM = new SecureRandom();

    private final JdbcClient database;
    private final AgencyClock clock;
    private final Sealing sealing;
    private final int bits;

    SigningKeys(
            JdbcClient database, AgencyClock clock, Sealing sealing, @Value("${civitane.signing-key-bits}") int bits) {
        this.database = database;
        this.clock = clock;
        this.sealing = sealing;
        this.bits = bits;
    }

    /** A key that signs, and the certificate by which what it signed is checked. */
    record Pair(PrivateKey key, X509Certificate certificate) {}

    /** The newest key; part of the transaction that signs with it. */
    @Transactional(propagation = Propagation.MANDATORY)
    public Pair current() {
        return newest().orElseGet(() -> {
            database.sql("select pg_advisory_xact_lock(?)::text")
                    .param(ONE_SERVER)
                    .query(String.class)
                    .single();
            return newest().orElseGet(this::make);
        });
    }

    private Optional<Pair> newest() {
        return database.sql("select certificate, sealed_key from signing_key order by made_at desc limit 1")
                .query((row, number) -> opened(row.getBytes(1), row.getBytes(2)))
                .optional();
    }

    private Pair make() {
        try {
            KeyPairGenerator generator = KeyPairGenerator.getInstance("RSA");
            generator.initialize(bits, RANDOM);
            KeyPair pair = generator.generateKeyPair();
            Date from = Date.from(clock.instant().minus(1, ChronoUnit.DAYS));
            Date until = Date.from(
                    clock.today().plusYears(YEARS).atStartOfDay(clock.getZone()).toInstant());
            X509CertificateHolder holder = new JcaX509v3CertificateBuilder(
                            AGENCY, new BigInteger(SERIAL_BITS, RANDOM), from, until, AGENCY, pair.getPublic())
                    .build(new JcaContentSignerBuilder(SIGNED).build(pair.getPrivate()));
            database.sql("insert into signing_key (id, certificate, sealed_key, made_at) values (?, ?, ?, ?)")
                    .params(
                            UUID.randomUUID(),
                            holder.getEncoded(),
                            sealing.seal(pair.getPrivate().getEncoded()),
                            Timestamp.from(clock.instant()))
                    .update();
            return new Pair(pair.getPrivate(), certificate(holder.getEncoded()));
        } catch (GeneralSecurityException | OperatorCreationException | IOException e) {
            throw new IllegalStateException("No key to sign with could be made.", e);
        }
    }

    private Pair opened(byte[] certificate, byte[] sealed) {
        try {
            byte[] key = sealing.open(sealed);
            return new Pair(
                    KeyFactory.getInstance("RSA").generatePrivate(new PKCS8EncodedKeySpec(key)),
                    certificate(certificate));
        } catch (GeneralSecurityException e) {
            throw new IllegalStateException("The key to sign with cannot be opened: is the secret another one?", e);
        }
    }

    private static X509Certificate certificate(byte[] encoded) throws GeneralSecurityException {
        return (X509Certificate)
                CertificateFactory.getInstance("X.509").generateCertificate(new ByteArrayInputStream(encoded));
    }
}
