package org.civitane.server.documents;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.security.GeneralSecurityException;
import java.security.MessageDigest;
import java.util.GregorianCalendar;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.interactive.digitalsignature.PDSignature;
import org.bouncycastle.asn1.ASN1EncodableVector;
import org.bouncycastle.asn1.DERSet;
import org.bouncycastle.asn1.cms.Attribute;
import org.bouncycastle.asn1.cms.AttributeTable;
import org.bouncycastle.asn1.cms.CMSAttributes;
import org.bouncycastle.asn1.ess.ESSCertIDv2;
import org.bouncycastle.asn1.ess.SigningCertificateV2;
import org.bouncycastle.asn1.pkcs.PKCSObjectIdentifiers;
import org.bouncycastle.cert.jcajce.JcaCertStore;
import org.bouncycastle.cms.CMSException;
import org.bouncycastle.cms.CMSProcessableByteArray;
import org.bouncycastle.cms.CMSSignedDataGenerator;
import org.bouncycastle.cms.DefaultSignedAttributeTableGenerator;
import org.bouncycastle.cms.jcajce.JcaSignerInfoGeneratorBuilder;
import org.bouncycastle.operator.OperatorCreationException;
import org.bouncycastle.operator.jcajce.JcaContentSignerBuilder;
import org.bouncycastle.operator.jcajce.JcaDigestCalculatorProviderBuilder;
import org.civitane.server.platform.AgencyClock;
import org.springframework.stereotype.Component;

/** Signs documents as PAdES asks (ETSI EN 319 142), so that any reader of PDF tells whether a file was changed. */
@Component
class SignedPdf {
    private static final COSName PADES = COSName.getPDFName("ETSI.CAdES.detached");

    private final SigningKeys keys;
    private final AgencyClock clock;

    SignedPdf(SigningKeys keys, AgencyClock clock) {
        this.keys = keys;
        this.clock = clock;
    }

    /** The same document with a signature over all of it. */
    byte[] of(byte[] pdf, String reason) {
        SigningKeys.Pair pair = keys.current();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (PDDocument document = Loader.loadPDF(pdf)) {
            PDSignature signature = new PDSignature();
            signature.setFilter(PDSignature.FILTER_ADOBE_PPKLITE);
            signature.setSubFilter(PADES);
            signature.setName("Halvern Household Services");
            signature.setReason(reason);
            signature.setSignDate(GregorianCalendar.from(clock.instant().atZone(clock.getZone())));
            document.addSignature(signature, content -> signed(content, pair));
            document.saveIncremental(out);
            return out.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static byte[] signed(InputStream content, SigningKeys.Pair pair) throws IOException {
        try {
            CMSSignedDataGenerator generator = new CMSSignedDataGenerator();
            generator.addSignerInfoGenerator(new JcaSignerInfoGeneratorBuilder(
                            new JcaDigestCalculatorProviderBuilder().build())
                    .setSignedAttributeGenerator(attributes(pair))
                    .build(new JcaContentSignerBuilder(SigningKeys.SIGNED).build(pair.key()), pair.certificate()));
            generator.addCertificates(new JcaCertStore(List.of(pair.certificate())));
            return generator
                    .generate(new CMSProcessableByteArray(content.readAllBytes()), false)
                    .getEncoded();
        } catch (GeneralSecurityException | OperatorCreationException | CMSException e) {
            throw new IOException("It could not be signed.", e);
        }
    }

    /** The certificate is bound into what is signed; the day of signing is the document's own. */
    private static DefaultSignedAttributeTableGenerator attributes(SigningKeys.Pair pair)
            throws GeneralSecurityException {
        byte[] digest =
                MessageDigest.getInstance("SHA-256").digest(pair.certificate().getEncoded());
        ASN1EncodableVector bound = new ASN1EncodableVector();
        bound.add(new Attribute(
                PKCSObjectIdentifiers.id_aa_signingCertificateV2,
                new DERSet(new SigningCertificateV2(new ESSCertIDv2[] {new ESSCertIDv2(digest)}))));
        return new DefaultSignedAttributeTableGenerator(new AttributeTable(bound)) {
            @Override
            @SuppressWarnings("rawtypes")
            public AttributeTable getAttributes(java.util.Map parameters) {
                return super.getAttributes(parameters).remove(CMSAttributes.signingTime);
            }
        };
    }
}
