package org.civitane.server.access;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.UUID;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Accounts of staff, for supervisors; an auditor may read them. */
@RestController
@RequestMapping("/api/accounts")
class StaffAccountController {
    private final StaffAccounts staff;

    StaffAccountController(StaffAccounts staff) {
        this.staff = staff;
    }

    record NewStaff(
            @NotNull @Size(max = 250) String email,
            @NotNull @Size(max = 120) String displayName,
            @NotNull Role role) {}

    record NewRole(@NotNull Role role) {}

    @GetMapping
    List<AccountBook.StaffAccount> all() {
        return staff.all();
    }

    @PostMapping
    List<AccountBook.StaffAccount> make(@RequestBody @Valid NewStaff wish, @AuthenticationPrincipal SignedIn who) {
        staff.make(wish.email(), wish.displayName(), wish.role(), who);
        return staff.all();
    }

    @PutMapping("/{id}/role")
    List<AccountBook.StaffAccount> become(
            @PathVariable UUID id, @RequestBody @Valid NewRole wish, @AuthenticationPrincipal SignedIn who) {
        staff.become(id, wish.role(), who);
        return staff.all();
    }

    @PostMapping("/{id}/close")
    List<AccountBook.StaffAccount> close(@PathVariable UUID id, @AuthenticationPrincipal SignedIn who) {
        staff.close(id, who);
        return staff.all();
    }

    @PostMapping("/{id}/remove-step")
    List<AccountBook.StaffAccount> removeStep(@PathVariable UUID id, @AuthenticationPrincipal SignedIn who) {
        staff.removeStep(id, who);
        return staff.all();
    }

    @PostMapping("/{id}/agree")
    List<AccountBook.StaffAccount> agree(@PathVariable UUID id, @AuthenticationPrincipal SignedIn who) {
        staff.settle(id, true, who);
        return staff.all();
    }

    @PostMapping("/{id}/refuse")
    List<AccountBook.StaffAccount> refuse(@PathVariable UUID id, @AuthenticationPrincipal SignedIn who) {
        staff.settle(id, false, who);
        return staff.all();
    }
}
