package org.civitane.server.links;

import java.util.List;
import org.civitane.server.asks.Ask;
import org.civitane.server.dossier.Dossier;
import org.springframework.stereotype.Component;

/** What came from others than the applicant and waits for a caseworker. */
@Component
public class FromOthers {
    private final Remarks remarks;
    private final FormsOnPaper forms;

    FromOthers(Remarks remarks, FormsOnPaper forms) {
        this.remarks = remarks;
        this.forms = forms;
    }

    /** What those who sign say is not right, and nobody has looked at. */
    public List<Remark> remarks(Dossier dossier) {
        return remarks.open(dossier);
    }

    /** What is still owed and has come back on a form that nobody has taken down. */
    public List<Ask> formsBack(Dossier dossier) {
        return forms.open(dossier);
    }
}
