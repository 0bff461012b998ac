package org.civitane.server.policies;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** The policy tables in force; anyone may read the law. */
@RestController
class PolicyController {
    private final PolicyStore policies;

    PolicyController(PolicyStore policies) {
        this.policies = policies;
    }

    record PolicyTableVersion(String table, LocalDate effective, Map<String, List<String>> figures) {}

    @GetMapping("/api/policy")
    List<PolicyTableVersion> policy() {
        return policies.book().versions().stream()
                .map(version ->
                        new PolicyTableVersion(version.table(), version.effective(), new TreeMap<>(version.figures())))
                .toList();
    }
}
