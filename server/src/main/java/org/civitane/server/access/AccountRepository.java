package org.civitane.server.access;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface AccountRepository extends Repository<Account, UUID> {
    Account saveAndFlush(Account account);

    Optional<Account> findById(UUID id);

    Optional<Account> findByEmail(String email);

    List<Account> findByRoleIn(List<Role> roles);
}
