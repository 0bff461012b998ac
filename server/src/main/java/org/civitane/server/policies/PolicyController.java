package org.civitane.server.policies;

import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** The policy tables in words; anyone may read the law. */
@RestController
class PolicyController {
    private final PolicyStore policies;

    PolicyController(PolicyStore policies) {
        this.policies = policies;
    }

    @GetMapping("/api/policy")
    List<PolicyWords.PolicyTable> policy() {
        return PolicyWords.of(policies.book().versions());
    }
}
