package org.civitane.server;

import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;

import java.util.function.BiConsumer;
import org.civitane.server.access.SignedIn;
import org.civitane.server.claims.ClaimView;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;

/** Opens every page that there is of a claim, on the calling thread and so at its time. */
record EveryPage(MockMvc http, RequestMappingHandlerMapping mappings) {
    /** As whoever applied and as staff, the list of the applicant's claims among them. */
    void of(ClaimView claim, SignedIn applicant, SignedIn staff, BiConsumer<String, MockHttpServletResponse> opened)
            throws Exception {
        for (Endpoints.Call call : Endpoints.of(mappings)) {
            boolean mine = call.path().startsWith("/api/my/claims/{id}");
            if (call.method().equals("GET")
                    && (mine || call.path().startsWith("/api/claims/{id}"))
                    && call.path().indexOf('{') == call.path().lastIndexOf('{')) {
                String path = call.path().replace("{id}", claim.id().toString());
                opened.accept(path, answer(path, mine ? applicant : staff));
            }
        }
        opened.accept("/api/my/claims", answer("/api/my/claims", applicant));
    }

    private MockHttpServletResponse answer(String path, SignedIn who) throws Exception {
        return http.perform(get(path).with(PageRequests.as(who))).andReturn().getResponse();
    }
}
