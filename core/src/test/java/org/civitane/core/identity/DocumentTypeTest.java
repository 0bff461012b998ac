package org.civitane.core.identity;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What is said to count is what the check lets count. */
public class DocumentTypeTest {
    private static final LocalDate ON = LocalDate.of(2026, 9, 14);
    private static final Claimed RUNA =
            new Claimed("Runa", "Ostby", LocalDate.of(1988, 3, 2), Optional.empty(), Optional.empty());

    @DataProvider
    Object[][] accepted() {
        return DocumentType.accepted().stream().map(type -> new Object[] {type}).toArray(Object[][]::new);
    }

    @Test(dataProvider = "accepted")
    public void aDocumentThatShowsAllItsPartsIsUsableAndOneThatLacksADayIsNot(DocumentType type) {
        boolean dated = type.parts().contains(DocumentType.Part.ISSUED_ON);
        boolean ends = type.parts().contains(DocumentType.Part.EXPIRY);
        assertThat(checked(type, dated, ends).faults()).isEmpty();
        assertThat(checked(type, false, ends).isUsable()).isEqualTo(!dated);
        assertThat(checked(type, dated, false).isUsable()).isEqualTo(!ends);
        assertThat(checked(type, dated, ends).category()).isEqualTo(type.category());
    }

    @Test
    public void whatIsInNoListCountsForNothing() {
        DocumentType card = DocumentType.named("PERSON_NUMBER_CARD");
        assertThat(card.category()).isEqualTo(DocumentCategory.NONE);
        assertThat(DocumentType.accepted()).doesNotContain(card);
    }

    @Test
    public void aCardHasABackAndALicenceNoZone() {
        assertThat(DocumentType.named("PASSPORT").hasBack()).isFalse();
        assertThat(DocumentType.named("NATIONAL_ID").hasBack()).isTrue();
        assertThat(DocumentType.named("DRIVING_LICENCE").parts()).doesNotContain(DocumentType.Part.ZONE);
        assertThat(DocumentType.named("LEASE").parts()).isEqualTo(List.of(DocumentType.Part.NAME));
    }

    private static CheckedDocument checked(DocumentType type, boolean dated, boolean ends) {
        IdentityDocument document = new IdentityDocument(
                "d",
                type.code(),
                "Runa Ostby",
                Optional.empty(),
                dated ? Optional.of(ON) : Optional.empty(),
                ends ? Optional.of(ON) : Optional.empty(),
                Optional.empty(),
                Optional.empty());
        return CheckedDocument.of(document, RUNA, ON);
    }
}
