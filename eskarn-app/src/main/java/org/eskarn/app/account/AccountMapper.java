package org.eskarn.app.account;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.eskarn.app.page.Units;
import org.jspecify.annotations.Nullable;

@Mapper
interface AccountMapper {

    Optional<Account> byLogin(String login);

    Optional<Account> byId(long id);

    List<Account> all();

    int count();

    void insert(
            @Param("login") String login,
            @Param("name") String name,
            @Param("role") Role role,
            @Param("passwordHash") String passwordHash,
            @Param("createdAt") Instant createdAt);

    /** @return 1 for whoever comes first, ever */
    int claimFirst();

    void setPassword(
            @Param("id") long id,
            @Param("passwordHash") String passwordHash,
            @Param("at") Instant at,
            @Param("byLinkOf") @Nullable String byLinkOf);

    int setActive(@Param("id") long id, @Param("version") int version, @Param("active") boolean active);

    Optional<Units> units(long id);

    void setUnits(@Param("id") long id, @Param("units") Units units);
}
